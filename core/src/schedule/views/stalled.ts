import type { Coating } from '../../catalog';
import { airAt, misfitsFor, type Misfit } from '../../climate';
import type { Prepared } from '../solver/board';
import type { ShopProblem } from '../model/fromRoutes';
import { waitEnds, type Job, type JobLink, type JobPlan } from '../model/problem';
import { stepOf, type Step } from './step';

/** Why a step has no time, as things are: told by what it is. */
export type StalledBy =
  /** What comes before it never dries in this air. */
  | { readonly kind: 'drying'; readonly title: string }
  /** The air of no hour in which somebody works can take this coat, or the coat would never dry in it. */
  | { readonly kind: 'air'; readonly coating: Coating; readonly wrong: readonly Misfit['kind'][] }
  /** Nobody has a stretch of hours long enough for it. */
  | { readonly kind: 'hours' }
  /** It comes after a step that has no time either. */
  | { readonly kind: 'after'; readonly title: string };

/** A step that waits without end, as things are. */
export interface Stalled {
  readonly pieceId: string;
  readonly name: string;
  readonly operation: Step;
  readonly by: StalledBy;
}

/** What is wrong with the air for a coat, in the space where least is. */
const wrongFor = ({ airs, problem }: ShopProblem, coating: Coating): readonly Misfit['kind'][] =>
  airs
    .map((it) => misfitsFor(coating, airAt(it, problem.from)))
    .sort((a, b) => a.length - b.length)[0]
    ?.map((it) => it.kind) ?? [];

/**
 * The steps that a plan has no time for, each with what stalls it. A wait without end is a state and
 * never a date: what rests on it has none.
 */
export const stalledIn = (
  of: ShopProblem,
  { problem, readers, into }: Prepared,
  { bookings }: JobPlan,
): readonly Stalled[] => {
  const { meanings } = of;
  const titleOf = (job: number): string =>
    meanings[job]?.operation?.title ?? meanings[job]?.done?.title ?? '';

  const byLink = (place: number): StalledBy | null => {
    const { before, min } = problem.links[place] as JobLink;
    const booking = bookings[before];
    if (!booking) {
      // A milestone hands on what stalls it.
      return meanings[before]?.operation
        ? { kind: 'after', title: titleOf(before) }
        : stalledBy(before);
    }
    const space = problem.jobs[before]?.ways[booking.way]?.space ?? null;
    return Number.isFinite(waitEnds(problem, min, booking.end, space))
      ? null
      : { kind: 'drying', title: titleOf(before) };
  };

  const byItself = (index: number, job: Job): StalledBy => {
    const { operation } = meanings[index] ?? {};
    const coating = operation ? operation.coating : null;
    const hasHours = job.ways.some((it) => {
      const reader = readers[it.hours ?? it.calendar];
      const minutes = job.work + job.setUp;
      return reader?.room(job.release, minutes, job.whole && minutes <= reader.longest);
    });
    return coating !== null && hasHours
      ? { kind: 'air', coating, wrong: wrongFor(of, coating) }
      : { kind: 'hours' };
  };

  const known = new Map<number, StalledBy>();
  const stalledBy = (index: number): StalledBy => {
    const old = known.get(index);
    if (old) return old;
    const reasons = (into[index] ?? []).flatMap((place) => byLink(place) ?? []);
    // What dries without end says more than what comes after it.
    const reason =
      reasons.find((it) => it.kind !== 'after') ??
      reasons[0] ??
      byItself(index, problem.jobs[index] as Job);
    known.set(index, reason);
    return reason;
  };

  return bookings.flatMap((booking, job): Stalled[] => {
    const { operation, pieceId } = meanings[job] ?? {};
    if (booking || !operation || pieceId === undefined) return [];
    const name = problem.projects[problem.jobs[job]?.project ?? -1]?.name ?? '';
    return [{ pieceId, name, operation: stepOf(operation), by: stalledBy(job) }];
  });
};
