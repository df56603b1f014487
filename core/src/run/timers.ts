import { MINUTE_MS } from '../units';
import { COATINGS, METHODS, TIMERS, type Material, type TimerId } from '../catalog';
import { linesOf, type LineOf, type Piece } from '../piece';
import type { Task } from '../work';

const BY_MATERIAL: Readonly<Partial<Record<Material, readonly TimerId[]>>> = {
  twoPartFiller: ['fillerPot', 'fillerCarve'],
  contactCement: ['contactFlash'],
  woodGlue: ['glueOpen'],
  residueRemover: ['residueSoak'],
};

/** The times worth keeping while some tasks are done. */
export const timersFor = (
  tasks: readonly Pick<Task, 'method' | 'traits' | 'consumes'>[],
): readonly TimerId[] => [
  ...new Set(
    tasks.flatMap(({ method, traits, consumes }) => [
      ...METHODS.get(method).timers,
      ...(traits.lays ? (COATINGS.get(traits.lays.coating).timers ?? []) : []),
      ...consumes.flatMap((it) => BY_MATERIAL[it.material] ?? []),
    ]),
  ),
];

/** The timers of a step that still run or ring, as stopped: it is done. */
export const timersStopped = (
  log: Piece['log'],
  taskKeys: readonly string[],
  at: string,
): readonly LineOf<'timer'>[] =>
  linesOf(log, 'timer')
    .filter((it) => it.endedAt === null && it.taskKeys.some((key) => taskKeys.includes(key)))
    .map((it) => ({ ...it, endedAt: at }));

/** Where a timer stands: it runs, it has rung, or it is late, so that something has to be done now. */
export const timerStands = (
  it: Pick<LineOf<'timer'>, 'timer' | 'at' | 'endsAt' | 'endedAt'>,
  now: string,
): 'runs' | 'rings' | 'late' | 'over' => {
  if (it.endedAt !== null) return 'over';
  if (Date.parse(now) < Date.parse(it.endsAt)) return 'runs';
  const { lateAfter, minutes } = TIMERS.get(it.timer);
  if (lateAfter === null) return 'rings';
  const late = Date.parse(it.endsAt) + (lateAfter - minutes) * MINUTE_MS;
  return Date.parse(now) >= late ? 'late' : 'rings';
};
