import { caseOf, type Case } from '../case';
import type { Minute } from '../climate';
import type { Piece, Shop } from '../piece';
import { dryingNow, type Drying } from './drying';
import { isStillWet, nextStep } from './mayBegin';

/** Where a piece stands, as people say it. */
export type Stage =
  | { readonly kind: 'looking' | 'planned' | 'finished' | 'forSale' | 'handedOver' | 'sold' }
  /** Step n of m is next, or going on. */
  | { readonly kind: 'underWay'; readonly step: number; readonly of: number }
  /** Something dries, and nothing can be done on it till then; null where that has no end. */
  | { readonly kind: 'waiting'; readonly until: Minute | null };

/**
 * Where a piece stands.
 * @param drying what dries on it now
 */
export const stageOf = (
  of: Pick<Case, 'piece' | 'route' | 'steps'>,
  drying: readonly Drying[],
  now: Minute,
): Stage => {
  const { piece, route, steps } = of;
  if (piece.account.sold !== null) return { kind: 'sold' };
  if (piece.ending) return { kind: piece.ending.kind };
  if (piece.aims.length === 0) return { kind: 'looking' };
  const running = route.operations.find((it) =>
    piece.done.some((one) => one.endedAt === null && it.taskKeys.includes(one.taskKey)),
  );
  const isBegun = piece.done.length > 0;
  if (route.operations.length === 0) return { kind: isBegun ? 'finished' : 'planned' };
  if (!isBegun) return { kind: 'planned' };
  const next = running ?? nextStep(of, drying, now);
  if (next) {
    return { kind: 'underWay', step: steps.numbers.get(next.id) ?? 1, of: steps.count };
  }
  const wet = drying.filter((it) => isStillWet(it, now));
  const [first] = route.operations;
  if (wet.length === 0) {
    return { kind: 'underWay', step: steps.numbers.get(first?.id ?? '') ?? 1, of: steps.count };
  }
  const ends = wet.map((it) => it.opens?.expected ?? Infinity);
  const soonest = Math.min(...ends);
  return { kind: 'waiting', until: Number.isFinite(soonest) ? soonest : null };
};

/** Where a piece stands in a shop at a time. */
export const stageAt = (piece: Piece, shop: Shop, now: Minute): Stage =>
  stageOf(caseOf(piece, shop), dryingNow(piece, shop, now), now);
