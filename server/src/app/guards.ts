import type { NextFunction, Request, Response } from 'express';
import helmet from 'helmet';
import { hostname, networkInterfaces } from 'node:os';

const own = ["'self'"];

/** Everything from ourselves; inline styles only because the dialog primitive locks scrolling with one. */
const headersOf = (secure: boolean) =>
  helmet({
    strictTransportSecurity: secure,
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: own,
        scriptSrc: own,
        styleSrc: [...own, "'unsafe-inline'"],
        imgSrc: [...own, 'data:', 'blob:'],
        fontSrc: own,
        connectSrc: own,
        workerSrc: own,
        manifestSrc: own,
        objectSrc: ["'none'"],
        baseUri: own,
        formAction: own,
        frameAncestors: ["'none'"],
      },
    },
  });
const [plainHeaders, secureHeaders] = [headersOf(false), headersOf(true)];

/** The strict headers; a browser is told to insist on TLS only where it came by TLS. */
export const strictHeaders = (request: Request, response: Response, next: NextFunction): void =>
  (request.secure ? secureHeaders : plainHeaders)(request, response, next);

const everywhere = new Set(['0.0.0.0', '::', '[::]']);

/** The names this machine is asked under when it listens on `host`: itself, and, on every address, its own addresses. */
export function namesOf(host: string): string[] {
  const bracketed = (address: string) => (address.includes(':') && !address.startsWith('[') ? `[${address}]` : address);
  if (!everywhere.has(host)) return [bracketed(host)];
  const addresses = Object.values(networkInterfaces()).flatMap((list) => (list ?? []).map((i) => i.address));
  return [hostname(), ...addresses.map((a) => bracketed(a.split('%')[0] as string))];
}

/**
 * Refuses requests under a name that is not this machine's (or one the cook asked for), and those sent by a page of another
 * address or port: no other page may reach the data.
 */
export function ownHostsOnly(allowed: readonly string[]) {
  const names = new Set(['127.0.0.1', 'localhost', '[::1]', ...allowed.map((name) => name.toLowerCase())]);
  const nameOf = (host: string): string => host.toLowerCase().replace(/:\d+$/, '');
  return (request: Request, response: Response, next: NextFunction): void => {
    const { host = '', origin } = request.headers;
    const known = names.has(nameOf(host));
    const sameOrigin = origin === undefined || origin.toLowerCase().replace(/^https?:\/\//, '') === host.toLowerCase();
    if (known && sameOrigin) return next();
    response.status(403).json({
      ok: false,
      errors: [
        {
          field: known ? 'Origin' : 'Host',
          code: 'foreign',
          value: known ? origin : host,
          allowed: known ? [host] : [...names],
        },
      ],
    });
  };
}
