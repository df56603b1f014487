import { read } from '@obrik/core/piece';
import type { DeepReadonly } from '@obrik/core/effect';
import express, { type IRouter, type Request, type Response } from 'express';
import type { z } from 'zod';
import { PHOTO_LIMIT } from '../photos/limit';
import { HttpProblem, invalid } from './problem';

/** Types of bodies that are no JSON. */
interface Content {
  readonly body?: 'image/*';
  readonly reply?: 'image/jpeg' | 'application/pdf' | 'text/calendar';
}

/** One address of the API: what it takes, what it gives. Router and OpenAPI are made of it. */
export interface Endpoint {
  readonly method: 'get' | 'post' | 'delete';
  /** Path below /api, with parameters in braces: /pieces/{pieceId}. */
  readonly path: string;
  readonly summary: string;
  readonly query?: z.ZodObject;
  readonly body?: z.ZodType;
  readonly content: Content;
  readonly status: number;
  readonly reply: z.ZodType;
  /** Errors it may answer with, besides those of every endpoint. */
  readonly errors: readonly number[];
  readonly handle: (
    request: Request,
    response: Response,
    read: { readonly body: unknown; readonly query: unknown; readonly bytes: Buffer | undefined },
  ) => Promise<unknown>;
}

/** What is asked of an endpoint, already read by its schemas. */
interface Asked<Q extends z.ZodObject, B extends z.ZodType> {
  /** A parameter of the path. */
  readonly parameter: (name: string) => string;
  readonly query: z.output<Q>;
  readonly body: z.output<B>;
  /** A body that is no JSON. */
  readonly bytes: Buffer | undefined;
  /** For who asks, and for cookies; what is answered is what the handler returns. */
  readonly request: Request;
  readonly response: Response;
}

interface Described<Q extends z.ZodObject, B extends z.ZodType, R extends z.ZodType> {
  readonly method: Endpoint['method'];
  readonly path: string;
  readonly summary: string;
  readonly query?: Q;
  readonly body?: B;
  readonly content?: Content;
  readonly status?: number;
  readonly reply: R;
  readonly errors?: readonly number[];
  readonly handle: (
    asked: Asked<Q, B>,
  ) => Promise<DeepReadonly<z.input<R>>> | DeepReadonly<z.input<R>>;
}

/** A photo never changes under its address; a paper is set anew each time. */
const CACHED: Readonly<Record<NonNullable<Content['reply']>, string>> = {
  'image/jpeg': 'private, max-age=31536000, immutable',
  'application/pdf': 'no-store',
  'text/calendar': 'no-store',
};

const parameterOf =
  (request: Request) =>
  (name: string): string => {
    const value = request.params[name];
    if (typeof value !== 'string') throw new Error(`The path has no parameter ${name}.`);
    if (/[\u0000-\u001f]/.test(value)) {
      throw new HttpProblem(400, 'Malformed address', 'The address holds a control character.');
    }
    return value;
  };

/** Describes an endpoint; the handler gets its body already read by the schema. */
export const endpoint = <Q extends z.ZodObject, B extends z.ZodType, R extends z.ZodType>(
  it: Described<Q, B, R>,
): Endpoint => ({
  method: it.method,
  path: it.path,
  summary: it.summary,
  query: it.query,
  body: it.body,
  content: it.content ?? {},
  status: it.status ?? 200,
  reply: it.reply,
  errors: it.errors ?? [],
  handle: async (request, response, { body, query, bytes }) =>
    it.handle({
      request,
      response,
      parameter: parameterOf(request),
      query: query as z.output<Q>,
      body: body as z.output<B>,
      bytes,
    }),
});

const mustRead = (schema: z.ZodType, data: unknown): unknown => {
  const result = read(schema, data);
  if (!result.ok) throw invalid(result.problems);
  return result.value;
};

const readBody = (schema: z.ZodType, request: Request): unknown => {
  if (request.body === undefined) {
    throw new HttpProblem(400, 'No body', 'Send JSON with "Content-Type: application/json".');
  }
  return mustRead(schema, request.body);
};

/** Lets a router answer the endpoints. */
export const answer = (router: IRouter, endpoints: readonly Endpoint[]): void => {
  for (const it of endpoints) {
    const path = it.path.replace(/\{(\w+)\}/g, ':$1');
    if (it.content.body) {
      router.use(path, express.raw({ type: it.content.body, limit: PHOTO_LIMIT }));
    }
    router[it.method](path, async (request, response) => {
      const reply = await it.handle(request, response, {
        body: it.body ? readBody(it.body, request) : undefined,
        query: it.query ? mustRead(it.query, request.query) : undefined,
        bytes: Buffer.isBuffer(request.body) && request.body.length > 0 ? request.body : undefined,
      });
      response.status(it.status);
      if (it.content.reply) {
        response.type(it.content.reply).set('Cache-Control', CACHED[it.content.reply]);
        response.send(reply);
      } else response.json(reply);
    });
  }
};
