import { z } from 'zod';
import {
  USUAL_SHOP,
  newPiece,
  pieceRecord,
  type Piece,
  type Shop,
  type Stocked,
  withPrices,
  withStocked,
} from '../piece';
import { NO_SETTERS, conflict, conflictsIn, setBy, type Conflict, type Setters } from './conflict';
import { doubled, sifted, type Doers, type Doubled } from './doubled';
import { applyEntry } from './apply';
import type { LedgerEntry } from './entry';

/** An entry that changes nothing as things are, and why. It stays in the history. */
export const withoutEffect = z.object({
  entryId: z.string(),
  problems: z.array(z.object({ path: z.string(), message: z.string() })),
});
export type WithoutEffect = z.infer<typeof withoutEffect>;

/** A piece as its entries make it. */
export const pieceLedger = pieceRecord.extend({
  /** Place in the record of its last entry; 0 where none has got there yet. */
  seq: z.int().min(0),
  conflicts: z.array(conflict),
  withoutEffect: z.array(withoutEffect),
  /** Work that two devices put on record; one of them counts. */
  doubled: z.array(doubled).default([]),
});
export type PieceLedger = z.infer<typeof pieceLedger>;

/** Ids of the entries that were taken back. What takes back can be taken back: the last word holds. */
export const revokedIn = (entries: readonly LedgerEntry[]): ReadonlySet<string> => {
  const gone = new Set<string>();
  for (let index = entries.length - 1; index >= 0; index--) {
    const it = entries[index];
    if (it?.change.kind !== 'revoke' || gone.has(it.id)) continue;
    for (const id of it.change.entryIds) gone.add(id);
  }
  return gone;
};

/** The entries in order: those of the record by their place, then what waits on the device. */
const inOrder = (entries: readonly LedgerEntry[]): readonly LedgerEntry[] =>
  [...entries].sort((a, b) => (a.seq ?? Infinity) - (b.seq ?? Infinity) || 0);

/** A fold under way: what the entries so far have made of the piece, and who set what. */
export interface PieceFold {
  readonly entries: readonly LedgerEntry[];
  readonly start: LedgerEntry;
  readonly piece: Piece;
  readonly setters: Setters;
  readonly idle: readonly WithoutEffect[];
  readonly doers: Doers;
  readonly doubled: readonly Doubled[];
}

const stepped = (from: PieceFold, it: LedgerEntry): PieceFold => {
  const { change, gone, doers, doubled } = sifted(from.doers, it);
  const before =
    doubled.length === 0 && doers === from.doers
      ? from
      : {
          ...from,
          doers,
          doubled: [...from.doubled, ...doubled],
          piece:
            gone.length === 0
              ? from.piece
              : { ...from.piece, done: from.piece.done.filter((one) => !gone.includes(one.id)) },
        };
  if (change.kind === 'did' && change.done.length === 0) return before;
  const after = applyEntry(before.piece, change);
  return after.ok
    ? { ...before, piece: after.value, setters: setBy(before.setters, it) }
    : {
        ...before,
        idle: [...before.idle, { entryId: it.id, problems: [...after.problems] }],
      };
};

/**
 * Folds the entries of one piece in the order of the record. Pure; the same entries give the same
 * piece on every device.
 * @param entries all entries about one piece, in any order; those without a place come last, as given
 * @returns undefined where no entry takes the piece in
 */
export const foldEntries = (entries: readonly LedgerEntry[]): PieceFold | undefined => {
  const ordered = inOrder(entries);
  const start = ordered.find((it) => it.change.kind === 'takenIn');
  if (start?.change.kind !== 'takenIn' || start.pieceId === null) return undefined;
  const gone = revokedIn(ordered);
  const fresh: PieceFold = {
    entries: ordered,
    start,
    piece: newPiece(start.pieceId, start.change.description),
    setters: NO_SETTERS,
    idle: [],
    doers: new Map(),
    doubled: [],
  };
  return ordered.filter((it) => it !== start && !gone.has(it.id)).reduce<PieceFold>(stepped, fresh);
};

/** Goes on by one entry that is later than all before. */
export const extendFold = (before: PieceFold, it: LedgerEntry): PieceFold => {
  const entries = [...before.entries, it];
  return it.change.kind === 'revoke'
    ? (foldEntries(entries) ?? before)
    : stepped({ ...before, entries }, it);
};

/** What a fold has made, as it crosses borders. */
export const ledgerOf = ({
  entries,
  start,
  piece,
  setters,
  idle,
  doubled: twice,
}: PieceFold): PieceLedger => ({
  number: start.number,
  revision: entries.length,
  createdAt: start.at,
  updatedAt: (entries.at(-1) ?? start).at,
  seq: Math.max(0, ...entries.map((it) => it.seq ?? 0)),
  piece,
  conflicts: conflictsIn(setters),
  withoutEffect: [...idle],
  doubled: [...twice],
});

/** The state of one piece from its entries; undefined where none takes it in. */
export const foldPiece = (entries: readonly LedgerEntry[]): PieceLedger | undefined => {
  const folded = foldEntries(entries);
  return folded && ledgerOf(folded);
};

/** The shop as its entries make it. */
export interface ShopLedger {
  readonly shop: Shop;
  /** Every container that was ever in the stock, as it was last seen. */
  readonly stock: readonly Stocked[];
  readonly seq: number;
  readonly conflicts: readonly Conflict[];
}

/** The state of the shop: the fold of the entries that are about no piece. */
export const foldShop = (entries: readonly LedgerEntry[]): ShopLedger => {
  const ordered = inOrder(entries);
  const gone = revokedIn(ordered);
  let shop = USUAL_SHOP;
  let stock: readonly Stocked[] = [];
  let setters = NO_SETTERS;
  for (const it of ordered) {
    if (gone.has(it.id)) continue;
    if (it.change.kind === 'shopSet') shop = { ...shop, ...it.change.settings };
    else if (it.change.kind === 'priced')
      shop = { ...shop, prices: withPrices(shop.prices, it.change.prices) };
    else if (it.change.kind === 'stocked') stock = withStocked(stock, it.change.containers);
    else continue;
    setters = setBy(setters, it);
  }
  return {
    shop,
    stock,
    seq: Math.max(0, ...ordered.map((it) => it.seq ?? 0)),
    conflicts: conflictsIn(setters),
  };
};
