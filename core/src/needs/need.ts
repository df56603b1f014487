import type { Container, Material, Unit } from '../catalog';
import type { Piece } from '../piece';
import type { Route } from '../route';
import type { CuttingPlan } from './cutting';

/** How a coat's quantity comes about: area ÷ (coverage × transfer). */
export interface FilmWorkings {
  readonly m2: number;
  readonly m2PerLitre: number;
  /** Share that gets from tool to face. */
  readonly transfer: number;
}

/** Where a need comes from: one step of one piece. */
export interface NeedFrom {
  readonly pieceId: string;
  readonly operationId: string;
  readonly title: string;
  /** As planned on the face, losses of transfer counted in. */
  readonly quantity: number;
  /** What stays in tray, brush or gun, and what is wanted to dip in at all. */
  readonly lost: number;
  /** Of a coat that leaves a film. */
  readonly film: FilmWorkings | null;
}

/** How much of a material is needed, with its workings. */
export interface MaterialNeed {
  readonly material: Material;
  /** Of a coat that has one: two colours are two things to buy. */
  readonly colour: string | null;
  readonly unit: Unit;
  /** What is to be had: as reckoned, or as somebody said. */
  readonly quantity: number;
  /** As reckoned from the routes. */
  readonly reckoned: number;
  readonly from: readonly NeedFrom[];
  /** How veneer is cut; null for all else. */
  readonly cut: CuttingPlan | null;
  /** Where not every container will do: the sheets that the parts were laid out on. */
  readonly only: readonly Container[] | null;
}

/** A piece with the route that is still to be done on it. */
export interface PlannedPiece {
  readonly piece: Pick<Piece, 'id' | 'build' | 'ownNeeds'>;
  readonly route: Route;
}
