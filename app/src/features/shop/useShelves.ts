import { isAtWork, type Piece, type Stocked } from '@obrik/core/piece';
import { stockNow, type OnHand, type Shelves } from '@obrik/core/supply';
import { useMemo } from 'react';
import { useEveryPieceQuery } from '@/api/api';
import { useStock } from '@/api/usePiece';
import { useTimes } from '@/features/shared/useTimes';

/** What stands in the shop, and who takes from it; the pieces are undefined until they are known. */
export interface ShelvesState {
  readonly pieces: readonly Piece[] | undefined;
  readonly atWork: readonly Piece[] | undefined;
  readonly stock: readonly Stocked[];
  readonly shelves: Shelves;
  readonly onHand: readonly OnHand[];
}

export const useShelves = (): ShelvesState => {
  const times = useTimes();
  const { data } = useEveryPieceQuery();
  const known = data ?? undefined;
  const stock = useStock();
  const today = times.today();
  const pieces = useMemo(() => known?.map((it) => it.piece), [known]);
  const atWork = useMemo(() => pieces?.filter(isAtWork), [pieces]);
  const shelves = useMemo(() => ({ stock, today }), [stock, today]);
  const onHand = useMemo(() => stockNow(stock, pieces ?? [], today), [stock, pieces, today]);
  return { pieces, atWork, stock, shelves, onHand };
};
