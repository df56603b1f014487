import type { Piece, Shop } from '@obrik/core/piece';
import { optionsFor } from '@obrik/core/run';
import { alternativesFor, branchesOf, whatIfs } from '@obrik/core/route';

/** What takes many routes to reckon, and so is kept off the thread that draws. */
export const PLANS = {
  alternatives: alternativesFor,
  branches: branchesOf,
  whatIfs,
  /** Ways to go on after something turned up. */
  remedies: optionsFor,
} as const;
export type PlanKind = keyof typeof PLANS;
export type Plan<K extends PlanKind> = ReturnType<(typeof PLANS)[K]>;

/** What a kind of plan asks for beside piece and shop. */
export type More<K extends PlanKind> =
  Parameters<(typeof PLANS)[K]> extends [Piece, Shop, ...infer Rest] ? Rest : never;

type Reckoner = (piece: Piece, shop: Shop, ...more: readonly unknown[]) => Plan<PlanKind>;

/** Reckons a plan. @param more what its kind asks for beside piece and shop */
export const reckon = (
  kind: PlanKind,
  piece: Piece,
  shop: Shop,
  more: readonly unknown[] = [],
): Plan<PlanKind> => (PLANS[kind] as Reckoner)(piece, shop, ...more);
export type Reckon = typeof reckon;
