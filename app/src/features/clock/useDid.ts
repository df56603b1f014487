import { MINUTE_MS } from '@obrik/core/units';
import type { DoneWork, LineOf, Piece } from '@obrik/core/piece';
import type { PieceChange } from '@obrik/core/ledger';
import { doneEarly, happenedTooSoon, timersStopped } from '@obrik/core/run';
import { caseOf } from '@obrik/core/case';
import type { Step } from '@obrik/core/schedule';
import { tookAt } from '@obrik/core/needs';
import { effectOf } from '@obrik/core/effect';
import { minutesEach } from '@obrik/core/work';
import { useCallback } from 'react';
import { useChanges, useShop } from '@/api/usePiece';
import { personName, shopNow } from '@/device';
import { underWay } from './step';
import { nanoid } from '@reduxjs/toolkit';

/** What is put on record of a step; "happened" where a harm should have held it. */
type What = 'begun' | 'paused' | 'resumed' | 'done' | 'happened';

const SAID: Readonly<Record<What, string>> = {
  begun: 'begun',
  paused: 'paused',
  resumed: 'going on',
  done: 'done',
  happened: 'on record. Stop, and clean up first',
};

interface Details {
  /** The space of the shop where it is done; the first where none is told. */
  readonly spaceId?: string | null | undefined;
  /** It was done though other steps come before it. */
  readonly early?: Pick<LineOf<'early'>, 'reason' | 'open'> | undefined;
}

/** The pauses of work after this; what is done pauses no more. */
const pausesAfter = (before: DoneWork['pauses'], what: What, now: string): DoneWork['pauses'] => {
  const last = before.at(-1);
  const isPaused = last?.to === null;
  if (what === 'paused') return isPaused ? before : [...before, { from: now, to: null }];
  return last && isPaused ? [...before.slice(0, -1), { ...last, to: now }] : before;
};

/** Puts a step on record: begun, paused, going on, or done. Its effect on the piece stands in the record itself; its timers stop when it is done. */
export const useDid = (): ((
  piece: Piece,
  step: Pick<Step, 'taskKeys' | 'title' | 'minutes'>,
  what: What,
  details?: Details,
) => Promise<boolean>) => {
  const shop = useShop();
  const put = useChanges();
  return useCallback(
    async (piece, step, what, { spaceId, early } = {}) => {
      const now = shopNow();
      const { state, route, steps } = caseOf({ piece, shop, now: now.getTime() / MINUTE_MS });
      const { tasks } = route;
      const isOver = what === 'done' || what === 'happened';
      const own = tasks.filter((it) => step.taskKeys.includes(it.key));
      const open = underWay(piece, step);
      const [space] = shop.spaces;
      const operation = route.operations.find((it) =>
        it.taskKeys.some((key) => step.taskKeys.includes(key)),
      );
      const took =
        isOver && operation
          ? tookAt(
              piece,
              route,
              operation,
              own.map((it) => it.key),
            ).map((it) => ({ ...it }))
          : null;
      const minutes = minutesEach(own.map((it) => it.effort));
      const done = own.map((it, nth): DoneWork => {
        const begun = open.get(it.key);
        return {
          id: begun?.id ?? nanoid(),
          taskKey: it.key,
          title: it.title,
          surfaceIds: [...it.surfaceIds],
          startedAt:
            begun?.startedAt ??
            new Date(now.getTime() - (isOver ? step.minutes * MINUTE_MS : 0)).toISOString(),
          endedAt: isOver ? now.toISOString() : null,
          expectedEnd: null,
          pauses: pausesAfter(begun?.pauses ?? [], what, now.toISOString()),
          timed: begun !== undefined || what === 'begun',
          planned: { kind: it.phase, minutes: minutes[nth] ?? 0 },
          by: begun?.by || personName(),
          spaceId: begun?.spaceId ?? spaceId ?? space?.id ?? null,
          step: operation ? (steps.numbers.get(operation.id) ?? null) : null,
          // The step takes it, not each of its tasks: the first of them tells.
          took: took && nth > 0 ? [] : took,
          effect: effectOf(it),
        };
      });
      if (done.length === 0) return false;
      const about = { id: nanoid(), at: now.toISOString(), by: personName() };
      const keys = done.map((it) => it.taskKey);
      const stopped = isOver ? timersStopped(piece.log, keys, about.at) : [];
      const changes: readonly PieceChange[] =
        what === 'happened'
          ? happenedTooSoon(done, { piece, state, tasks }, about)
          : early
            ? doneEarly(done, early, about)
            : [{ kind: 'did', done }];
      return put(
        piece.id,
        [
          ...changes,
          ...(stopped.length > 0 ? [{ kind: 'log' as const, lines: [...stopped] }] : []),
        ],
        `${step.title}: ${SAID[what]}.`,
      );
    },
    [shop, put],
  );
};
