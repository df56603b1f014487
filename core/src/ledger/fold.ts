import { z } from 'zod';
import {
  USUAL_SHOP,
  applyChange,
  bad,
  good,
  newPiece,
  pieceRecord,
  type Piece,
  type Result,
  type Shop,
  type Stocked,
  withPrices,
  withStocked,
} from '../piece';
import {
  NO_SETTERS,
  contested,
  contestedIn,
  setBy,
  type Contested,
  type Setters,
} from './contested';
import { doubled, sifted, type Doers, type Doubled } from './doubled';
import type { Deed, LedgerEntry } from './entry';

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
  contested: z.array(contested),
  withoutEffect: z.array(withoutEffect),
  /** Work that two devices put on record; one of them counts. */
  doubled: z.array(doubled).default([]),
});
export type PieceLedger = z.infer<typeof pieceLedger>;

/** Ids of the entries that were taken back. What takes back can be taken back: the last word holds. */
export const takenBackIn = (entries: readonly LedgerEntry[]): ReadonlySet<string> => {
  const gone = new Set<string>();
  for (let index = entries.length - 1; index >= 0; index--) {
    const it = entries[index];
    if (it?.deed.kind !== 'takenBack' || gone.has(it.id)) continue;
    for (const id of it.deed.entryIds) gone.add(id);
  }
  return gone;
};

/** The entries in order: those of the record by their place, then what waits on the device. */
const inOrder = (entries: readonly LedgerEntry[]): readonly LedgerEntry[] =>
  [...entries].sort((a, b) => (a.seq ?? Infinity) - (b.seq ?? Infinity) || 0);

/** The piece after one deed of its ledger. */
export const applyDeed = (before: Piece, it: Deed): Result<Piece> => {
  switch (it.kind) {
    case 'takenIn':
      return bad('deed.kind', 'The piece is in the shop already.');
    case 'shopSet':
    case 'stocked':
    case 'priced':
      return bad('deed.kind', 'Settings, stock and prices of the shop belong to no piece.');
    case 'takenBack':
    case 'erased':
      return good(before);
    default:
      return applyChange(before, it);
  }
};

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
  const { deed, gone, doers, doubled } = sifted(from.doers, it);
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
  if (deed.kind === 'did' && deed.done.length === 0) return before;
  const after = applyDeed(before.piece, deed);
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
  const start = ordered.find((it) => it.deed.kind === 'takenIn');
  if (start?.deed.kind !== 'takenIn' || start.pieceId === null) return undefined;
  const gone = takenBackIn(ordered);
  const fresh: PieceFold = {
    entries: ordered,
    start,
    piece: newPiece(start.pieceId, start.deed.description),
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
  return it.deed.kind === 'takenBack'
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
  contested: contestedIn(setters),
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
  readonly contested: readonly Contested[];
}

/** The state of the shop: the fold of the entries that are about no piece. */
export const foldShop = (entries: readonly LedgerEntry[]): ShopLedger => {
  const ordered = inOrder(entries);
  const gone = takenBackIn(ordered);
  let shop = USUAL_SHOP;
  let stock: readonly Stocked[] = [];
  let setters = NO_SETTERS;
  for (const it of ordered) {
    if (gone.has(it.id)) continue;
    if (it.deed.kind === 'shopSet') shop = { ...shop, ...it.deed.settings };
    else if (it.deed.kind === 'priced')
      shop = { ...shop, prices: withPrices(shop.prices, it.deed.prices) };
    else if (it.deed.kind === 'stocked') stock = withStocked(stock, it.deed.containers);
    else continue;
    setters = setBy(setters, it);
  }
  return {
    shop,
    stock,
    seq: Math.max(0, ...ordered.map((it) => it.seq ?? 0)),
    contested: contestedIn(setters),
  };
};
