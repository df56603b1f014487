import type { Prepared } from './builder';
import type { Link, Wait } from './problem';

/** Label minutes stand for themselves: ranking needs no more. */
const usual = ({ minutes }: Wait): number => minutes;

/** Jobs so that what comes before stands before; those of a circle come last. */
export const inTurn = ({ problem, into, out }: Prepared): readonly number[] => {
  const open = into.map((of) => of.length);
  const turn = open.flatMap((count, job) => (count === 0 ? [job] : []));
  for (let at = 0; at < turn.length; at++) {
    for (const place of out[turn[at] as number] ?? []) {
      const { after } = problem.links[place] as Link;
      open[after] = (open[after] ?? 0) - 1;
      if (open[after] === 0) turn.push(after);
    }
  }
  return turn;
};

/** By job: minutes from its beginning to the end of all that rests on it, work and waits. */
export const tailsOf = (prepared: Prepared): Float64Array => {
  const { problem, out } = prepared;
  const tails = new Float64Array(problem.jobs.length);
  for (const job of [...inTurn(prepared)].reverse()) {
    let after = 0;
    for (const place of out[job] ?? []) {
      const link = problem.links[place] as Link;
      after = Math.max(after, usual(link.min) + (tails[link.after] as number));
    }
    tails[job] = (problem.jobs[job]?.work ?? 0) + after;
  }
  return tails;
};

const DAY = 24 * 60;

/**
 * Rankings worth trying, the likeliest first: who has most still to come; the same by due date; coats
 * before other work; one piece after the other.
 */
export const rankings = (prepared: Prepared): readonly Float64Array[] => {
  const { problem } = prepared;
  const tails = tailsOf(prepared);
  const longest = tails.reduce((most, it) => Math.max(most, it), 0);
  const by = (of: (job: number, tail: number) => number): Float64Array =>
    Float64Array.from(tails, (tail, job) => of(job, tail));
  const dueOf = (job: number): number =>
    problem.projects[problem.jobs[job]?.project ?? -1]?.due ?? problem.from + 365 * DAY;
  return [
    by((_, tail) => -tail),
    by((job, tail) => dueOf(job) - tail),
    by((job, tail) => -tail - (problem.jobs[job]?.wet ? longest / 4 : 0)),
    by((job, tail) => (problem.jobs[job]?.project ?? 0) * longest * 2 - tail),
  ];
};
