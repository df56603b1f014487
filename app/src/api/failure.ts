import type { Problem } from '@obrik/core/piece';

interface Failure {
  readonly text: string;
  readonly problems: readonly Problem[];
}

const isObject = (it: unknown): it is Record<string, unknown> =>
  typeof it === 'object' && it !== null;

const problemsIn = (data: unknown): readonly Problem[] =>
  isObject(data) && Array.isArray(data.problems) ? (data.problems as Problem[]) : [];

/** What to tell the user about a request that failed. */
export const failureOf = (error: unknown): Failure => {
  if (!isObject(error)) return { text: 'Something went wrong. Try again.', problems: [] };
  if (error.status === 'FETCH_ERROR' || error.status === 'TIMEOUT_ERROR') {
    return {
      text: 'No connection to the shop’s server. Nothing is lost; try again when it is back.',
      problems: [],
    };
  }
  if (error.status === 409) {
    return {
      text: 'This piece was changed elsewhere meanwhile. It is loaded again; repeat your change.',
      problems: [],
    };
  }
  const { data } = error;
  const detail = isObject(data) && typeof data.detail === 'string' ? data.detail : undefined;
  const problems = problemsIn(data);
  return {
    text: problems[0]?.message ?? detail ?? 'The server could not do that. Try again.',
    problems,
  };
};
