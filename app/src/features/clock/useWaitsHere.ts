import { useMemo } from 'react';
import type { Piece } from '@obrik/core/piece';
import type { Operation } from '@obrik/core/route';
import {
  againstIt,
  nextStep,
  settingNow,
  stillDries,
  type AgainstIt,
  type DryingNow,
} from '@obrik/core/schedule';
import { useCase } from '@/api/useCase';
import { useShop } from '@/api/usePiece';
import { useMinute } from '@/workers/useMinute';

interface WaitsHere {
  readonly now: number;
  /** What dries on the piece. */
  readonly drying: readonly DryingNow[];
  /** What stands against a step. */
  readonly against: (it: Operation) => AgainstIt;
  /** The step to offer next; undefined where everything waits. */
  readonly next: Operation | undefined;
}

/** What holds up the steps of a piece now: what comes before them, what is wet below, and harms. */
export const useWaitsHere = (piece: Piece): WaitsHere => {
  const shop = useShop();
  const now = useMinute();
  const it = useCase(piece);
  return useMemo(() => {
    const setting = settingNow(piece, shop, now);
    return {
      now,
      drying: setting.filter((one) => stillDries(one, now)),
      against: (step) => againstIt(it, step, setting, now),
      next: nextStep(it, setting, now),
    };
  }, [piece, shop, now, it]);
};
