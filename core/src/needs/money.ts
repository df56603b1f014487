import { priceIn, type Shop } from '../piece';
import type { MaterialNeed } from './need';

/** What so much of a material costs by the shop's price book, or else the catalog's placeholder: whole minor units. */
export const moneyFor = (
  { material, quantity }: Pick<MaterialNeed, 'material' | 'quantity'>,
  { prices }: Pick<Shop, 'prices'>,
): number => Math.round(priceIn(prices, material, quantity));

/** What needs cost together, minor units: the sum of their lines, each as it is told. */
export const moneyForAll = (needs: readonly MaterialNeed[], shop: Pick<Shop, 'prices'>): number =>
  needs.reduce((sum, it) => sum + moneyFor(it, shop), 0);
