import { entriesOf, formOf, type Change } from '@obrik/core/ledger';
import { NO_ACCOUNT, piece, shop, type Piece } from '@obrik/core/piece';
import type { LedgerStore } from '../store/ledger';
import { ACCOUNTS, GOT_TO, demoPrices, harbourLibrary, shelfOf, twoPersonShop } from './scenario';
import { worked } from './work';

/** When something was last put on record. */
const lastEntry = (it: Piece): Date | undefined => {
  const times = [...it.observations, ...it.findings, ...it.confirmations].map((one) => one.at);
  const last = times.sort().at(-1);
  return last === undefined ? undefined : new Date(last);
};

/** Loads the demo into a record that is empty. One with anything in it is left as it is. */
export const loadDemo = async (ledger: LedgerStore, now: Date): Promise<void> => {
  if ((await ledger.last()) > 0) return;
  const settings = twoPersonShop();
  const changes: readonly Change[] = [
    { kind: 'shopSet', settings },
    { kind: 'priced', prices: [...demoPrices()] },
    { kind: 'stocked', containers: [...shelfOf(now)] },
  ];
  await ledger.add(
    changes.map((change, nth) => ({
      id: `demo-shop-${nth}`,
      pieceId: null,
      form: formOf(change),
      change,
      at: now.toISOString(),
      device: 'demo',
      by: '',
      baseSeq: 0,
    })),
    now,
  );
  for (const fresh of harbourLibrary(now)) {
    const got = GOT_TO.find((one) => one.pieceId === fresh.id);
    const done = got ? worked(piece.parse(fresh), shop.parse(settings), now, got) : fresh;
    const it = { ...done, account: { ...NO_ACCOUNT, ...ACCOUNTS[fresh.id] } };
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
