import type { DoneWork, Piece } from '@obrik/core/piece';
import type { Step } from '@obrik/core/schedule';

/** What of a step was begun and is not done, by key of the task. */
export const underWay = (
  piece: Piece,
  { taskKeys }: Pick<Step, 'taskKeys'>,
): ReadonlyMap<string, DoneWork> =>
  new Map(
    piece.done.flatMap((it) =>
      it.endedAt === null && taskKeys.includes(it.taskKey) ? [[it.taskKey, it] as const] : [],
    ),
  );

/** Where a step of a piece is done. */
export const benchAddress = (pieceId: string, operationId: string) =>
  `/pieces/${pieceId}/bench?step=${encodeURIComponent(operationId)}` as const;

/** Where a step of a piece is opened. */
export const stepAddress = (pieceId: string, operationId: string) =>
  `/pieces/${pieceId}/route?step=${encodeURIComponent(operationId)}` as const;
