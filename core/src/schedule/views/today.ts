import type { AirMend, Minute } from '../../climate';
import type { Operation } from '../../route';
import { stepOf, type Step } from './step';
import type { ShopProblem } from '../model/fromRoutes';
import { waitEnds, type Job, type JobLink } from '../model/problem';

/** An operation that could be begun now, as far as its own piece goes. */
export interface Ready {
  readonly pieceId: string;
  readonly name: string;
  readonly operation: Step;
  readonly minutes: number;
  /** The wet coat that it would make dust beside, wherever it is done; null where there is none. */
  readonly beside: { readonly kind: 'wetBeside'; readonly name: string } | null;
  /** The air of none of the spaces bears it now: what would mend it; empty where one does. */
  readonly mends: readonly AirMend[];
  /** Until when it has to be begun, so that no scuff is needed; null where nothing presses. */
  readonly closes: Minute | null;
}

/**
 * What can be begun now, whatever the hours: all that comes before it is done and dry. Those that
 * press come first, then those with most to do after them in their piece.
 * @param mends what would mend the air for an operation now; empty where it is fit
 */
export const readyNow = (
  { problem, meanings }: ShopProblem,
  mends: (operation: Operation) => readonly AirMend[],
): readonly Ready[] => {
  const { jobs, links, from: now } = problem;
  const into = new Map<number, JobLink[]>();
  for (const it of links) {
    const list = into.get(it.after);
    if (list) list.push(it);
    else into.set(it.after, [it]);
  }
  const spaceOf = (job: Job): number | null => job.ways[job.fixed?.way ?? 0]?.space ?? null;
  const known = new Map<number, boolean>();
  /** All before it is done and dry; a milestone hands on what is before it. */
  const isOpen = (index: number): boolean => {
    const old = known.get(index);
    if (old !== undefined) return old;
    const open = (into.get(index) ?? []).every(({ before, min }) => {
      const { operation, done } = meanings[before] ?? {};
      const job = jobs[before];
      if (!job || operation) return false;
      if (!done) return isOpen(before);
      return waitEnds(problem, min, job.fixed?.end ?? now, spaceOf(job)) <= now;
    });
    known.set(index, open);
    return open;
  };
  const closesFor = (index: number): Minute | null =>
    (into.get(index) ?? []).reduce<Minute | null>((soonest, { before, max }) => {
      const job = jobs[before];
      if (!max || !job?.fixed) return soonest;
      return Math.min(soonest ?? Infinity, waitEnds(problem, max, job.fixed.end, spaceOf(job)));
    }, null);
  const wet = jobs.flatMap((job, index) => {
    if (!job.wet || !job.fixed) return [];
    const space = spaceOf(job);
    const until = waitEnds(problem, job.wet, job.fixed.end, space);
    return until > now ? [{ index, space }] : [];
  });
  return jobs
    .flatMap((job, index): Ready[] => {
      const { operation, pieceId } = meanings[index] ?? {};
      if (!operation || pieceId === undefined || !isOpen(index) || job.fixed) return [];
      const spaces = new Set(job.ways.map((it) => it.space));
      const besides = job.makesDust
        ? wet.filter((it) => [...spaces].every((space) => space === it.space))
        : [];
      const [first] = besides;
      return [
        {
          pieceId,
          name: problem.projects[job.project]?.name ?? '',
          operation: stepOf(operation),
          minutes: job.work + job.setUp,
          beside: first
            ? {
                kind: 'wetBeside',
                name: problem.projects[jobs[first.index]?.project ?? -1]?.name ?? '',
              }
            : null,
          mends: mends(operation),
          closes: closesFor(index),
        },
      ];
    })
    .sort((a, b) => (a.closes ?? Infinity) - (b.closes ?? Infinity));
};
