import type { Piece, Shop } from '@obrik/core/piece';
import { wrap } from 'comlink';
import { useEffect, useState } from 'react';
import { OVERTAKEN, makePlanner, type RemotePlans } from './planner';
import type { Plan, PlanKind } from './plans';

const ask = makePlanner((onFailure) => {
  if (typeof Worker === 'undefined') return null;
  const worker = new Worker(new URL('./plans.worker', import.meta.url));
  worker.onerror = onFailure;
  return wrap<RemotePlans>(worker);
});

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
      if (isWanted && it !== OVERTAKEN) setPlan(it as Plan<K>);
    });
    return () => {
      isWanted = false;
    };
  }, [kind, piece, shop]);
  return plan;
};
