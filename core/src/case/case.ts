import {
  nextLooks,
  inspectPiece,
  stateOf,
  type SurfaceBeliefs,
  type SurfaceState,
} from '../inspect';
import type { Piece, Shop } from '../piece';
import {
  careSheetFor,
  faceSandingOf,
  finishPlanOf,
  impossibleSchemes,
  routeInDialect,
  routeOf,
  stacksAlong,
  stepsOf,
  wholeFor,
  type CareSheet,
  type FaceSanding,
  type Refusal,
  type Route,
  type StackHistory,
  type Steps,
  type SurfaceContext,
  type Whole,
} from '../route';
import { inDialect } from '../words';
import type { Coat } from '../effect';
import type { PieceState } from '../work';

/**
 * Everything that screens, print and advice ask about a piece in a shop. Each part is reckoned
 * when it is first asked for, and once.
 */
export interface Case {
  readonly piece: Piece;
  readonly shop: Shop;
  readonly beliefs: readonly SurfaceBeliefs[];
  /** How far the look at each surface is, in the order of the piece. */
  readonly looks: readonly SurfaceState[];
  /** What the piece is like now. */
  readonly state: PieceState;
  readonly route: Route;
  readonly refusals: readonly Refusal[];
  /** Steps by number: done and open. */
  readonly steps: Steps;
  /** How the layers of each surface grow and shrink along the route. */
  readonly stacks: readonly StackHistory[];
  readonly careSheet: CareSheet;
  /** Which test is worth its minutes next on a surface. */
  advice(surfaceId: string): ReturnType<typeof nextLooks>;
  /** What bare wood of a surface is sanded for; undefined where nothing is aimed at there. */
  faceSanding(surfaceId: string): FaceSanding | undefined;
  /** All coats of a surface in the order in which they are laid. */
  finishPlan(surfaceId: string): readonly Coat[];
  /** What surfaces can't become, and why. */
  impossible(surfaceIds: readonly string[]): ReturnType<typeof impossibleSchemes>;
}

/** Reckons something when it is first asked for. */
const lazily = <T>(reckon: () => T): (() => T) => {
  let known: { readonly value: T } | undefined;
  return () => (known ??= { value: reckon() }).value;
};

/** Reckons something for each surface when it is first asked for. */
const remembering = <T>(reckon: (surfaceId: string) => T): ((surfaceId: string) => T) => {
  const known = new Map<string, T>();
  return (surfaceId) => {
    const value = known.has(surfaceId) ? (known.get(surfaceId) as T) : reckon(surfaceId);
    known.set(surfaceId, value);
    return value;
  };
};

const makeCase = (piece: Piece, shop: Shop, hardened: readonly string[]): Case => {
  const beliefs = lazily(() => inspectPiece(piece, shop));
  const looks = lazily(() => beliefs().map(stateOf));
  const whole = lazily((): Whole => wholeFor(piece, shop, { known: beliefs(), hardened }));
  const route = lazily(() => routeInDialect(routeOf(whole()), shop.units));
  const steps = lazily(() => stepsOf(piece, route()));
  const stacks = lazily(() => stacksAlong(whole().now, route()));
  const careSheet = lazily(() => inDialect(careSheetFor(whole(), route()), shop.units));
  const contexts = lazily(
    (): ReadonlyMap<string, SurfaceContext> =>
      new Map(whole().surfaces.map((s) => [s.surface.id, s])),
  );
  return {
    piece,
    shop,
    get beliefs() {
      return beliefs();
    },
    get looks() {
      return looks();
    },
    get state() {
      return whole().now;
    },
    get route() {
      return route();
    },
    get refusals() {
      return route().refusals;
    },
    get steps() {
      return steps();
    },
    get stacks() {
      return stacks();
    },
    get careSheet() {
      return careSheet();
    },
    advice: remembering((surfaceId) => nextLooks(piece, shop, surfaceId)),
    faceSanding: (surfaceId) => {
      const s = contexts().get(surfaceId);
      return s?.aimed ? faceSandingOf(s) : undefined;
    },
    finishPlan: (surfaceId) => {
      const s = contexts().get(surfaceId);
      return s ? finishPlanOf(s) : [];
    },
    impossible: (surfaceIds) => impossibleSchemes(piece, shop, surfaceIds, beliefs()),
  };
};

const CASES = new WeakMap<Piece, WeakMap<Shop, Map<string, Case>>>();

/**
 * The one view of a piece in a shop that all screens share. The same piece and shop, by identity,
 * give the same case; it is forgotten with them.
 * @param hardened surfaces whose last coat is past its window for the next, by the clock
 */
export const caseOf = (piece: Piece, shop: Shop, hardened: readonly string[] = []): Case => {
  const byShop = CASES.get(piece) ?? new WeakMap<Shop, Map<string, Case>>();
  CASES.set(piece, byShop);
  const byTime = byShop.get(shop) ?? new Map<string, Case>();
  byShop.set(shop, byTime);
  const key = [...hardened].sort().join();
  const known = byTime.get(key) ?? makeCase(piece, shop, hardened);
  byTime.set(key, known);
  return known;
};
