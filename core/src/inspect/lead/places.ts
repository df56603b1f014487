import type { Observation, Piece } from '../../piece';
import { areUnlike } from './alike';
import { isFound } from './results';

/** A part of a surface with a history of its own: itself, or one that was merged into it. */
export interface LeadPlace {
  /** The surface that it was; that of today where nothing was merged. */
  readonly id: string;
  /** What was recorded of it. */
  readonly observations: readonly Observation[];
}

/** "None" on one surface says nothing of another whose colours, as they were recorded, are others. */
const isRuledOut = (it: Observation, piece: Pick<Piece, 'layers'>, surfaceId: string): boolean =>
  !isFound(it) && areUnlike(piece, it.surfaceId, surfaceId);

/** The surfaces that one is made up of: itself, and each that was merged into it. */
const partsOf = ({ build }: Pick<Piece, 'build'>, surfaceId: string): readonly string[] => {
  const parts: string[] = [surfaceId];
  // Grows while it is walked: what was merged into a part that was merged belongs to it too.
  for (const part of parts) {
    for (const { from, into } of build.merges) {
      if (into === part && !parts.includes(from)) parts.push(from);
    }
  }
  return parts;
};

type Recorded = Pick<Piece, 'build' | 'observations' | 'layers'>;

/**
 * The places of a surface. What was recorded of one before it was merged says nothing of what the
 * others are painted with; what was said to speak for it too was made on one that is painted alike.
 */
export const placesOf = (piece: Recorded, surfaceId: string): readonly LeadPlace[] =>
  partsOf(piece, surfaceId).map((id) => ({
    id,
    observations: piece.observations.filter(
      (it) =>
        (it.surfaceId === surfaceId && (it.madeOn ?? surfaceId) === id) ||
        (it.alsoFor?.includes(id) === true && !isRuledOut(it, piece, id)),
    ),
  }));

/** All that speaks for a surface, whichever of its places it was made on. */
export const spokenFor = (piece: Recorded, surfaceId: string): readonly Observation[] => [
  ...new Set(placesOf(piece, surfaceId).flatMap((it) => it.observations)),
];
