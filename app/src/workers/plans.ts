import {
  alternativesFor,
  branchesOf,
  caseOf,
  shopCase,
  whatIfs,
  type Case,
} from '@obrik/core/case';
import type { Minute } from '@obrik/core/climate';
import { decisionsFor, quoteFor, shopMoney } from '@obrik/core/money';
import type { Piece, Shop, Stocked } from '@obrik/core/piece';
import { optionsFor, type Found } from '@obrik/core/run';
import { needsOf } from '@obrik/core/needs';

/** Asked with what crosses to a worker: the case is made there. */
const ofPiece =
  <T>(plan: (it: Case) => T) =>
  (piece: Piece, shop: Shop, now: Minute): T =>
    plan(caseOf({ piece, shop, now }));

/** What takes many routes to reckon, and so is kept off the thread that draws. */
export const PLANNERS = {
  alternatives: ofPiece(alternativesFor),
  branches: ofPiece(branchesOf),
  whatIfs: ofPiece(whatIfs),
  /** Ways to go on after something turned up. */
  remedies: (piece: Piece, shop: Shop, now: Minute, found: Found) =>
    optionsFor(caseOf({ piece, shop, now }), found),
  /** Ways for a client, priced. */
  quote: ofPiece(quoteFor),
  /** What money decides on a piece. */
  decisions: ofPiece(decisionsFor),
  /** What the pieces at work still take; what is on the shelf is met on the screen. */
  needs: (pieces: readonly Piece[], shop: Shop, now: Minute) =>
    needsOf(shopCase(pieces, shop, [], now).atWork),
  /** What all pieces have earned. */
  money: (pieces: readonly Piece[], shop: Shop, now: Minute, stock: readonly Stocked[]) =>
    shopMoney(shopCase(pieces, shop, stock, now)),
} as const;
export type PlanKind = keyof typeof PLANNERS;
export type Plan<K extends PlanKind> = ReturnType<(typeof PLANNERS)[K]>;

/** What a kind of plan is about: one piece, or several. */
export type About<K extends PlanKind> = Parameters<(typeof PLANNERS)[K]>[0];

/** What a kind of plan asks for beside what it is about, the shop and the time. */
export type More<K extends PlanKind> =
  Parameters<(typeof PLANNERS)[K]> extends [unknown, Shop, Minute, ...infer Rest] ? Rest : never;

type Reckoner = (
  about: Piece | readonly Piece[],
  shop: Shop,
  now: Minute,
  ...more: readonly unknown[]
) => Plan<PlanKind>;

/** Reckons a plan. @param more what its kind asks for beside what it is about and the shop */
export const reckon = (
  kind: PlanKind,
  about: Piece | readonly Piece[],
  shop: Shop,
  now: Minute,
  more: readonly unknown[] = [],
): Plan<PlanKind> => (PLANNERS[kind] as Reckoner)(about, shop, now, ...more);
