import type { Case } from '@obrik/core/case';
import type { Piece } from '@obrik/core/piece';
import { caseAt } from '@obrik/core/schedule';
import { useMemo } from 'react';
import { shopNow } from '@/device';
import { useShop } from './usePiece';

const HOUR_MS = 3_600_000;
const MINUTES = 60;

/** The one view of a piece in this shop that all screens share; what has hardened since wants its scuff. */
export const useCase = (piece: Piece): Case => {
  const shop = useShop();
  const hour = Math.floor(shopNow().getTime() / HOUR_MS);
  return useMemo(() => caseAt(piece, shop, hour * MINUTES), [piece, shop, hour]);
};
