import {
  alternativesFor,
  caseOf,
  shopCase,
  tollOf,
  whatIfs,
  type Alternative,
  type Case,
  type ShopCase,
  type Toll,
  type WhatIf,
} from '../case';
import type { Piece, Shop, Stocked } from '../piece';

/** The case of a piece at a time at which no recoat window presses. */
export const asCase = (piece: Piece, shop: Shop): Case => caseOf({ piece, shop, now: 0 });

/** The case of a shop at such a time. */
export const asShopCase = (
  pieces: readonly Piece[],
  shop: Shop,
  stock: readonly Stocked[] = [],
): ShopCase => shopCase(pieces, shop, stock, 0);

/** Ways for the whole piece, and what other schools and tools would change. */
export const waysFor = (piece: Piece, shop: Shop): readonly Alternative[] =>
  alternativesFor(asCase(piece, shop));
export const whatIfsFor = (piece: Piece, shop: Shop): readonly WhatIf[] =>
  whatIfs(asCase(piece, shop));

/** What the work on a piece takes. */
export const tollFor = (piece: Piece, shop: Shop): Toll => tollOf(asCase(piece, shop));
