import type { z } from 'zod';

/** What is wrong, where (a dotted path into the data), and so what to do. */
export interface Problem {
  readonly path: string;
  readonly message: string;
}

/** Either a value or the problems that stood in its way. */
export type Result<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly problems: readonly Problem[] };

export const good = <T>(value: T): Result<T> => ({ ok: true, value });
export const bad = (path: string, message: string): Result<never> => ({
  ok: false,
  problems: [{ path, message }],
});

/** The problems that a schema found, with paths like "piece.measures.width". */
export const problemsOf = (error: z.ZodError): readonly Problem[] =>
  error.issues.map((issue) => ({ path: issue.path.map(String).join('.'), message: issue.message }));

/** Reads unknown data by a schema. */
export const read = <S extends z.ZodType>(schema: S, data: unknown): Result<z.output<S>> => {
  const parsed = schema.safeParse(data);
  return parsed.success ? good(parsed.data) : { ok: false, problems: problemsOf(parsed.error) };
};
