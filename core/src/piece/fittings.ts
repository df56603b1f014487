import { handlesIn } from './hardware';
import type { Piece } from './piece';
import { assemble, type LooseParts } from './build';

/**
 * What comes off or out of a piece before work. Pulls come from the list of hardware where it
 * names any; else as many as its drawers and doors usually have.
 */
export const fittingsOf = (piece: Pick<Piece, 'build' | 'hardware'>): LooseParts => {
  const usual = assemble(piece.build).loose;
  const handles = handlesIn(piece.hardware);
  return handles.length > 0
    ? { ...usual, pulls: handles.reduce((sum, it) => sum + it.count, 0) }
    : usual;
};
