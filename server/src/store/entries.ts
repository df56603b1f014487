import { keptEntry, type Entry, type KeptEntry, type Unreadable } from '@obrik/core/ledger';
import { problemsOf } from '@obrik/core/piece';
import type { WhereOptions } from 'sequelize';
import { jsonIn } from './json';
import type { EntryRow, Models } from './models';

/** A stored line, read: an entry, or one that is kept as it is and shown as that. */
export type ReadLine =
  | { readonly ok: true; readonly entry: KeptEntry }
  | { readonly ok: false; readonly unreadable: Unreadable };

/** Reads one line by itself: what is wrong with it is its own matter. */
export const readLine = (row: EntryRow): ReadLine => {
  const result = keptEntry.safeParse({ ...row, deed: jsonIn(row.deed) });
  if (result.success) return { ok: true, entry: result.data };
  const [first] = problemsOf(result.error);
  const why = first ? `${first.path}: ${first.message}` : 'It has no known form.';
  return { ok: false, unreadable: { seq: row.seq, id: row.id, pieceId: row.pieceId, why } };
};

/** The entries among lines. */
export const entriesIn = (lines: readonly ReadLine[]): KeptEntry[] =>
  lines.flatMap((it) => (it.ok ? [it.entry] : []));

/** The lines that can't be read. */
export const unreadableIn = (lines: readonly ReadLine[]): Unreadable[] =>
  lines.flatMap((it) => (it.ok ? [] : [it.unreadable]));

/** An entry as it is stored, but for what the record adds to it. */
export const rowOf = (it: Entry): Omit<EntryRow, 'seq' | 'receivedAt' | 'number'> => ({
  id: it.id,
  pieceId: it.pieceId,
  version: it.version,
  deed: JSON.stringify(it.deed),
  at: it.at,
  device: it.device,
  by: it.by,
  knew: it.knew,
});

/** Stored lines in the order of the record, each read by itself. */
export const linesOf = async (
  models: Models,
  where: WhereOptions<EntryRow>,
  limit?: number,
): Promise<ReadLine[]> => {
  const rows = await models.entries.findAll({
    where,
    order: ['seq'],
    raw: true,
    ...(limit === undefined ? {} : { limit }),
  });
  return rows.map((it) => readLine(it as unknown as EntryRow));
};
