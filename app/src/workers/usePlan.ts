import type { Shop } from '@obrik/core/piece';
import { wrap } from 'comlink';
import { useEffect, useState } from 'react';
import { startWorker } from './startWorker';
import { useWindowsAt } from './useWindowsAt';
import { OVERTAKEN, makePlanner, type RemotePlans } from './planner';
import type { About, More, Plan, PlanKind } from './plans';

const ask = makePlanner((onFailure) => {
  if (typeof Worker === 'undefined') return null;
  const worker = startWorker();
  worker.onerror = onFailure;
  return wrap<RemotePlans>(worker);
});

/** A plan, and the question that it answers. */
interface Told<K extends PlanKind> {
  readonly plan: Plan<K>;
  readonly asked: readonly unknown[];
}

/**
 * The last plan that was made beside the screen, and whether it answers what is asked now: until then
 * a screen that shows it has to say that it is being worked out again.
 * @param about the piece, or the pieces; nothing is asked while they are not known
 * @param more what its kind asks for beside that and the shop; the same by identity while nothing changes
 */
export const useLastPlan = <K extends PlanKind>(
  kind: K,
  about: About<K> | undefined,
  shop: Shop,
  more?: More<K>,
): { readonly plan: Plan<K> | undefined; readonly isFresh: boolean } => {
  const [told, setTold] = useState<Told<K>>();
  const now = useWindowsAt(about, shop);
  useEffect(() => {
    if (about === undefined) return undefined;
    let isWanted = true;
    void ask(kind, about, shop, now, more).then((it) => {
      if (isWanted && it !== OVERTAKEN) {
        setTold({ plan: it as Plan<K>, asked: [kind, about, shop, now, more] });
      }
    });
    return () => {
      isWanted = false;
    };
  }, [kind, about, shop, now, more]);
  const asked = [kind, about, shop, now, more];
  return { plan: told?.plan, isFresh: told?.asked.every((it, at) => it === asked[at]) ?? false };
};

/**
 * A plan that takes many routes to reckon, made beside the screen.
 * @returns undefined until the answer to what is asked now is there
 */
export const usePlan = <K extends PlanKind>(
  ...asked: Parameters<typeof useLastPlan<K>>
): Plan<K> | undefined => {
  const { plan, isFresh } = useLastPlan(...asked);
  return isFresh ? plan : undefined;
};
