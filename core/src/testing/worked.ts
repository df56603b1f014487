import type { DoneWork, Piece, Shop } from '../piece';
import { planRoute } from '../route';
import { effectOf } from '../effect';
import { type Task } from '../work';

/** When all work of a test was done, where it says nothing else. */
export const DONE_AT = '2026-03-02T18:00:00Z';

/** A task on record as done. */
export const didOf = (task: Task, told: Partial<DoneWork> = {}): DoneWork => ({
  id: `d-${task.key.replace(/\W/g, '-').slice(-50)}`,
  taskKey: task.key,
  title: task.title,
  surfaceIds: [...task.surfaceIds],
  startedAt: DONE_AT,
  endedAt: DONE_AT,
  expectedEnd: null,
  pauses: [],
  timed: false,
  planned: null,
  by: '',
  spaceId: null,
  step: null,
  took: null,
  effect: effectOf(task),
  ...told,
});

/** The piece after the first tasks of its route were put on record. */
export const workedOn = (piece: Piece, shop: Shop, count: number, at = DONE_AT): Piece => ({
  ...piece,
  done: [
    ...piece.done,
    ...planRoute(piece, shop)
      .tasks.slice(0, count)
      .map((it, nth) =>
        didOf(it, { id: `d${piece.done.length + nth}`, startedAt: at, endedAt: at }),
      ),
  ],
});

/** The piece after its route was done up to a task and with it. */
export const workedTo = (piece: Piece, shop: Shop, key: string): Piece => {
  const at = planRoute(piece, shop).tasks.findIndex((it) => it.key === key);
  if (at < 0) throw new Error(`No task "${key}" in the route.`);
  return workedOn(piece, shop, at + 1);
};
