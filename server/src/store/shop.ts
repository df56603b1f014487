import { USUAL_SHOP, shop, type Shop } from '@obrik/core/piece';
import type { Database } from './database';

export interface ShopStore {
  get(): Promise<Shop>;
  put(it: Shop): Promise<Shop>;
}

/** There is one shop. */
const ONLY = 1;

export const shopStore = ({ models }: Database): ShopStore => ({
  get: async () => {
    const row = await models.shop.findByPk(ONLY);
    return row ? shop.parse(row.get({ plain: true })) : USUAL_SHOP;
  },
  put: async (it) => {
    await models.shop.upsert({ ...it, id: ONLY });
    return it;
  },
});
