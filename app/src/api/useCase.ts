import { caseOf, type Case } from '@obrik/core/case';
import type { Piece } from '@obrik/core/piece';
import { useMemo } from 'react';
import { useMinute } from '@/workers/useMinute';
import { useShop } from './usePiece';

/** The one view of a piece in this shop that all screens share; where a recoat window has closed since, it wants its scuff. */
export const useCase = (piece: Piece): Case => {
  const shop = useShop();
  const now = useMinute();
  return useMemo(() => caseOf({ piece, shop, now }), [piece, shop, now]);
};
