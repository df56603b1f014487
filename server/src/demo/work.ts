import { HOUR_MS } from '@obrik/core/units';
import { CHECKS, type Material } from '@obrik/core/catalog';
import type { DoneWork, LogLine, Piece, Shop } from '@obrik/core/piece';
import { tookAt } from '@obrik/core/needs';
import { caseOf } from '@obrik/core/case';
import type { Operation } from '@obrik/core/route';
import { minuteOf } from '../http/minute';
import { effectOf } from '@obrik/core/effect';

/** How far a piece of the demo has got: up to and with which operation, and when that was done. */
export interface GotTo {
  readonly pieceId: string;
  readonly isLast: (it: Operation) => boolean;
  readonly hoursAgo: number;
  readonly spaceId: string;
}

/** Where a material of the demo came from. */
interface Lot {
  readonly lot: string;
  readonly containerId: string;
  readonly colour: string | null;
}

/** What somebody wrote down at a step of the demo: what it took, of which lot, and that all looked well. */
const writtenAt = (
  operation: Operation,
  id: string,
  at: string,
  lots: ReadonlyMap<Material, Lot>,
): readonly LogLine[] => {
  const line = {
    at,
    by: 'Runa',
    taskKeys: [...operation.taskKeys],
    surfaceIds: [...operation.surfaceIds],
  };
  const used = operation.consumes
    .filter((it) => lots.has(it.material))
    .map((it, nth): LogLine => ({
      ...line,
      of: 'used',
      id: `${id}-u${nth}`,
      material: it.material,
      quantity: Math.round(it.quantity * 100) / 100,
      lot: lots.get(it.material)?.lot ?? '',
      containerId: lots.get(it.material)?.containerId ?? null,
      colour: lots.get(it.material)?.colour ?? null,
    }));
  const seen = operation.checks.map((it, nth): LogLine => ({
    ...line,
    of: 'check',
    id: `${id}-c${nth}`,
    check: it.id,
    answer: CHECKS.get(it.id).answers[0].id,
    place: null,
    setback: null,
  }));
  return [...used, ...seen];
};

/** Lots of the demo's containers, as they stand on its shelf. */
const LOTS: ReadonlyMap<Material, Lot> = new Map<Material, Lot>([
  ['bonding', { lot: 'B 204', containerId: 'can-bonding', colour: 'toned' }],
  ['cabinetEnamel', { lot: 'K 17', containerId: 'can-enamel', colour: '#22303d' }],
  ['degreaser', { lot: '0931', containerId: 'degreaser', colour: null }],
]);

/** The piece with the work that was done on it: each operation a day before the next, the last of them so many hours ago. */
export const worked = (
  piece: Piece,
  shop: Shop,
  now: Date,
  { isLast, hoursAgo, spaceId }: GotTo,
): Piece => {
  const { route } = caseOf({ piece, shop, now: minuteOf(now) });
  const { operations, tasks } = route;
  const last = operations.findIndex(isLast);
  const done = operations.slice(0, last + 1).flatMap((operation, index) => {
    const took = tookAt(piece, route, operation, operation.taskKeys).map((it) => ({ ...it }));
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
        step: index + 1,
        took: nth === 0 ? took : [],
        effect: effectOf(it),
      }));
  });
  // What was done last has not been looked at yet.
  const log = operations.slice(0, last).flatMap((operation, index) => {
    const at = new Date(now.getTime() - (hoursAgo + (last - index) * 24) * HOUR_MS);
    return writtenAt(operation, `${piece.id}-l${index}`, at.toISOString(), LOTS);
  });
  return { ...piece, done, log };
};
