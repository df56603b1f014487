import {
  pieceSummary,
  plannedSummary,
  pieceLedger,
  summaryOf,
  type PieceLedger,
  type PieceSummary,
} from '@obrik/core/ledger';
import type { z } from 'zod';
import type { Models, SnapshotRow } from './models';

/** Version of the form of snapshots; another one is made again from the entries. */
export const FORM = 1;
const parsedBy = <S extends z.ZodType>(schema: S, text: string | null): z.output<S> | undefined => {
  if (text === null) return undefined;
  try {
    return schema.safeParse(JSON.parse(text)).data;
  } catch {
    return undefined;
  }
};

const snapshotOf = (it: PieceLedger): Omit<SnapshotRow, 'planned' | 'plannedAs'> => ({
  pieceId: it.piece.id,
  form: FORM,
  number: it.number ?? 0,
  seq: it.seq,
  ledger: JSON.stringify(it),
  summary: JSON.stringify(summaryOf(it, null)),
});

/** Makes or changes the snapshot; what was planned stays until it is planned anew. */
export const putSnapshot = async (models: Models, it: PieceLedger): Promise<void> => {
  const row = snapshotOf(it);
  const [changed] = await models.snapshots.update(row, { where: { pieceId: row.pieceId } });
  if (changed === 0) await models.snapshots.create({ ...row, planned: null, plannedAs: null });
};

/** What a list says of a stored piece; undefined where the snapshot can't be read. */
export const summaryIn = (row: SnapshotRow): PieceSummary | undefined => {
  const summary = parsedBy(pieceSummary, row.summary);
  return summary && { ...summary, planned: parsedBy(plannedSummary, row.planned) ?? null };
};

/** The piece in a snapshot; undefined where it can't be read. */
export const ledgerIn = (row: SnapshotRow): PieceLedger | undefined =>
  parsedBy(pieceLedger, row.ledger);
