import { GLANCES, SIGHT, inspectionTest, type Glance, type Outcome } from '../../catalog';
import { surfacesOf, type Observation, type Piece } from '../../piece';

/** An answer to tap: an outcome of the test, or a figure. */
export interface GlanceAnswer {
  readonly label: string;
  readonly sketch: Outcome['sketch'];
  readonly outcome: string | null;
  readonly value: number | null;
}

/** A question of the walk round, and the surfaces for which it is open. */
export interface GlanceTurn {
  readonly glance: Glance;
  readonly testId: string;
  readonly misleads: string;
  readonly answers: readonly GlanceAnswer[];
  readonly surfaceIds: readonly string[];
}

const isOpenOn = (glance: Glance, onIt: readonly Observation[]): boolean => {
  if (onIt.some((it) => it.testId === glance.testId)) return false;
  const sight = onIt.findLast((it) => it.testId === SIGHT.testId)?.outcome;
  switch (glance.where) {
    case 'woodSeen':
      return sight !== undefined && sight !== SIGHT.noWood;
    case 'film':
      return sight !== undefined && sight !== SIGHT.noFilm;
    case 'painted':
      return sight === SIGHT.noWood;
    case 'anywhere':
      return true;
  }
};

const answersTo = (glance: Glance): readonly GlanceAnswer[] => {
  const test = inspectionTest(glance.testId);
  if (glance.figures) return glance.figures.map((it) => ({ ...it, outcome: null }));
  return test?.kind === 'choice'
    ? test.outcomes.map(({ id, label, sketch }) => ({ label, sketch, outcome: id, value: null }))
    : [];
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
    const answers = answersTo(glance);
    const surfaceIds = seen.filter(({ onIt }) => isOpenOn(glance, onIt)).map(({ id }) => id);
    const misleads = inspectionTest(glance.testId)?.misleads ?? '';
    return surfaceIds.length > 0 && answers.length > 0
      ? [{ glance, testId: glance.testId, misleads, answers, surfaceIds }]
      : [];
  });
};
