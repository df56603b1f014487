import type { Piece, Shop } from '@obrik/core/piece';
import { alternativesFor, branchesOf, whatIfs } from '@obrik/core/route';

/** What takes many routes to reckon, and so is kept off the thread that draws. */
export const PLANS = {
  alternatives: alternativesFor,
  branches: branchesOf,
  whatIfs,
} as const;
export type PlanKind = keyof typeof PLANS;
export type Plan<K extends PlanKind> = ReturnType<(typeof PLANS)[K]>;

/** A question to the worker, and its answer by the same number. */
export interface PlanQuestion {
  readonly id: number;
  readonly kind: PlanKind;
  readonly piece: Piece;
  readonly shop: Shop;
}
export interface PlanAnswer {
  readonly id: number;
  readonly plan: Plan<PlanKind>;
}
