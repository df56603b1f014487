import { shop } from '@obrik/core/piece';
import { endpoint, type Endpoint } from '../http/endpoint';
import type { ShopStore } from '../store/shop';

/** What holds for the whole workshop. */
export const shopEndpoints = (store: ShopStore): readonly Endpoint[] => [
  endpoint({
    method: 'get',
    path: '/shop',
    summary: 'Settings of the shop',
    reply: shop,
    handle: () => store.get(),
  }),
  endpoint({
    method: 'put',
    path: '/shop',
    summary: 'Change the settings of the shop',
    body: shop,
    reply: shop,
    handle: (_, body) => store.put(body),
  }),
];
