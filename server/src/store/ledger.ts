import { randomUUID } from 'node:crypto';
import {
  foldEntries,
  foldShop,
  formOf,
  ledgerOf,
  type Entry,
  type PieceFold,
  type PieceLedger,
  type PieceSummary,
  type PlannedSummary,
  type RecordLine,
  type ShopLedger,
  type Unreadable,
} from '@obrik/core/ledger';
import { LRUCache } from 'lru-cache';
import { Op, literal } from 'sequelize';
import { admitAll, type Receipt } from './admission';
import type { Database } from './database';
import { entriesIn, storedLines, rowOf, unreadableIn, type ReadLine } from './entries';
import type { EntryModel, EntryRow, Models, SnapshotRow } from './models';
import { FORM, putSnapshots, readLedger, summaryReader } from './snapshots';

/** Folds held in memory, so that the next entry of a piece needs no reading. */
const HELD = 300;
/** Pages of the list held in memory until something changes. */
const HELD_PAGES = 50;

/** Entries in the order of the record, and where to go on. */
export interface Page {
  /** Lines that can be read, as they were received. */
  readonly entries: readonly RecordLine[];
  readonly unreadable: readonly Unreadable[];
  /** Place of the last line of this page; where it is the last of all, `more` is false. */
  readonly last: number;
  readonly more: boolean;
}

/** What was planned for the list, and the entries about piece and shop that were known then. */
export interface Planned {
  readonly pieceId: string;
  readonly seq: number;
  readonly shopSeq: number;
  readonly planned: PlannedSummary;
}

export interface LedgerStore {
  /** Puts entries on record, each by itself: one that is refused stops none of the others. */
  add(sent: readonly Readonly<Record<string, unknown>>[], now: Date): Promise<readonly Receipt[]>;
  /** Which record this is: another one after it was put back from a backup. */
  record(): Promise<string>;
  /** Entries after a place in the record. */
  after(seq: number, limit: number): Promise<Page>;
  /** All entries about a piece. */
  ofPiece(pieceId: string): Promise<Page>;
  /** All entries about the shop. */
  ofShop(): Promise<Page>;
  piece(pieceId: string): Promise<PieceLedger | undefined>;
  /** Deletes a piece for good: of what was entered about it nothing is left but that it was there. */
  erase(pieceId: string, now: Date): Promise<void>;
  shop(): Promise<ShopLedger>;
  /** Summaries by ticket number, after one of them. */
  summaries(after: number, limit: number): Promise<readonly PieceSummary[]>;
  /** Keeps what was planned for the list, unless the piece has changed since. */
  putPlanned(list: readonly Planned[]): Promise<void>;
  /** Pieces whose summary is not planned as they, the shop and the time (minutes) are now. */
  unplanned(shopSeq: number, now: number): Promise<readonly string[]>;
  /** Makes all snapshots again from the entries. @returns how many */
  rebuild(): Promise<number>;
  /** Makes snapshots that are missing or of another form. */
  mend(): Promise<number>;
  /** Place of the last line. */
  last(): Promise<number>;
}

const asRow = (it: unknown): SnapshotRow => it as SnapshotRow;

const pageOf = (lines: readonly ReadLine[], more: boolean): Page => {
  const last = lines.at(-1);
  return {
    entries: lines.flatMap((it) => (it.ok ? [it.line] : [])),
    unreadable: unreadableIn(lines),
    last: last ? (last.ok ? last.entry.seq : last.unreadable.seq) : 0,
    more,
  };
};

/** Entries of one request that wait for the next write. */
interface Gathered {
  readonly sent: readonly Readonly<Record<string, unknown>>[];
  readonly now: Date;
  readonly resolve: (receipts: readonly Receipt[]) => void;
  readonly reject: (error: unknown) => void;
}

/** Keeps the record. All writes go through the one queue of the database. */
export const ledgerStore = ({ models: reading, sequelize, write, tidy }: Database): LedgerStore => {
  const held = new LRUCache<string, PieceFold>({ max: HELD });
  const readSummary = summaryReader();
  const pages = new LRUCache<string, readonly PieceSummary[]>({ max: HELD_PAGES });
  let changes = 0;

  /** A write after which lists read otherwise. */
  const change = async <T>(work: (models: Models) => Promise<T>): Promise<T> => {
    try {
      return await write(work);
    } finally {
      changes++;
      pages.clear();
    }
  };

  let gathered: Gathered[] = [];

  /** Writes all that has gathered while the write before was under way: one flush for all of it. */
  const writeGathered = async (): Promise<void> => {
    let batch: Gathered[] = [];
    try {
      const { receipts, folds } = await change((models) => {
        batch = gathered;
        gathered = [];
        const sent = batch.flatMap((it) => it.sent);
        return admitAll(models, held, sent, batch[0]?.now ?? new Date(0));
      });
      for (const [pieceId, fold] of folds) held.set(pieceId, fold);
      let from = 0;
      for (const { sent, resolve } of batch) resolve(receipts.slice(from, (from += sent.length)));
    } catch (error) {
      // Where the write could not even begin, what has gathered waits for nothing any more.
      if (batch.length === 0) {
        batch = gathered;
        gathered = [];
      }
      for (const { reject } of batch) reject(error);
    }
  };

  const add = (
    sent: readonly Readonly<Record<string, unknown>>[],
    now: Date,
  ): Promise<readonly Receipt[]> =>
    new Promise((resolve, reject) => {
      gathered.push({ sent, now, resolve, reject });
      if (gathered.length === 1) void writeGathered();
    });

  const remake = (pieceIds: readonly string[]): Promise<number> =>
    change(async (models) => {
      for (const pieceId of pieceIds) {
        const fold = foldEntries(entriesIn(await storedLines(models, { pieceId })));
        if (fold) await putSnapshots(models, [ledgerOf(fold)]);
        else await models.snapshots.destroy({ where: { pieceId } });
      }
      return pieceIds.length;
    });

  const pieceIds = async (): Promise<string[]> => {
    const rows = await reading.entries.findAll({
      attributes: ['pieceId'],
      where: { number: { [Op.ne]: null }, kind: { [Op.ne]: 'erased' } },
      raw: true,
    });
    return rows.flatMap((it) => (it as unknown as EntryRow).pieceId ?? []);
  };

  const shop = async (): Promise<ShopLedger> =>
    foldShop(entriesIn(await storedLines(reading, { pieceId: null })));

  return {
    add,
    record: async () => (await reading.facts.findByPk('record'))?.get({ plain: true }).value ?? '',
    after: async (seq, limit) => {
      const lines = await storedLines(reading, { seq: { [Op.gt]: seq } }, limit + 1);
      return pageOf(lines.slice(0, limit), lines.length > limit);
    },
    ofPiece: async (pieceId) => pageOf(await storedLines(reading, { pieceId }), false),
    ofShop: async () => pageOf(await storedLines(reading, { pieceId: null }), false),
    piece: async (pieceId) => {
      const known = held.get(pieceId);
      if (known) return ledgerOf(known);
      const ledger = await readLedger(sequelize, pieceId);
      if (ledger) return ledger;
      const fold = foldEntries(entriesIn(await storedLines(reading, { pieceId })));
      return fold && ledgerOf(fold);
    },
    shop,
    summaries: async (after, limit) => {
      const key = `${after}/${limit}`;
      const known = pages.get(key);
      if (known) return known;
      const asOf = changes;
      const rows = await reading.snapshots.findAll({
        attributes: ['pieceId', 'summary', 'planned'],
        where: { number: { [Op.gt]: after } },
        order: ['number'],
        limit,
        raw: true,
      });
      const list = rows.flatMap((it) => readSummary(asRow(it)) ?? []);
      // What changed meanwhile is not held.
      if (asOf === changes) pages.set(key, list);
      return list;
    },
    erase: async (pieceId, now) => {
      await change(async ({ entries, snapshots, photos, routes }) => {
        const own = { where: { pieceId } };
        const number = await entries.max<number | null, EntryModel>('number', own);
        await entries.destroy(own);
        await snapshots.destroy(own);
        await photos.destroy(own);
        await routes.destroy(own);
        // The number is given to no other piece, and devices learn that it is gone.
        const erased: Entry = {
          id: `erased-${randomUUID()}`,
          pieceId,
          form: formOf({ kind: 'erased' }),
          change: { kind: 'erased' },
          at: now.toISOString(),
          device: 'shop',
          by: '',
          baseSeq: 0,
        };
        await entries.create({ ...rowOf(erased, erased), receivedAt: now.toISOString(), number });
      });
      held.delete(pieceId);
      await tidy();
    },
    putPlanned: (list) =>
      change(async (models) => {
        for (const { pieceId, seq, shopSeq, planned } of list) {
          await models.snapshots.update(
            { planned: JSON.stringify(planned), plannedAs: `${seq}/${shopSeq}` },
            { where: { pieceId, seq } },
          );
        }
      }),
    unplanned: async (shopSeq, now) => {
      const rows = await reading.snapshots.findAll({
        attributes: ['pieceId'],
        where: literal(
          `plannedAs IS NULL OR plannedAs <> seq || '/' || ${Number(shopSeq)}
           OR json_extract(planned, '$.holdsUntil') <= ${Number(now)}`,
        ),
        order: ['number'],
        raw: true,
      });
      return rows.map((it) => asRow(it).pieceId);
    },
    rebuild: async () => {
      held.clear();
      return remake(await pieceIds());
    },
    mend: async () => {
      const rows = await reading.snapshots.findAll({
        where: { form: FORM },
        attributes: ['pieceId'],
      });
      const whole = new Set(rows.map((it) => it.get('pieceId')));
      const missing = (await pieceIds()).filter((it) => !whole.has(it));
      return missing.length > 0 ? remake(missing) : 0;
    },
    last: async () => (await reading.entries.max<number | null, EntryModel>('seq')) ?? 0,
  };
};
