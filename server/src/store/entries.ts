import { createHash } from 'node:crypto';
import {
  readEntry,
  readLine as read,
  type Entry,
  type KeptEntry,
  type RecordLine,
  type Unreadable,
} from '@obrik/core/ledger';
import type { WhereOptions } from 'sequelize';
import { jsonIn } from './json';
import type { EntryRow, Models } from './models';

/** A stored line, read: an entry with what was received, or one that is kept as it is and shown as that. */
export type ReadLine =
  | { readonly ok: true; readonly entry: KeptEntry; readonly line: RecordLine }
  | { readonly ok: false; readonly unreadable: Unreadable };

type Sent = Readonly<Record<string, unknown>>;

const objectIn = (text: string): Sent => {
  const it = jsonIn(text);
  return typeof it === 'object' && it !== null ? (it as Sent) : {};
};

/** Reads one line by itself: what is wrong with it is its own matter. */
export const readStored = (row: EntryRow): ReadLine => {
  const { seq, receivedAt, number } = row;
  const line = { seq, receivedAt, number, sent: objectIn(row.sent) };
  const result = read(line);
  if (result.ok) return { ok: true, entry: result.value, line };
  const [first] = result.problems;
  const why = first ? `${first.path}: ${first.message}` : 'It has no known form.';
  return { ok: false, unreadable: { seq, id: row.id, pieceId: row.pieceId, why } };
};

/** The entries among lines. */
export const entriesIn = (lines: readonly ReadLine[]): KeptEntry[] =>
  lines.flatMap((it) => (it.ok ? [it.entry] : []));

/** The lines that can't be read. */
export const unreadableIn = (lines: readonly ReadLine[]): Unreadable[] =>
  lines.flatMap((it) => (it.ok ? [] : [it.unreadable]));

/**
 * What an entry says, whatever the place in the record that its maker knew of: sent again to a record
 * that was put back from a backup, it names none.
 */
const saidBy = ({ baseSeq: _b, knew: _k, ...said }: Sent): Sent => said;

/** SHA-256 of what was received. */
const hashOf = (sent: Sent): string =>
  createHash('sha256')
    .update(JSON.stringify(saidBy(sent)))
    .digest('hex');

/** An entry as it is stored, byte for byte as it was received, but for what the record adds to it. */
export const rowOf = (
  { id, pieceId, change }: Entry,
  sent: Sent,
): Omit<EntryRow, 'seq' | 'receivedAt' | 'number'> => ({
  id,
  pieceId,
  kind: change.kind,
  sent: JSON.stringify(sent),
  hash: hashOf(sent),
});

/** What two entries say, both read as of today. */
const meaning = ({ pieceId, change }: Entry): string => JSON.stringify([pieceId, change]);

/**
 * Is it the same entry, sent again? By the hash of what was received; never by what today's reading
 * makes of it, but for lines of which what was received was not kept.
 */
export const isSameEntry = (row: EntryRow, it: Entry, sent: Sent): boolean => {
  if (row.hash !== null) return row.hash === hashOf(sent);
  const stored = readEntry(objectIn(row.sent));
  return stored.ok && meaning(stored.value) === meaning(it);
};

/** Stored lines in the order of the record, each read by itself. */
export const storedLines = async (
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
  return rows.map((it) => readStored(it as unknown as EntryRow));
};
