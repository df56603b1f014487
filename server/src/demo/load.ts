import { entriesOf } from '@obrik/core/ledger';
import { piece, type Piece } from '@obrik/core/piece';
import type { LedgerStore } from '../store/ledger';
import { harbourLibrary } from './scenario';

/** When something was last put on record. */
const lastEntry = (it: Piece): Date | undefined => {
  const times = [...it.observations, ...it.findings, ...it.confirmations].map((one) => one.at);
  const last = times.sort().at(-1);
  return last === undefined ? undefined : new Date(last);
};

/** Loads the demo into a record that is empty. One with anything in it is left as it is. */
export const loadDemo = async (ledger: LedgerStore, now: Date): Promise<void> => {
  if ((await ledger.last()) > 0) return;
  for (const it of harbourLibrary(now)) {
    const at = (lastEntry(it) ?? now).toISOString();
    let serial = 0;
    const entries = entriesOf(
      piece.parse(it),
      { at, device: 'demo' },
      () => `${it.id}-e${++serial}`,
    );
    await ledger.add(entries, now);
  }
};
