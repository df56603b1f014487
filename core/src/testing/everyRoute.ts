import fc from 'fast-check';
import type { Piece, Shop } from '../piece';
import { planRoute, stacksAlong, stateAsFound, type Route, type StackHistory } from '../route';
import { pieces, shops } from './arbitraries';

/** A generated piece in a shop of its own, planned. */
export interface Case {
  readonly piece: Piece;
  readonly shop: Shop;
  readonly route: Route;
  /** The stacks along the route; reckoned once. */
  readonly stacks: () => readonly StackHistory[];
}

/** How many pieces every statement is tried on. */
const CASES = 2000;

const anyCase = fc.tuple(pieces, shops);
const planned = ([piece, shop]: [Piece, Shop]): Case => {
  const route = planRoute(piece, shop);
  let known: readonly StackHistory[] | undefined;
  return {
    piece,
    shop,
    route,
    stacks: () => (known ??= stacksAlong(stateAsFound(piece, shop), route)),
  };
};

let cases: readonly Case[] | undefined;

/**
 * Runs a statement over thousands of routes; they are planned once for all statements of a file.
 * Where it fails, the piece is generated again and made as small as it can be while it still fails.
 */
export const ofEveryRoute = (holds: (it: Case) => void, first = CASES): void => {
  const { seed } = fc.readConfigureGlobal();
  cases ??= fc.sample(anyCase, { seed, numRuns: CASES }).map(planned);
  cases.slice(0, first).forEach((it, index) => {
    try {
      holds(it);
    } catch (error) {
      fc.assert(
        fc.property(anyCase, (made) => holds(planned(made))),
        { seed, path: String(index) },
      );
      throw error;
    }
  });
};
