import { weakMapMemoize } from 'reselect';
import { nextLooks, inspectPiece, stateOf, type SurfaceBeliefs, type LookState } from '../inspect';
import type { Minute } from '../climate';
import { windowsOf, type Windows } from '../drying';
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
  /** A time at which the windows are as they are when it is asked for. */
  readonly now: Minute;
  /** Surfaces whose recoat window has closed, and when that may happen to the next. */
  readonly windows: Windows;
  readonly beliefs: readonly SurfaceBeliefs[];
  /** How far the look at each surface is, in the order of the piece. */
  readonly looks: readonly LookState[];
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
  /** The same at the same time with another piece or shop: what would be, if. */
  with(other: { readonly piece?: Piece; readonly shop?: Shop }): Case;
}

/** What is asked about: a piece in a shop at a time. */
export interface Asked {
  readonly piece: Piece;
  readonly shop: Shop;
  readonly now: Minute;
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

/** Of a piece these say nothing about what it is. */
const SAYS_NOTHING: readonly (keyof Piece)[] = [
  'aims',
  'schools',
  'account',
  'hardware',
  'ownNeeds',
  'putOff',
  'recipes',
];

/** Is as much known of both? Then what is believed of one is believed of the other. */
const sameEvidence = (a: Asked, b: Asked): boolean =>
  a.shop.leadCutoffYear === b.shop.leadCutoffYear &&
  (Object.keys(a.piece) as (keyof Piece)[]).every(
    (key) => SAYS_NOTHING.includes(key) || a.piece[key] === b.piece[key],
  );

const makeCase = (
  { piece, shop, now }: Asked,
  windows: Windows,
  known?: () => readonly SurfaceBeliefs[],
): Case => {
  const beliefs = lazily(known ?? (() => inspectPiece(piece, shop)));
  const looks = lazily(() => beliefs().map(stateOf));
  const whole = lazily((): Whole =>
    wholeFor(piece, shop, { known: beliefs(), closedOn: windows.closedOn }),
  );
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
    now,
    windows,
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
    with: (other) => {
      const asked = { piece, shop, now, ...other };
      return caseOf(asked, sameEvidence(asked, { piece, shop, now }) ? beliefs : undefined);
    },
  };
};

/** Cases of a piece in a shop, by the windows that are closed. */
const casesOf = weakMapMemoize((_piece: Piece, _shop: Shop) => new Map<string, Case>());

/**
 * The one view of a piece in a shop at a time, that screens, papers, the API and the command line share:
 * the only way to a route, a cost, a list or a summary. The same piece and shop, by identity, give
 * the same case until a recoat window closes; it is forgotten with them.
 * @param beliefs what is believed of it, where that is at hand
 */
export const caseOf = (asked: Asked, beliefs?: () => readonly SurfaceBeliefs[]): Case => {
  const { piece, shop, now } = asked;
  const known = casesOf(piece, shop);
  const windows = windowsOf(piece, shop, now);
  // Until the next window closes, time changes nothing.
  const key = JSON.stringify(windows);
  const it = known.get(key) ?? makeCase(asked, windows, beliefs);
  known.set(key, it);
  return it;
};
