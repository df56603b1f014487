import { RETIRED_SO_FAR } from '@obrik/core/catalog';
import {
  pieceSummary,
  plannedSummary,
  pieceLedger,
  summaryOf,
  type PieceLedger,
  type PieceSummary,
} from '@obrik/core/ledger';
import { LRUCache } from 'lru-cache';
import { QueryTypes, type Sequelize } from 'sequelize';
import type { z } from 'zod';
import { jsonIn } from './json';
import type { Models, SnapshotRow } from './models';
import { inStatements } from './statements';

/** Version of the form of snapshots and of their ids; another one is made again from the entries. */
export const FORM = 4000 + RETIRED_SO_FAR;

const parsedBy = <S extends z.ZodType>(schema: S, text: string | null): z.output<S> | undefined =>
  text === null ? undefined : schema.safeParse(jsonIn(text)).data;

const snapshotOf = (it: PieceLedger): Omit<SnapshotRow, 'planned' | 'plannedAs'> => ({
  pieceId: it.piece.id,
  form: FORM,
  number: it.number ?? 0,
  seq: it.seq,
  ledger: JSON.stringify(it),
  summary: JSON.stringify(summaryOf(it, null)),
});

/** What is written again where there is a snapshot: what was planned stays until it is planned anew. */
const REWRITTEN: (keyof SnapshotRow)[] = ['form', 'number', 'seq', 'ledger', 'summary'];

/** Makes or changes snapshots. */
export const putSnapshots = async (
  models: Models,
  ledgers: readonly PieceLedger[],
): Promise<void> => {
  const rows = ledgers.map((it) => ({ ...snapshotOf(it), planned: null, plannedAs: null }));
  for (const some of inStatements(rows)) {
    await models.snapshots.bulkCreate(some, { updateOnDuplicate: REWRITTEN });
  }
};

/** Summaries held in memory: a list that is asked for again is not read again. */
const HELD = 5000;

/**
 * Reads what a list says of stored pieces; undefined where a snapshot can't be read. What has not
 * changed since is known.
 */
export const summaryReader = (): ((
  row: Pick<SnapshotRow, 'pieceId' | 'summary' | 'planned'>,
) => PieceSummary | undefined) => {
  const known = new LRUCache<string, { readonly of: string; readonly summary: PieceSummary }>({
    max: HELD,
  });
  return ({ pieceId, summary: text, planned }) => {
    const of = `${text}${planned}`;
    const before = known.get(pieceId);
    if (before?.of === of) return before.summary;
    const read = parsedBy(pieceSummary, text);
    if (!read) return undefined;
    const summary = { ...read, planned: parsedBy(plannedSummary, planned) ?? null };
    known.set(pieceId, { of, summary });
    return summary;
  };
};

/**
 * A piece as its snapshot has it; undefined where there is none that can be read. Asked for more
 * often than anything else: the statement is written out, which takes half as long.
 */
export const readLedger = async (
  sequelize: Sequelize,
  pieceId: string,
): Promise<PieceLedger | undefined> => {
  const [row] = await sequelize.query<Pick<SnapshotRow, 'ledger'>>(
    'SELECT ledger FROM snapshots WHERE pieceId = $pieceId',
    { bind: { pieceId }, type: QueryTypes.SELECT },
  );
  return row && parsedBy(pieceLedger, row.ledger);
};
