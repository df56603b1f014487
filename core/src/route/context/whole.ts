import { shopFor, type Piece, type Shop } from '../../piece';
import type { Part, PieceCondition } from '../../effect';
import type { PieceState, Task } from '../../work';
import { sidesOf, type Side } from './borders';
import type { SurfaceContext } from './context';

/** What the rules about the piece as a whole see. */
export interface Whole {
  readonly piece: Piece;
  /** As it works on this piece. */
  readonly shop: Shop;
  readonly now: PieceState;
  readonly surfaces: readonly SurfaceContext[];
  /** Of these the aim is refused. */
  readonly isRefused: (s: SurfaceContext) => boolean;
  /** Sides between which a border runs; reckoned once. */
  readonly sides: () => readonly Side[];
  /** What was asked for so far: of all surfaces, and by the rules before. */
  readonly asked: readonly Task[];
}

export const wholeOf = (
  piece: Piece,
  shop: Shop,
  surfaces: readonly SurfaceContext[],
  now: PieceState,
  isRefused: Whole['isRefused'],
): Whole => {
  const ownShop = shopFor(piece, shop);
  let sides: readonly Side[] | undefined;
  return {
    piece,
    shop: ownShop,
    now,
    surfaces,
    isRefused,
    sides: () => (sides ??= sidesOf(surfaces, isRefused, ownShop.schools.faces === 'topFirst')),
    asked: [],
  };
};

/** Was this done to the piece already? */
export const isDoneToPiece = (whole: Whole, condition: PieceCondition): boolean =>
  whole.now.met.includes(condition);

/** Has this part never been off? */
export const isInPlace = (whole: Whole, part: Part): boolean => whole.now.parts[part] === undefined;

/** Is this part off, or will it be taken off? Then it is a need to put it on. */
export const comesBack = (whole: Whole, part: Part): boolean =>
  whole.now.parts[part] === 'off' || whole.asked.some((it) => it.traits.takesOff === part);
