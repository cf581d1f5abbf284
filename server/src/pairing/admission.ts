import type { NextFunction, Request, Response } from 'express';
import type { PairingService } from './pairing.service';

export const tokenCookie = 'crustallum-device';
const own = new Set(['127.0.0.1', '::1', '::ffff:127.0.0.1']);

/** Asked on this machine itself. */
export const isAtHome = (request: Request): boolean => own.has(request.socket.remoteAddress ?? '');

const tokenOf = ({ headers }: Request): string | undefined =>
  headers.cookie
    ?.split(';')
    .map((c) => c.trim().split('='))
    .find(([name]) => name === tokenCookie)?.[1];

/**
 * Another machine reaches nothing of the data before it was let in; the pages themselves, and the place to press in the digits,
 * it does. One that was shut out is told so, so that it forgets what it kept.
 */
export function letInOnly(pairing: PairingService, atHome: (request: Request) => boolean) {
  return (request: Request, response: Response, next: NextFunction): void => {
    if (!request.path.startsWith('/api') || request.path === '/api/pairing/enter' || atHome(request)) return next();
    pairing.admit(tokenOf(request)).then((admitted) => {
      if (admitted && admitted !== 'shutOut') {
        // who is in lets nobody else in, and shuts nobody out
        if (request.path.startsWith('/api/pairing')) return deny(response, 403, 'not_at_home');
        pairing.talksOver(admitted.device.id, request.socket);
        return next();
      }
      deny(response, 401, admitted === 'shutOut' ? 'shut_out' : 'not_let_in');
    }, next);
  };
}

const deny = (response: Response, status: number, code: string): void =>
  void response.status(status).json({ ok: false, errors: [{ field: '', code }] });
