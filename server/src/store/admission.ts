import {
  admitToPiece,
  admitToShop,
  extendFold,
  foldEntries,
  ledgerOf,
  readEntry,
  type Entry,
  type KeptEntry,
  type PieceFold,
} from '@obrik/core/ledger';
import { id as idSchema, type Problem } from '@obrik/core/piece';
import { QueryTypes } from 'sequelize';
import { entriesIn, isSameEntry, storedLines, rowOf } from './entries';
import type { EntryModel, EntryRow, Models } from './models';
import { putSnapshots } from './snapshots';
import { inStatements } from './statements';

type Sent = Readonly<Record<string, unknown>>;

/** What became of an entry that was sent. */
export type Receipt =
  | {
      readonly id: string;
      readonly outcome: 'stored' | 'known';
      readonly seq: number;
      readonly number: number | null;
    }
  | {
      readonly id: string | null;
      readonly outcome: 'refused';
      readonly problems: readonly Problem[];
    };

const refused = (id: string | null, problems: readonly Problem[]): Receipt => ({
  id,
  outcome: 'refused',
  problems,
});

const sentId = (it: Sent): string | null => {
  const result = idSchema.safeParse(it.id);
  return result.success ? result.data : null;
};

const TAKEN: readonly Problem[] = [
  { path: 'id', message: 'Another entry has this id. Make a new one.' },
];

/** Folds that are known already, by piece. */
export interface KnownFolds {
  get(pieceId: string): PieceFold | undefined;
}

/** The work of one write: entries that came in, and the folds that they led to. */
class Session {
  readonly folds = new Map<string, PieceFold>();
  private readonly rows: EntryRow[] = [];

  constructor(
    private readonly now: Date,
    /** Place of the last line, and the highest ticket number. */
    private seq: number,
    private number: number,
    private readonly before: (pieceId: string) => PieceFold | undefined,
    private readonly shopEntries: KeptEntry[],
  ) {}

  private keep(it: Entry, sent: Sent): KeptEntry {
    const receivedAt = this.now.toISOString();
    const number = it.change.kind === 'takenIn' ? ++this.number : null;
    const place = { seq: ++this.seq, receivedAt, number };
    this.rows.push({ ...rowOf(it, sent), ...place });
    return { ...it, ...place };
  }

  addToPiece(pieceId: string, it: Entry, sent: Sent): KeptEntry | readonly Problem[] {
    const before = this.folds.get(pieceId) ?? this.before(pieceId);
    const problems = admitToPiece(before, it);
    if (problems.length > 0) return problems;
    const kept = this.keep(it, sent);
    const after = before ? extendFold(before, kept) : foldEntries([kept]);
    if (after) this.folds.set(pieceId, after);
    return kept;
  }

  addToShop(it: Entry, sent: Sent): KeptEntry | readonly Problem[] {
    const problems = admitToShop(this.shopEntries, it);
    if (problems.length > 0) return problems;
    const kept = this.keep(it, sent);
    this.shopEntries.push(kept);
    return kept;
  }

  /** Writes the entries, and the snapshots of the pieces that changed. */
  async write(models: Models): Promise<void> {
    for (const some of inStatements(this.rows)) await models.entries.bulkCreate(some);
    await putSnapshots(models, [...this.folds.values()].map(ledgerOf));
  }
}

/** The folds of pieces as they stand, read together where they are not known already. */
const foldsOf = async (
  models: Models,
  held: KnownFolds,
  pieceIds: readonly string[],
): Promise<(pieceId: string) => PieceFold | undefined> => {
  const unknown = pieceIds.filter((it) => !held.get(it));
  const lines = unknown.length > 0 ? await storedLines(models, { pieceId: unknown }) : [];
  const entries = entriesIn(lines);
  return (pieceId) =>
    held.get(pieceId) ?? foldEntries(entries.filter((it) => it.pieceId === pieceId));
};

/** Place of the last line that was ever written: no place is given twice, even after a deletion. */
const lastPlace = async ({ entries }: Models): Promise<number> => {
  const [row] = await entries.sequelize!.query<{ readonly seq: number }>(
    "SELECT seq FROM sqlite_sequence WHERE name = 'entries'",
    { type: QueryTypes.SELECT },
  );
  return row?.seq ?? 0;
};

/**
 * Puts entries on record within one write, each by itself.
 * @returns what became of each, and the folds of the pieces that changed
 */
export const admitAll = async (
  models: Models,
  held: KnownFolds,
  sent: readonly Sent[],
  now: Date,
): Promise<{
  readonly receipts: readonly Receipt[];
  readonly folds: ReadonlyMap<string, PieceFold>;
}> => {
  const readings = sent.map(readEntry);
  const entries = readings.flatMap((it) => (it.ok ? [it.value] : []));
  const known = new Map<string, EntryRow>();
  const ids = entries.map((it) => it.id);
  for (const row of await models.entries.findAll({ where: { id: ids }, raw: true })) {
    const it = row as unknown as EntryRow;
    known.set(it.id, it);
  }
  const pieceIds = [...new Set(entries.flatMap((it) => it.pieceId ?? []))];
  const forShop = entries.some((it) => it.pieceId === null);
  const takesIn = entries.some((it) => it.change.kind === 'takenIn');
  const session = new Session(
    now,
    await lastPlace(models),
    takesIn ? ((await models.entries.max<number | null, EntryModel>('number')) ?? 0) : 0,
    await foldsOf(models, held, pieceIds),
    forShop ? entriesIn(await storedLines(models, { pieceId: null })) : [],
  );
  const receipts = readings.map((result, index): Receipt => {
    const received = sent[index] ?? {};
    if (!result.ok) return refused(sentId(received), result.problems);
    const it = result.value;
    const old = known.get(it.id);
    if (old) {
      return isSameEntry(old, it, received)
        ? { id: it.id, outcome: 'known', seq: old.seq, number: old.number }
        : refused(it.id, TAKEN);
    }
    const after =
      it.pieceId === null
        ? session.addToShop(it, received)
        : session.addToPiece(it.pieceId, it, received);
    if (!('seq' in after)) return refused(it.id, after);
    const { seq, number } = after;
    known.set(it.id, { ...rowOf(it, received), seq, number, receivedAt: after.receivedAt });
    return { id: it.id, outcome: 'stored', seq, number };
  });
  await session.write(models);
  return { receipts, folds: session.folds };
};
