import { handlesIn } from './hardware';
import type { Piece } from './piece';
import { templateOf, type LooseParts } from './templates';

/**
 * What comes off or out of a piece before work. Pulls come from the list of hardware where it
 * names any; else as many as the template usually has.
 */
export const fittingsOf = (
  piece: Pick<Piece, 'templateId' | 'measures' | 'hardware'>,
): LooseParts => {
  const usual = templateOf(piece.templateId).looseParts(piece.measures);
  const handles = handlesIn(piece.hardware);
  return handles.length > 0
    ? { ...usual, pulls: handles.reduce((sum, it) => sum + it.count, 0) }
    : usual;
};
