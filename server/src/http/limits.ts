import { MINUTE_MS } from '@obrik/core/units';
import { rateLimit } from 'express-rate-limit';
import type { RequestHandler } from 'express';
import { HttpProblem } from './problem';

const tooMany = new HttpProblem(
  429,
  'Too many at once',
  'More is asked than one device asks. Wait a minute, then go on: nothing is lost.',
);

/** So many requests of an address and method from one device a minute. */
const perMinute = (limit: number): RequestHandler =>
  rateLimit({
    windowMs: MINUTE_MS,
    limit,
    standardHeaders: true,
    legacyHeaders: false,
    handler: (_request, _response, next) => next(tooMany),
  }) as RequestHandler;

/** What one device may ask a minute, by path: the first that fits holds. */
export const LIMITS: readonly { readonly path: RegExp; readonly perMinute: number }[] = [
  { path: /^\/pairing/, perMinute: 10 },
  { path: /^\/pieces\/[^/]+\/photos$/, perMinute: 60 },
  { path: /^\/entries$/, perMinute: 6000 },
];

/** Holds each device to the limits. */
export const withinLimits = (): RequestHandler => {
  const all = LIMITS.map((it) => ({ path: it.path, limit: perMinute(it.perMinute) }));
  return (request, response, next) => {
    const found =
      request.method === 'POST' ? all.find((it) => it.path.test(request.path)) : undefined;
    if (found) return found.limit(request, response, next);
    next();
  };
};
