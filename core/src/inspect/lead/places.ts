import type { Observation, Piece } from '../../piece';

/** A part of a surface with a history of its own: itself, or one that was merged into it. */
export interface LeadPlace {
  /** The surface that it was; that of today where nothing was merged. */
  readonly id: string;
  /** What was recorded of it. */
  readonly observations: readonly Observation[];
}

const speaksForIt = (it: Observation, surfaceId: string): boolean =>
  it.surfaceId === surfaceId || it.alsoFor?.includes(surfaceId) === true;

/** All that speaks for a surface: made on it, or on one that is painted alike and said to be of one history. */
export const spokenFor = (
  { observations }: Pick<Piece, 'observations'>,
  surfaceId: string,
): readonly Observation[] => observations.filter((it) => speaksForIt(it, surfaceId));

/**
 * The places of a surface. What was recorded of one before it was merged says nothing of what the
 * others are painted with.
 */
export const placesOf = (
  { build, observations }: Pick<Piece, 'build' | 'observations'>,
  surfaceId: string,
): readonly LeadPlace[] => {
  const parts: string[] = [surfaceId];
  // Grows while it is walked: what was merged into a part that was merged belongs to it too.
  for (const part of parts) {
    for (const { from, into } of build.merges) {
      if (into === part && !parts.includes(from)) parts.push(from);
    }
  }
  const all = spokenFor({ observations }, surfaceId);
  return parts.map((id) => ({
    id,
    observations: all.filter((it) => (it.madeOn ?? surfaceId) === id),
  }));
};
