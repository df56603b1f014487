import type { Piece, Shop } from '@obrik/core/piece';
import { useEffect, useState } from 'react';
import { makePlanner } from './planner';
import type { Plan, PlanKind } from './plans';

const ask = makePlanner(() =>
  typeof Worker === 'undefined' ? null : new Worker(new URL('./plans.worker', import.meta.url)),
);

/**
 * A plan that takes many routes to reckon, made beside the screen.
 * @returns undefined until the first answer is there; then the last answer, until the next
 */
export const usePlan = <K extends PlanKind>(
  kind: K,
  piece: Piece,
  shop: Shop,
): Plan<K> | undefined => {
  const [plan, setPlan] = useState<Plan<K>>();
  useEffect(() => {
    let isWanted = true;
    void ask(kind, piece, shop).then((it) => {
      if (isWanted) setPlan(it as Plan<K>);
    });
    return () => {
      isWanted = false;
    };
  }, [kind, piece, shop]);
  return plan;
};
