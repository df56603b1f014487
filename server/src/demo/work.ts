import type { DoneWork, Piece, Shop } from '@obrik/core/piece';
import { planRoute, type Operation } from '@obrik/core/route';
import { effectOf } from '@obrik/core/work';

const HOUR_MS = 60 * 60 * 1000;

/** How far a piece of the demo has got: up to and with which operation, and when that was done. */
export interface GotTo {
  readonly pieceId: string;
  readonly isLast: (it: Operation) => boolean;
  readonly hoursAgo: number;
  readonly spaceId: string;
}

/** The piece with the work that was done on it: each operation a day before the next, the last of them so many hours ago. */
export const worked = (
  piece: Piece,
  shop: Shop,
  now: Date,
  { isLast, hoursAgo, spaceId }: GotTo,
): Piece => {
  const { operations, tasks } = planRoute(piece, shop);
  const last = operations.findIndex(isLast);
  const done = operations.slice(0, last + 1).flatMap((operation, index) => {
    const end = now.getTime() - (hoursAgo + (last - index) * 24) * HOUR_MS;
    return tasks
      .filter((it) => operation.taskKeys.includes(it.key))
      .map((it, nth): DoneWork => ({
        id: `${piece.id}-d${index}-${nth}`,
        taskKey: it.key,
        title: it.title,
        surfaceIds: [...it.surfaceIds],
        startedAt: new Date(end - operation.minutes * 60_000).toISOString(),
        endedAt: new Date(end).toISOString(),
        expectedEnd: null,
        pauses: [],
        timed: false,
        planned: null,
        by: 'Runa',
        spaceId,
        effect: effectOf(it),
      }));
  });
  return { ...piece, done };
};
