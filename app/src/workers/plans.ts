import { decisionsFor, quoteFor, shopMoney } from '@obrik/core/money';
import type { Piece, Shop } from '@obrik/core/piece';
import { optionsFor } from '@obrik/core/run';
import { alternativesFor, branchesOf, planRoute, whatIfs } from '@obrik/core/route';
import { needsOf } from '@obrik/core/supply';

/** What takes many routes to reckon, and so is kept off the thread that draws. */
export const PLANS = {
  alternatives: alternativesFor,
  branches: branchesOf,
  whatIfs,
  /** Ways to go on after something turned up. */
  remedies: optionsFor,
  /** Ways for a client, priced. */
  quote: quoteFor,
  /** What money decides on a piece. */
  decisions: decisionsFor,
  /** What the pieces at work still take; what is on the shelf is met on the screen. */
  needs: (pieces: readonly Piece[], shop: Shop) =>
    needsOf(pieces.map((piece) => ({ piece, route: planRoute(piece, shop) }))),
  /** What all pieces have earned. */
  money: shopMoney,
} as const;
export type PlanKind = keyof typeof PLANS;
export type Plan<K extends PlanKind> = ReturnType<(typeof PLANS)[K]>;

/** What a kind of plan is about: one piece, or several. */
export type About<K extends PlanKind> = Parameters<(typeof PLANS)[K]>[0];

/** What a kind of plan asks for beside what it is about and the shop. */
export type More<K extends PlanKind> =
  Parameters<(typeof PLANS)[K]> extends [unknown, Shop, ...infer Rest] ? Rest : never;

type Reckoner = (
  about: Piece | readonly Piece[],
  shop: Shop,
  ...more: readonly unknown[]
) => Plan<PlanKind>;

/** Reckons a plan. @param more what its kind asks for beside what it is about and the shop */
export const reckon = (
  kind: PlanKind,
  about: Piece | readonly Piece[],
  shop: Shop,
  more: readonly unknown[] = [],
): Plan<PlanKind> => (PLANS[kind] as Reckoner)(about, shop, ...more);
export type Reckon = typeof reckon;
