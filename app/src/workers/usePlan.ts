import type { Piece, Shop } from '@obrik/core/piece';
import { wrap } from 'comlink';
import { useEffect, useState } from 'react';
import { OVERTAKEN, makePlanner, type RemotePlans } from './planner';
import type { More, Plan, PlanKind } from './plans';

const ask = makePlanner((onFailure) => {
  if (typeof Worker === 'undefined') return null;
  const worker = new Worker(new URL('./plans.worker', import.meta.url));
  worker.onerror = onFailure;
  return wrap<RemotePlans>(worker);
});

/**
 * A plan that takes many routes to reckon, made beside the screen.
 * @param more what its kind asks for beside piece and shop; the same by identity while nothing changes
 * @returns undefined until the first answer is there; then the last answer, until the next
 */
export const usePlan = <K extends PlanKind>(
  kind: K,
  piece: Piece,
  shop: Shop,
  more?: More<K>,
): Plan<K> | undefined => {
  const [plan, setPlan] = useState<Plan<K>>();
  useEffect(() => {
    let isWanted = true;
    void ask(kind, piece, shop, more).then((it) => {
      if (isWanted && it !== OVERTAKEN) setPlan(it as Plan<K>);
    });
    return () => {
      isWanted = false;
    };
  }, [kind, piece, shop, more]);
  return plan;
};
