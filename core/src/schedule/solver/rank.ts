import { DAY } from '../../units';
import { waitEnds, type JobLink, type Wait } from '../model/problem';
import type { Prepared } from './board';

/** Label minutes stand for themselves: ranking needs no more. */
const usual = ({ minutes }: Wait): number => minutes;

/** Jobs so that what comes before stands before; those of a circle come last. */
export const byRank = ({ problem, into, out }: Prepared): readonly number[] => {
  const open = into.map((of) => of.length);
  const turn = open.flatMap((count, job) => (count === 0 ? [job] : []));
  for (let at = 0; at < turn.length; at++) {
    for (const place of out[turn[at] as number] ?? []) {
      const { after } = problem.links[place] as JobLink;
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
  for (const job of [...byRank(prepared)].reverse()) {
    let after = 0;
    for (const place of out[job] ?? []) {
      const link = problem.links[place] as JobLink;
      after = Math.max(after, usual(link.min) + (tails[link.after] as number));
    }
    tails[job] = (problem.jobs[job]?.work ?? 0) + after;
  }
  return tails;
};

/**
 * By job: when the window of a coat that is on already closes; Infinity where none does. Nothing else
 * can be moved for it, so it comes before everything that has time.
 */
const pressing = ({ problem }: Prepared): Float64Array => {
  const closes = Float64Array.from(problem.jobs, () => Infinity);
  for (const { before, after, max } of problem.links) {
    const fixed = problem.jobs[before]?.fixed;
    if (!max || !fixed) continue;
    const space = problem.jobs[before]?.ways[fixed.way]?.space ?? null;
    const at = waitEnds(problem, max, fixed.end, space);
    // What is closed already hurries nobody.
    if (at > problem.from) closes[after] = Math.min(closes[after] as number, at);
  }
  return closes;
};

/** Ranks before everything that does not press. */
const FIRST_OF_ALL = 1e12;

/**
 * Rankings worth trying, the likeliest first: who has most still to come; the same by due date; coats
 * before other work; one piece after the other.
 */
export const rankings = (prepared: Prepared): readonly Float64Array[] => {
  const { problem } = prepared;
  const tails = tailsOf(prepared);
  const longest = tails.reduce((most, it) => Math.max(most, it), 0);
  const closes = pressing(prepared);
  const by = (of: (job: number, tail: number) => number): Float64Array =>
    Float64Array.from(tails, (tail, job) => {
      const until = closes[job] as number;
      return until < Infinity ? until - FIRST_OF_ALL : of(job, tail);
    });
  const dueOf = (job: number): number =>
    problem.projects[problem.jobs[job]?.project ?? -1]?.due ?? problem.from + 365 * DAY;
  return [
    by((_, tail) => -tail),
    by((job, tail) => dueOf(job) - tail),
    by((job, tail) => -tail - (problem.jobs[job]?.wet ? longest / 4 : 0)),
    by((job, tail) => (problem.jobs[job]?.project ?? 0) * longest * 2 - tail),
  ];
};
