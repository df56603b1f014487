import type { Operation } from '../../route';

/** What a timetable tells of an operation. */
export type Step = Pick<
  Operation,
  | 'id'
  | 'taskKeys'
  | 'phase'
  | 'title'
  | 'surfaceIds'
  | 'minutes'
  | 'makesDust'
  | 'coats'
  | 'coating'
  | 'gate'
  | 'holds'
  | 'materials'
>;

export const stepOf = (it: Operation): Step => ({
  id: it.id,
  taskKeys: it.taskKeys,
  phase: it.phase,
  title: it.title,
  surfaceIds: it.surfaceIds,
  minutes: it.minutes,
  makesDust: it.makesDust,
  coats: it.coats,
  coating: it.coating,
  gate: it.gate,
  holds: it.holds,
  materials: it.materials,
});
