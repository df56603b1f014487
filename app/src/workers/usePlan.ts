import type { Shop } from '@obrik/core/piece';
import { wrap } from 'comlink';
import { useEffect, useState } from 'react';
import { OVERTAKEN, makePlanner, type RemotePlans } from './planner';
import type { About, More, Plan, PlanKind } from './plans';

const ask = makePlanner((onFailure) => {
  if (typeof Worker === 'undefined') return null;
  const worker = new Worker(new URL('./plans.worker', import.meta.url));
  worker.onerror = onFailure;
  return wrap<RemotePlans>(worker);
});

/**
 * A plan that takes many routes to reckon, made beside the screen.
 * @param about the piece, or the pieces; nothing is asked while they are not known
 * @param more what its kind asks for beside that and the shop; the same by identity while nothing changes
 * @returns undefined until the first answer is there; then the last answer, until the next
 */
export const usePlan = <K extends PlanKind>(
  kind: K,
  about: About<K> | undefined,
  shop: Shop,
  more?: More<K>,
): Plan<K> | undefined => {
  const [plan, setPlan] = useState<Plan<K>>();
  useEffect(() => {
    if (about === undefined) return undefined;
    let isWanted = true;
    void ask(kind, about, shop, more).then((it) => {
      if (isWanted && it !== OVERTAKEN) setPlan(it as Plan<K>);
    });
    return () => {
      isWanted = false;
    };
  }, [kind, about, shop, more]);
  return plan;
};
