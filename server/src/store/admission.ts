import {
  admitToPiece,
  admitToShop,
  entry as entrySchema,
  extendFold,
  foldEntries,
  ledgerOf,
  type Entry,
  type KeptEntry,
  type PieceFold,
} from '@obrik/core/ledger';
import { id as idSchema, read, type Problem } from '@obrik/core/piece';
import { entriesIn, linesOf, rowOf } from './entries';
import type { EntryModel, EntryRow, Models } from './models';
import { putSnapshot } from './snapshots';

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

const sentId = (it: unknown): string | null => {
  const given = typeof it === 'object' && it !== null && 'id' in it ? it.id : undefined;
  const result = idSchema.safeParse(given);
  return result.success ? result.data : null;
};

/** Is it the same entry, sent again? */
const isSame = (row: EntryRow, it: Entry): boolean =>
  row.pieceId === it.pieceId && row.deed === JSON.stringify(it.deed);

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
  shopEntries: KeptEntry[] | undefined;

  constructor(
    private readonly models: Models,
    private readonly held: KnownFolds,
    private readonly now: Date,
  ) {}

  async fold(pieceId: string): Promise<PieceFold | undefined> {
    const known = this.folds.get(pieceId) ?? this.held.get(pieceId);
    return known ?? foldEntries(entriesIn(await linesOf(this.models, { pieceId })));
  }

  private async insert(it: Entry): Promise<KeptEntry> {
    const receivedAt = this.now.toISOString();
    const highest =
      it.deed.kind === 'takenIn'
        ? await this.models.entries.max<number | null, EntryModel>('number')
        : null;
    const number = it.deed.kind === 'takenIn' ? (highest ?? 0) + 1 : null;
    const row = await this.models.entries.create({ ...rowOf(it), receivedAt, number });
    return { ...it, receivedAt, number, seq: row.get({ plain: true }).seq };
  }

  async addToPiece(pieceId: string, it: Entry): Promise<KeptEntry | readonly Problem[]> {
    const before = await this.fold(pieceId);
    const problems = admitToPiece(before, it);
    if (problems.length > 0) return problems;
    const kept = await this.insert(it);
    const after = before ? extendFold(before, kept) : foldEntries([kept]);
    if (after) this.folds.set(pieceId, after);
    return kept;
  }

  async addToShop(it: Entry): Promise<KeptEntry | readonly Problem[]> {
    this.shopEntries ??= entriesIn(await linesOf(this.models, { pieceId: null }));
    const problems = admitToShop(this.shopEntries, it);
    if (problems.length > 0) return problems;
    const kept = await this.insert(it);
    this.shopEntries.push(kept);
    return kept;
  }

  /** The snapshots of the pieces that changed. */
  async snapshot(): Promise<void> {
    for (const fold of this.folds.values()) await putSnapshot(this.models, ledgerOf(fold));
  }
}

/**
 * Puts entries on record within one write, each by itself.
 * @returns what became of each, and the folds of the pieces that changed
 */
export const admitAll = async (
  models: Models,
  held: KnownFolds,
  sent: readonly unknown[],
  now: Date,
): Promise<{
  readonly receipts: readonly Receipt[];
  readonly folds: ReadonlyMap<string, PieceFold>;
}> => {
  const session = new Session(models, held, now);
  const known = new Map<string, EntryRow>();
  const ids = sent.flatMap((it) => sentId(it) ?? []);
  for (const row of await models.entries.findAll({ where: { id: ids }, raw: true })) {
    const it = row as unknown as EntryRow;
    known.set(it.id, it);
  }
  const receipts: Receipt[] = [];
  for (const one of sent) {
    const result = read(entrySchema, one);
    if (!result.ok) {
      receipts.push(refused(sentId(one), result.problems));
      continue;
    }
    const it = result.value;
    const old = known.get(it.id);
    if (old) {
      receipts.push(
        isSame(old, it)
          ? { id: it.id, outcome: 'known', seq: old.seq, number: old.number }
          : refused(it.id, TAKEN),
      );
      continue;
    }
    const after =
      it.pieceId === null ? await session.addToShop(it) : await session.addToPiece(it.pieceId, it);
    if (!('seq' in after)) {
      receipts.push(refused(it.id, after));
      continue;
    }
    const { seq, number } = after;
    known.set(it.id, { ...rowOf(it), seq, number, receivedAt: after.receivedAt });
    receipts.push({ id: it.id, outcome: 'stored', seq, number });
  }
  await session.snapshot();
  return { receipts, folds: session.folds };
};
