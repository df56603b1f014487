import { shoppingList } from '@obrik/core/supply';
import type { Heavy } from '../heavy/pool';
import { endpoint, type Endpoint } from '../http/endpoint';
import { atWork } from '../store/atWork';
import type { LedgerStore } from '../store/ledger';

/** What the pieces at work still need, and the cheapest containers that hold it; nothing is stored. */
export const shoppingEndpoints = (ledger: LedgerStore, heavy: Heavy): readonly Endpoint[] => [
  endpoint({
    method: 'get',
    path: '/shopping',
    summary: 'What the pieces at work still need, and the cheapest containers that hold it',
    reply: shoppingList,
    errors: [503],
    handle: async () => {
      const { pieces, shop } = await atWork(ledger);
      return heavy.run('shopping', pieces, shop);
    },
  }),
];
