import { costOf, earningsOf, type Earnings, type PieceCost } from '@obrik/core/money';
import type { Piece } from '@obrik/core/piece';
import { timedOf } from '@obrik/core/run';
import { learnPaces } from '@obrik/core/work';
import { useMemo } from 'react';
import { useCase } from '@/api/useCase';
import { useStock } from '@/api/usePiece';
import { useShelves } from '@/features/shop/useShelves';

/** What a piece costs and earns, at the pace of this shop; undefined until the other pieces are known. */
export const usePieceCost = (
  piece: Piece,
): { readonly cost: PieceCost; readonly earnings: Earnings } | undefined => {
  const stock = useStock();
  const now = useCase(piece);
  const { pieces } = useShelves();
  return useMemo(() => {
    if (!pieces) return undefined;
    const paces = learnPaces(timedOf(pieces));
    const cost = costOf(now, { stock, users: pieces, paces });
    return { cost, earnings: earningsOf(cost, now.piece.account, now.shop.money) };
  }, [now, stock, pieces]);
};
