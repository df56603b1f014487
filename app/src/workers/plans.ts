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

/** Reckons a plan. */
export const reckon = (kind: PlanKind, piece: Piece, shop: Shop): Plan<PlanKind> =>
  PLANS[kind](piece, shop);
export type Reckon = typeof reckon;
