import { costOf, earningsOf, type Earnings, type PieceCost } from '@obrik/core/money';
import type { Piece } from '@obrik/core/piece';
import { timedOf } from '@obrik/core/run';
import { learnPaces } from '@obrik/core/work';
import { useMemo } from 'react';
import { useCase } from '@/api/useCase';
import { useShop, useStock } from '@/api/usePiece';
import { useShelves } from '@/features/shop/useShelves';

/** What a piece costs and earns, at the pace of this shop; undefined until the other pieces are known. */
export const usePieceCost = (
  piece: Piece,
): { readonly cost: PieceCost; readonly earnings: Earnings } | undefined => {
  const shop = useShop();
  const stock = useStock();
  const { route } = useCase(piece);
  const { pieces } = useShelves();
  return useMemo(() => {
    if (!pieces) return undefined;
    const paces = learnPaces(timedOf(pieces));
    const cost = costOf(piece, { shop, stock, users: pieces, paces, route });
    return { cost, earnings: earningsOf(cost, piece.account, shop.money) };
  }, [piece, shop, stock, pieces, route]);
};
