import { facesOf, type Piece } from '../piece';
import type { PieceLedger } from './fold';
import { SKETCH_FACES, type PieceSummary, type PlannedSummary } from './summary';

/** The unfolded drawing in hundredths of its longer side, the largest faces first. */
const sketchOf = (piece: Piece): number[] => {
  const faces = facesOf(piece);
  const longer = Math.max(
    ...faces.map((it) => it.x + it.width),
    ...faces.map((it) => it.y + it.height),
  );
  const share = (mm: number): number => Math.min(100, Math.max(0, Math.round((100 * mm) / longer)));
  return [...faces]
    .sort((a, b) => b.width * b.height - a.width * a.height)
    .slice(0, SKETCH_FACES)
    .flatMap((it) => [share(it.x), share(it.y), share(it.width), share(it.height)]);
};

/** What a list says of a piece, with what was planned of it last. */
export const summaryOf = (
  { piece, number, updatedAt, seq, conflicts }: PieceLedger,
  planned: PlannedSummary | null,
): PieceSummary => ({
  pieceId: piece.id,
  number,
  name: piece.name,
  startedFrom: piece.build.startedFrom,
  photoId: piece.pictures[0]?.photoId ?? null,
  sketch: sketchOf(piece),
  yearFrom: piece.yearFrom,
  yearTo: piece.yearTo,
  archived: piece.archived,
  updatedAt,
  seq,
  conflicts: conflicts.length,
  planned,
});
