import type { Piece, Shop } from '@obrik/core/piece';
import { useEffect, useState } from 'react';
import { PLANS, type Plan, type PlanAnswer, type PlanKind, type PlanQuestion } from './plans';

interface Asked {
  readonly question: PlanQuestion;
  readonly resolve: (plan: Plan<PlanKind>) => void;
}

let lastId = 0;
/** What the worker is at; and what waits for it: of each kind only the latest is still wanted. */
let current: Asked | undefined;
const next = new Map<PlanKind, Asked>();
/** Undefined until it is wanted; null where there is none, or it could not be loaded. */
let worker: Worker | null | undefined;

const reckonHere = ({ question: { kind, piece, shop }, resolve }: Asked): void =>
  resolve(PLANS[kind](piece, shop));

const takeNext = (): void => {
  current = next.values().next().value;
  if (!current) return;
  next.delete(current.question.kind);
  worker?.postMessage(current.question);
};

const start = (): Worker | null => {
  if (typeof Worker === 'undefined') return null;
  const made = new Worker(new URL('./plans.worker', import.meta.url));
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

const ask = (kind: PlanKind, piece: Piece, shop: Shop): Promise<Plan<PlanKind>> =>
  new Promise((resolve) => {
    const asked = { question: { id: ++lastId, kind, piece, shop }, resolve };
    worker = worker === undefined ? start() : worker;
    if (!worker) return void setTimeout(() => reckonHere(asked), 0);
    next.set(kind, asked);
    if (!current) takeNext();
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
      if (isWanted) setPlan(it as Plan<K>);
    });
    return () => {
      isWanted = false;
    };
  }, [kind, piece, shop]);
  return plan;
};
