import { piece, type Piece } from '@obrik/core/piece';
import type { PieceStore } from '../store/pieces';
import { harbourLibrary } from './scenario';

/** When something was last put on record. */
const lastEntry = (it: Piece): Date | undefined => {
  const times = [...it.observations, ...it.findings, ...it.confirmations].map((one) => one.at);
  const last = times.sort().at(-1);
  return last === undefined ? undefined : new Date(last);
};

/** Loads the demo into a store that holds no piece yet. One with pieces is left as it is. */
export const loadDemo = async (store: PieceStore, now: Date): Promise<void> => {
  if ((await store.list()).length > 0) return;
  for (const it of harbourLibrary(now)) await store.add(piece.parse(it), lastEntry(it) ?? now);
};
