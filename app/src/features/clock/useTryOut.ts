import { MINUTE_MS } from '@obrik/core/units';
import type { ClockView, TimetableEntry } from '@obrik/core/schedule';
import { useRef, useState } from 'react';
import { useChanges } from '@/api/usePiece';
import { stepKeyOf } from './lanes';

/** Steps that are moved by hand to see what that pushes; nothing is on record until it is kept. */
export interface TryOut {
  /** By key of a step: not before this minute. */
  readonly held: ReadonlyMap<string, number>;
  /** The plan before anything was moved. */
  readonly before: ClockView | undefined;
  readonly move: (step: TimetableEntry, minutes: number) => void;
  /** Takes hold of some steps; then they are dragged, by so many minutes from where they stood. */
  readonly grab: (keys: readonly string[]) => void;
  readonly drag: (keys: readonly string[], minutes: number) => void;
  readonly leave: () => void;
  /** Puts what was moved on record. */
  readonly keep: () => Promise<void>;
}

/** What was moved by hand, before the plan with it is made. */
export const useHeld = () => {
  const [held, setHeld] = useState<ReadonlyMap<string, number>>(new Map());
  return { held, setHeld };
};

/** What may be done with it. @param view the plan with what was moved */
export const useTryOut = (
  { held, setHeld }: ReturnType<typeof useHeld>,
  view: ClockView | undefined,
  now: number,
): TryOut => {
  const put = useChanges();
  const [before, setBefore] = useState<ClockView>();
  const from = useRef<ReadonlyMap<string, number>>(new Map());
  const entries = view?.timetable.entries ?? [];
  const start = (): void => {
    if (!before) setBefore(view);
  };
  const withTimes = (times: readonly (readonly [string, number])[]): void => {
    const next = new Map(held);
    for (const [key, at] of times) {
      if (at <= now) next.delete(key);
      else next.set(key, at);
    }
    setHeld(next);
  };
  const leave = (): void => {
    setBefore(undefined);
    setHeld(new Map());
  };
  return {
    held,
    before: held.size > 0 ? before : undefined,
    move: (step, minutes) => {
      if (step.running) return;
      start();
      withTimes([[stepKeyOf(step), step.start + minutes]]);
    },
    grab: (keys) => {
      start();
      from.current = new Map(
        entries.flatMap((it) => (keys.includes(stepKeyOf(it)) ? [[stepKeyOf(it), it.start]] : [])),
      );
    },
    drag: (keys, minutes) =>
      withTimes(keys.map((key) => [key, (from.current.get(key) ?? now) + minutes])),
    leave,
    keep: async () => {
      const moved = entries.flatMap((it) => {
        const at = held.get(stepKeyOf(it));
        return at === undefined ? [] : [{ it, until: new Date(at * MINUTE_MS).toISOString() }];
      });
      for (const pieceId of new Set(moved.map(({ it }) => it.pieceId))) {
        const putOff = moved
          .filter(({ it }) => it.pieceId === pieceId)
          .flatMap(({ it, until }) =>
            it.operation.taskKeys.map((taskKey) => ({ taskKey, until, why: 'choice' as const })),
          );
        const taskKeys = putOff.map((it) => it.taskKey);
        const safe = await put(
          pieceId,
          [{ kind: 'putOff', taskKeys, putOff }],
          'Planned like that.',
        );
        if (!safe) return;
      }
      leave();
    },
  };
};
