import type { Piece, Shop } from '@obrik/core/piece';
import type { LedgerStore } from './ledger';

/** Pieces that are planned together at most. */
const MOST = 80;

/** What the shop has at work, and the shop. */
export const atWork = async (ledger: LedgerStore): Promise<{ pieces: Piece[]; shop: Shop }> => {
  const cards = (await ledger.summaries(0, MOST)).filter((it) => !it.archived);
  const records = await Promise.all(cards.map((it) => ledger.piece(it.pieceId)));
  return {
    pieces: records.flatMap((it) => it?.piece ?? []),
    shop: (await ledger.shop()).shop,
  };
};
