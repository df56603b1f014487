import { GLANCES, SIGHT, inspectionTest, type ChoiceTest, type Glance } from '../catalog';
import { surfacesOf, type Observation, type Piece } from '../piece';

/** A question of the walk round, and the surfaces for which it is open. */
export interface GlanceTurn {
  readonly glance: Glance;
  readonly test: ChoiceTest;
  readonly surfaceIds: readonly string[];
}

const isOpenOn = (glance: Glance, onIt: readonly Observation[]): boolean => {
  if (onIt.some((it) => it.testId === glance.testId)) return false;
  const sight = onIt.findLast((it) => it.testId === SIGHT.testId)?.outcome;
  if (glance.where === 'woodSeen') return sight !== undefined && sight !== SIGHT.noWood;
  if (glance.where === 'film') return sight !== undefined && sight !== SIGHT.noFilm;
  return true;
};

/**
 * What is still to be asked on a walk round the piece, question by question, each for all surfaces
 * on which it would tell something. What was seen of a surface decides what is asked of it next.
 */
export const walkRound = (piece: Piece): readonly GlanceTurn[] => {
  const seen = surfacesOf(piece).map(({ id }) => ({
    id,
    onIt: piece.observations.filter((it) => it.surfaceId === id),
  }));
  return GLANCES.flatMap((glance): GlanceTurn[] => {
    const test = inspectionTest(glance.testId);
    if (test?.kind !== 'choice') return [];
    const surfaceIds = seen.filter(({ onIt }) => isOpenOn(glance, onIt)).map(({ id }) => id);
    return surfaceIds.length > 0 ? [{ glance, test, surfaceIds }] : [];
  });
};
