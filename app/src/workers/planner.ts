import type { Piece, Shop } from '@obrik/core/piece';
import { PLANS, type Plan, type PlanAnswer, type PlanKind, type PlanQuestion } from './plans';

interface Asked {
  readonly question: PlanQuestion;
  readonly resolve: (plan: Plan<PlanKind>) => void;
}

const reckonHere = ({ question: { kind, piece, shop }, resolve }: Asked): void =>
  resolve(PLANS[kind](piece, shop));

/** What of a worker is used. */
export type PlanWorker = Pick<Worker, 'postMessage' | 'onmessage' | 'onerror'>;

/**
 * Makes something to ask for plans. The worker gets one question at a time, and of those that wait
 * only the latest of each kind is still wanted. Where there is no worker, or it can't be loaded,
 * plans are reckoned here.
 * @param start starts the worker, when first asked; null where the platform has none
 */
export const makePlanner = (start: () => PlanWorker | null) => {
  let lastId = 0;
  let current: Asked | undefined;
  const next = new Map<PlanKind, Asked>();
  let worker: PlanWorker | null | undefined;

  const takeNext = (): void => {
    current = next.values().next().value;
    if (!current) return;
    next.delete(current.question.kind);
    worker?.postMessage(current.question);
  };

  const started = (): PlanWorker | null => {
    const made = start();
    if (!made) return null;
    made.onmessage = ({ data }: MessageEvent<PlanAnswer>) => {
      if (current?.question.id === data.id) current.resolve(data.plan);
      takeNext();
    };
    made.onerror = () => {
      worker = null;
      for (const it of [current, ...next.values()]) if (it) reckonHere(it);
      current = undefined;
      next.clear();
    };
    return made;
  };

  return (kind: PlanKind, piece: Piece, shop: Shop): Promise<Plan<PlanKind>> =>
    new Promise((resolve) => {
      const asked = { question: { id: ++lastId, kind, piece, shop }, resolve };
      worker = worker === undefined ? started() : worker;
      if (!worker) return void setTimeout(() => reckonHere(asked), 0);
      next.set(kind, asked);
      if (!current) takeNext();
    });
};
