import type { PieceLedger } from './fold';
import type { PieceSummary, PlannedSummary } from './summary';

/** What a list says of a piece, with what was planned of it last. */
export const summaryOf = (
  { piece, number, updatedAt, seq, contested }: PieceLedger,
  planned: PlannedSummary | null,
): PieceSummary => ({
  pieceId: piece.id,
  number,
  name: piece.name,
  templateId: piece.templateId,
  yearFrom: piece.yearFrom,
  yearTo: piece.yearTo,
  archived: piece.archived,
  updatedAt,
  seq,
  contested: contested.length,
  planned,
});
