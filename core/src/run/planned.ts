import type { Piece } from '../piece';
import { learnPaces, timedIn, type Pace, type Timed } from '../work';

/** Planned against actual minutes of one kind of work by one person. */
export interface PlannedActual {
  readonly kind: string;
  readonly by: string;
  readonly jobs: number;
  readonly plannedMinutes: number;
  readonly actualMinutes: number;
  /** What is learned from it: the pace of that person at that kind. */
  readonly pace: Pace;
}

/** What the timed work of some pieces took, as corrected by whoever did it. */
export const timedOf = (pieces: readonly Pick<Piece, 'done' | 'log'>[]): readonly Timed[] =>
  pieces.flatMap(({ done, log }) => timedIn(done, log));

const sum = (list: readonly Timed[], of: (it: Timed) => number): number =>
  list.reduce((total, it) => total + of(it), 0);

/** Planned against actual minutes by kind of work and person, most time first. */
export const plannedAgainstActual = (jobs: readonly Timed[]): readonly PlannedActual[] => {
  const people = [...new Set(jobs.map((it) => it.by))];
  return people
    .flatMap((by) => {
      const own = jobs.filter((it) => it.by === by);
      const paces = learnPaces(own);
      return [...new Set(own.map((it) => it.kind))].map((kind): PlannedActual => {
        const list = own.filter((it) => it.kind === kind);
        return {
          kind,
          by,
          jobs: list.length,
          plannedMinutes: sum(list, (it) => it.plannedMinutes),
          actualMinutes: sum(list, (it) => it.actualMinutes),
          pace: paces.of(kind),
        };
      });
    })
    .sort((a, b) => b.actualMinutes - a.actualMinutes);
};
