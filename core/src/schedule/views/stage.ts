import { workStage, type Case, type WorkStage } from '../../case';
import type { Minute } from '../../climate';
import type { DryingNow } from './drying';
import { isStillWet, nextStep } from './mayBegin';

/** Where a piece stands, as people say it. */
export type Stage =
  | WorkStage
  /** Something dries, and nothing can be done on it until then; null where that has no end in this air. */
  | { readonly kind: 'waiting'; readonly until: Minute | null };

/**
 * Where a piece stands at a time.
 * @param drying what dries on it now
 */
export const stageOf = (
  of: Pick<Case, 'piece' | 'route' | 'steps'>,
  drying: readonly DryingNow[],
  now: Minute,
): Stage => {
  const stage = workStage(of);
  if (stage.kind !== 'underWay') return stage;
  const isGoingOn = of.piece.done.some((it) => it.endedAt === null);
  const next = isGoingOn ? undefined : nextStep(of, drying, now);
  if (next) return { ...stage, step: of.steps.numbers.get(next.id) ?? stage.step };
  const wet = drying.filter((it) => isStillWet(it, now));
  if (isGoingOn || wet.length === 0) return stage;
  const soonest = Math.min(...wet.map((it) => it.opens?.expected ?? Infinity));
  return { kind: 'waiting', until: Number.isFinite(soonest) ? soonest : null };
};
