import { newPiece, pieceDescription, type Piece, type Scheme } from '@obrik/core/piece';

/** A table whose top gets a finish. */
export const tableFor = (scheme: Scheme): Piece => ({
  ...newPiece(
    'table',
    pieceDescription.parse({
      name: 'Table',
      templateId: 'table',
      measures: { width: 1400, depth: 800, height: 750, apronHeight: 90 },
    }),
  ),
  aims: [{ surfaceId: 'top', scheme, stripWish: 'best' }],
});
