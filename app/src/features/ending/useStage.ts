import { stageOf, type Stage } from '@obrik/core/schedule';
import type { Piece } from '@obrik/core/piece';
import { ENDING_WORDS } from '@obrik/core/words';
import { useCase } from '@/api/useCase';
import { useWaitsHere } from '@/features/clock/useWaitsHere';
import { useTimes } from '@/features/shared/useTimes';

/** Where a piece stands now, and as it is said. */
export const useStage = (piece: Piece): { readonly stage: Stage; readonly words: string } => {
  const times = useTimes();
  const { drying, now } = useWaitsHere(piece);
  const stage = stageOf(useCase(piece), drying, now);
  const words = ENDING_WORDS.stage(
    stage.kind === 'waiting'
      ? { kind: 'waiting', until: stage.until === null ? null : times.timeOf(stage.until, now) }
      : stage,
  );
  return { stage, words };
};
