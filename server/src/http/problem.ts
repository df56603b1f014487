import type { Problem } from '@obrik/core/piece';
import type { ErrorRequestHandler, RequestHandler } from 'express';
import { z } from 'zod';

/** Body of an error, by RFC 9457 (application/problem+json). */
export const problemDocument = z.object({
  type: z.string(),
  title: z.string(),
  status: z.int(),
  detail: z.string(),
  problems: z.array(z.object({ path: z.string(), message: z.string() })),
});
export type ProblemDocument = z.infer<typeof problemDocument>;

/** An error that the client can do something about. */
export class HttpProblem extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    detail: string,
    readonly problems: readonly Problem[] = [],
  ) {
    super(detail);
  }

  get document(): ProblemDocument {
    return {
      type: 'about:blank',
      title: this.title,
      status: this.status,
      detail: this.message,
      problems: [...this.problems],
    };
  }
}

export const notFound = (what: string): HttpProblem =>
  new HttpProblem(404, 'Not found', `There is no ${what}.`);

export const invalid = (problems: readonly Problem[]): HttpProblem =>
  new HttpProblem(
    422,
    'Not as it should be',
    `${problems.length === 1 ? 'One thing has' : `${problems.length} things have`} to be put right; see "problems".`,
    problems,
  );

export const outdated = (given: number, current: number): HttpProblem =>
  new HttpProblem(
    409,
    'Changed meanwhile',
    `This piece is at revision ${current}, you asked for revision ${given}. Load it again and repeat.`,
    [{ path: 'revision', message: `Is ${given}, has to be ${current}.` }],
  );

/** What the parser says of a body whose packing is broken. */
const isPackingError = (error: unknown): boolean =>
  error instanceof Error && 'code' in error && /^(Z_|ERR_BUFFER)/.test(String(error.code));

/** What Express's body parser reports, in our words. */
const fromParser = (error: unknown): HttpProblem | undefined => {
  const type =
    typeof error === 'object' && error !== null && 'type' in error ? String(error.type) : '';
  if (type === 'entity.too.large') {
    const limit =
      typeof error === 'object' && error !== null && 'limit' in error ? Number(error.limit) : 0;
    return new HttpProblem(
      413,
      'Too large',
      `The body is over ${Math.round(limit / 1024 / 1024)} MB. Send less at a time.`,
    );
  }
  if (type === 'entity.parse.failed') {
    return new HttpProblem(
      400,
      'Malformed JSON',
      'The body is not JSON. Check commas, quotes and brackets.',
    );
  }
  if (type === 'encoding.unsupported' || type === 'charset.unsupported') {
    return new HttpProblem(415, 'Unsupported encoding', 'Send JSON in UTF-8.');
  }
  if (type === 'request.aborted' || isPackingError(error)) {
    return new HttpProblem(400, 'Broken body', 'The body can’t be unpacked, or was cut off.');
  }
  if (error instanceof URIError) {
    return new HttpProblem(400, 'Malformed address', 'The address holds a broken % sequence.');
  }
  return undefined;
};

/** What SQLite can't write, in words: reading goes on. */
const fromDisk = (error: unknown): HttpProblem | undefined => {
  const said = String(error);
  if (/SQLITE_FULL|ENOSPC/.test(said)) {
    return new HttpProblem(
      503,
      'Disk full',
      'The disk of the shop’s server is full: nothing was stored. Make room, then send it again.',
    );
  }
  if (/SQLITE_READONLY|SQLITE_IOERR|EROFS/.test(said)) {
    return new HttpProblem(
      503,
      'Can’t write',
      'The shop’s server can’t write to its disk: nothing was stored. Reading still works.',
    );
  }
  return undefined;
};

/** For addresses below /api that nothing answers. */
export const noSuchAddress: RequestHandler = (request) => {
  throw new HttpProblem(
    404,
    'Not found',
    `Nothing answers ${request.method} ${request.baseUrl}${request.path}. See /api/openapi.json.`,
  );
};

/** Turns every error into a problem document; what is our own fault is logged, not told. */
export const sendProblem =
  (log: (error: unknown) => void): ErrorRequestHandler =>
  (error, _request, response, next) => {
    if (response.headersSent) return next(error);
    const known = error instanceof HttpProblem ? error : (fromParser(error) ?? fromDisk(error));
    if (!known) log(error);
    const problem =
      known ??
      new HttpProblem(
        500,
        'Our fault',
        'Something went wrong here. Nothing was stored; try again.',
      );
    response
      .status(problem.status)
      .type('application/problem+json')
      .send(JSON.stringify(problem.document));
  };
