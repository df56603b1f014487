import type { Answer } from '../solver/improve';
import type { ScheduleProblem } from './problem';

/**
 * A plan that misses windows for recoating needs a scuff first: the coats that come too late take
 * longer by it, and nothing presses on them any more.
 * @returns the problem with the scuffs, and by job their minutes; the same problem where none is missed
 */
export const withScuffs = (
  problem: ScheduleProblem,
  { outcome }: Answer,
): { readonly problem: ScheduleProblem; readonly scuffs: ReadonlyMap<number, number> } => {
  const scuffs = new Map<number, number>();
  for (const { link } of outcome.missed) {
    scuffs.set(link.after, Math.max(scuffs.get(link.after) ?? 0, link.missed ?? 0));
  }
  if (scuffs.size === 0) return { problem, scuffs };
  const missed = new Set(outcome.missed.map((it) => it.link));
  return {
    problem: {
      ...problem,
      jobs: problem.jobs.map((it, job) => ({ ...it, work: it.work + (scuffs.get(job) ?? 0) })),
      links: problem.links.map((it) => (missed.has(it) ? { ...it, max: null } : it)),
    },
    scuffs,
  };
};
