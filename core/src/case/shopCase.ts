import type { Minute } from '../climate';
import { isAtWork, type Piece, type Shop, type Stocked } from '../piece';
import { caseOf, type Case } from './case';

/** All pieces of a shop at a time, with what stands on its shelves. */
export interface ShopCase {
  /** All of them: those that were put away, sold or handed over, too. */
  readonly pieces: readonly Piece[];
  readonly shop: Shop;
  readonly stock: readonly Stocked[];
  readonly now: Minute;
  /** Those that are worked on. */
  readonly atWork: readonly Case[];
  /** Any of them. */
  readonly caseOf: (piece: Piece) => Case;
}

/** The one view of a shop that lists, money and the schedule share. */
export const shopCase = (
  pieces: readonly Piece[],
  shop: Shop,
  stock: readonly Stocked[],
  now: Minute,
): ShopCase => {
  const of = (piece: Piece): Case => caseOf({ piece, shop, now });
  let known: readonly Case[] | undefined;
  return {
    pieces,
    shop,
    stock,
    now,
    get atWork() {
      return (known ??= pieces.filter(isAtWork).map(of));
    },
    caseOf: of,
  };
};
