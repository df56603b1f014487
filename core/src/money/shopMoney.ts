import type { ShopCase } from '../case';
import { learnPaces, timedIn } from '../work';
import { costOf } from './cost';
import { earningsOf } from './earnings';
import { flippingOf, type Flipping } from './flipping';

/** The money of a shop over all its pieces, each reckoned at the pace of this shop. */
export const shopMoney = ({ pieces, shop, stock, caseOf }: ShopCase): Flipping => {
  const paces = learnPaces(pieces.flatMap(({ done, log }) => timedIn(done, log)));
  return flippingOf(
    pieces.map((piece) => {
      const cost = costOf(caseOf(piece), { stock, users: pieces, paces });
      return { piece, cost, earnings: earningsOf(cost, piece.account, shop.money) };
    }),
  );
};
