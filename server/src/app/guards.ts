import type { NextFunction, Request, Response } from 'express';
import helmet from 'helmet';

const own = ["'self'"];

/** Everything from ourselves; inline styles only because the dialog primitive locks scrolling with one. */
export const strictHeaders = helmet({
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

/** Refuses requests whose Host or Origin is not this machine (or the host the cook asked for): no other page may reach the data. */
export function ownHostsOnly(allowed: readonly string[]) {
  const names = new Set(['127.0.0.1', 'localhost', '[::1]', ...allowed]);
  const hostOf = (value: string): string => value.replace(/:\d+$/, '');
  return (request: Request, response: Response, next: NextFunction): void => {
    const host = hostOf(request.headers.host ?? '');
    const origin = request.headers.origin;
    const originHost = origin === undefined ? null : hostOf(origin.replace(/^https?:\/\//, ''));
    if (names.has(host) && (originHost === null || names.has(originHost))) return next();
    response.status(403).json({
      ok: false,
      errors: [
        {
          field: names.has(host) ? 'Origin' : 'Host',
          code: 'foreign',
          value: names.has(host) ? origin : host,
          allowed: [...names],
        },
      ],
    });
  };
}
