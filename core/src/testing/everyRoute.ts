import fc from 'fast-check';
import { inspectPiece, type SurfaceBeliefs } from '../inspect';
import type { Piece, Shop } from '../piece';
import { planRoute, stateAsFound, type Route } from '../route';
import { advance, type PieceState } from '../work';
import { pieces, shops } from './arbitraries';

/** A generated piece in a shop of its own, planned. */
export interface Case {
  readonly piece: Piece;
  readonly shop: Shop;
  readonly known: readonly SurfaceBeliefs[];
  readonly route: Route;
  /** The state after so many tasks of the route; 0 gives it as found. */
  readonly after: (count: number) => PieceState;
}

/** How many pieces there are to try a statement on; mutation tests are content with fewer. */
export const ALL_CASES = (globalThis as { ROUTE_CASES?: number }).ROUTE_CASES ?? 1000;

/** On so many a statement is tried where it does not ask for all: what is rare may not be among them. */
const USUAL_CASES = Math.min(400, ALL_CASES);

/** Tried on enough pieces for every kind of work to come up. */
export const isThorough = ALL_CASES >= 1000;

const anyCase = fc.tuple(pieces, shops);
type Planned = Omit<Case, 'after'>;
const planned = ([piece, shop]: [Piece, Shop]): Planned => {
  const known = inspectPiece(piece, shop);
  return { piece, shop, known, route: planRoute(piece, shop, { known }) };
};

/** With its states, which are kept for one statement only: those of all routes fill the memory. */
const withStates = (it: Planned): Case => {
  const { piece, shop, known, route } = it;
  const states: PieceState[] = [];
  return {
    ...it,
    after: (count) => {
      states[0] ??= stateAsFound(piece, shop, known);
      for (let at = states.length; at <= count; at++) {
        const [before, task] = [states[at - 1], route.tasks[at - 1]];
        if (before && task) states[at] = advance(before, task);
      }
      return states[count] ?? (states.at(-1) as PieceState);
    },
  };
};

let made: readonly [Piece, Shop][] = [];
const cases: Planned[] = [];

/**
 * Runs a statement over thousands of routes; they are planned once for all statements of a file.
 * Where it fails, the piece is generated again and made as small as it can be while it still fails.
 */
export const ofEveryRoute = (holds: (it: Case) => void, first = USUAL_CASES): void => {
  const { seed } = fc.readConfigureGlobal();
  // The first ones are the same however many are made.
  if (made.length < first) made = fc.sample(anyCase, { seed, numRuns: first });
  made.slice(0, first).forEach((it, index) => {
    // A file whose statements want fewer plans no more than these.
    const one = (cases[index] ??= planned(it));
    try {
      holds(withStates(one));
    } catch (error) {
      fc.assert(
        fc.property(anyCase, (other) => holds(withStates(planned(other)))),
        { seed, path: String(index) },
      );
      throw error;
    }
  });
};
