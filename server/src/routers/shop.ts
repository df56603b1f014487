import { shop } from '@obrik/core/piece';
import { endpoint, type Endpoint } from '../http/endpoint';
import type { LedgerStore } from '../store/ledger';
import { entriesPage } from '@obrik/core/contracts';

/** What holds for the whole workshop. */
export const shopEndpoints = (ledger: LedgerStore): readonly Endpoint[] => [
  endpoint({
    method: 'get',
    path: '/shop',
    summary: 'Settings of the shop',
    reply: shop,
    handle: async () => (await ledger.shop()).shop,
  }),
  endpoint({
    method: 'get',
    path: '/shop/entries',
    summary: 'All entries about the shop, in order',
    reply: entriesPage,
    handle: () => ledger.ofShop(),
  }),
];
