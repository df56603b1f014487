import type { Case } from './case';

/** Where a piece stands by its record and its route, whatever the hour. */
export type WorkStage =
  | { readonly kind: 'looking' | 'planned' | 'finished' | 'forSale' | 'handedOver' | 'sold' }
  /** Step n of m is next, or going on. */
  | { readonly kind: 'underWay'; readonly step: number; readonly of: number };

/** Where a piece stands. What dries is asked of the clock. */
export const workStage = ({
  piece,
  route,
  steps,
}: Pick<Case, 'piece' | 'route' | 'steps'>): WorkStage => {
  if (piece.account.sold !== null) return { kind: 'sold' };
  if (piece.ending) return { kind: piece.ending.kind };
  if (piece.aims.length === 0) return { kind: 'looking' };
  if (piece.done.length === 0) return { kind: 'planned' };
  const [first] = route.operations;
  if (!first) return { kind: 'finished' };
  const running = route.operations.find((it) =>
    piece.done.some((one) => one.endedAt === null && it.taskKeys.includes(one.taskKey)),
  );
  const step = steps.numbers.get((running ?? first).id) ?? 1;
  return { kind: 'underWay', step, of: steps.count };
};
