import { DISCOVERIES } from '../../catalog';
import type { Observation, Piece } from '../../piece';
import { whenOf } from './results';

/**
 * When an older coat last turned up below, anywhere on the piece, ms; null where none did. What was
 * counted, and what was tested as all layers, before that speaks for the layers known then.
 */
export const olderCoatAt = ({ log }: Piece): number | null => {
  const times = log.flatMap((it) =>
    it.of === 'discovery' && DISCOVERIES.get(it.kind).tells?.hiddenLayer ? [whenOf(it)] : [],
  );
  return times.length > 0 ? Math.max(...times) : null;
};

/** Counts of before are no counts any more: there are at least so many. */
export const countedBefore = (
  observations: readonly Observation[],
  turnedUp: number,
): readonly Observation[] =>
  observations.map((it) =>
    it.testId === 'layer-count' && whenOf(it) <= turnedUp ? { ...it, testId: 'colours-seen' } : it,
  );
