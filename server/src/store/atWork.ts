import type { Piece, Shop, Stocked } from '@obrik/core/piece';
import type { LedgerStore } from './ledger';

/** Pieces that are planned together at most. */
const MOST = 80;

/** What the shop has at work, the shop, and its stock. */
export const atWork = async (
  ledger: LedgerStore,
): Promise<{ pieces: Piece[]; shop: Shop; stock: readonly Stocked[] }> => {
  const { pieces, shop, stock } = await allPieces(ledger);
  return { pieces: pieces.filter((it) => !it.archived).slice(0, MOST), shop, stock };
};

/** Every piece, those that were put away too: what took from the stock, and what was sold. */
export const allPieces = async (
  ledger: LedgerStore,
): Promise<{ pieces: Piece[]; shop: Shop; stock: readonly Stocked[] }> => {
  const cards = await ledger.summaries(0, MOST_CARDS);
  const records = await Promise.all(cards.map((it) => ledger.piece(it.pieceId)));
  const { shop, stock } = await ledger.shop();
  return { pieces: records.flatMap((it) => it?.piece ?? []), shop, stock };
};

/** More pieces than a small shop ever has. */
const MOST_CARDS = 2000;
