import type { Minute } from '@obrik/core/climate';
import type { Piece, Shop } from '@obrik/core/piece';
import { reckon, type Plan, type PlanKind } from './plans';

/** What of a worker is asked; comlink makes it of the worker's own functions. */
export interface RemotePlans {
  readonly reckon: (
    kind: PlanKind,
    about: Piece | readonly Piece[],
    shop: Shop,
    now: Minute,
    more: readonly unknown[],
  ) => Promise<Plan<PlanKind>>;
}

/** A question that was overtaken by a newer one of its kind: nobody waits for its answer any more. */
export const OVERTAKEN = Symbol('overtaken');

interface Asked {
  readonly kind: PlanKind;
  readonly about: Piece | readonly Piece[];
  readonly shop: Shop;
  readonly now: Minute;
  readonly more: readonly unknown[];
  readonly settle: (answer: Plan<PlanKind> | typeof OVERTAKEN) => void;
}

/**
 * Makes something to ask for plans. The worker gets one question at a time, and of those that wait
 * only the latest of each kind is still wanted; one that is overtaken is answered with OVERTAKEN,
 * so that every promise settles. Where there is no worker, or it can't be loaded, plans are
 * reckoned here.
 * @param start starts the worker, when first asked; null where the platform has none
 */
export const makePlanner = (start: (onFailure: () => void) => RemotePlans | null) => {
  let current: Asked | undefined;
  const next = new Map<PlanKind, Asked>();
  let remote: RemotePlans | null | undefined;

  const reckonHere = ({ kind, about, shop, now, more, settle }: Asked): void =>
    settle(reckon(kind, about, shop, now, more));

  const giveUp = (): void => {
    remote = null;
    for (const it of [current, ...next.values()]) if (it) reckonHere(it);
    current = undefined;
    next.clear();
  };

  const takeNext = (): void => {
    current = next.values().next().value;
    const asked = current;
    if (!asked || !remote) return;
    next.delete(asked.kind);
    remote.reckon(asked.kind, asked.about, asked.shop, asked.now, asked.more).then((plan) => {
      // The worker may have been given up meanwhile.
      if (current !== asked) return;
      asked.settle(plan);
      takeNext();
    }, giveUp);
  };

  return (
    kind: PlanKind,
    about: Piece | readonly Piece[],
    shop: Shop,
    now: Minute,
    more: readonly unknown[] = [],
  ): Promise<Plan<PlanKind> | typeof OVERTAKEN> =>
    new Promise((settle) => {
      const asked: Asked = { kind, about, shop, now, more, settle };
      remote = remote === undefined ? start(giveUp) : remote;
      if (!remote) return void setTimeout(() => reckonHere(asked), 0);
      next.get(kind)?.settle(OVERTAKEN);
      next.set(kind, asked);
      if (!current) takeNext();
    });
};
