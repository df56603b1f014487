import { MINUTE_MS } from '../units';
import { airAt, type Air } from '../climate';
import type { DoneWork, Shop } from '../piece';
import { airIn } from './airs';

/**
 * The air in which work on record was begun, as the shop reckons its spaces: a logger's own where one
 * hung there, else a model.
 * @returns undefined where the shop has no space
 */
export const airDuring = (
  shop: Shop,
  it: Pick<DoneWork, 'startedAt' | 'spaceId'>,
): Air | undefined => {
  const space = shop.spaces.find(({ id }) => id === it.spaceId) ?? shop.spaces[0];
  const at = Date.parse(it.startedAt) / MINUTE_MS;
  return space && airAt(airIn(shop, space, at), at);
};
