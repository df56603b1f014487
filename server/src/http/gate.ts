import type { RequestHandler } from 'express';
import { HttpProblem } from './problem';

const LOOPBACK = ['127.0.0.1', 'localhost', '[::1]'] as const;

/** Is it this machine alone that can reach an address that is listened on? */
export const isLoopback = (host: string): boolean =>
  ['127.0.0.1', 'localhost', '::1'].includes(host);

const nameOf = (host: string): string => host.replace(/:\d+$/, '').toLowerCase();

const notFromHere = new HttpProblem(
  403,
  'Not from here',
  'This address is not one of Obrik’s. Open it under the address that the server printed at its start; other names are told to it in NAMES.',
);

const fromElsewhere = new HttpProblem(
  403,
  'From another page',
  'Another page asked for this. Obrik answers its own pages only.',
);

/**
 * Lets in what comes under a name of ours and from a page of ours. A page elsewhere can make a
 * browser ask here, and can make its own name point here; it can't forge Host and Origin.
 * @param names under which Obrik may be reached, beside those of this machine
 */
export const ownPagesOnly = (names: readonly string[]): RequestHandler => {
  const own = new Set<string>([...LOOPBACK, ...names.map((it) => it.toLowerCase())]);
  return (request, _response, next) => {
    const { host = '', origin } = request.headers;
    if (!own.has(nameOf(host))) throw notFromHere;
    if (origin !== undefined && origin !== `http://${host}` && origin !== `https://${host}`) {
      throw fromElsewhere;
    }
    if (request.headers['sec-fetch-site'] === 'cross-site' && request.method !== 'GET') {
      throw fromElsewhere;
    }
    next();
  };
};
