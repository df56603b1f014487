import type { DoneWork, Piece } from '@obrik/core/piece';
import { caseAt, type Step } from '@obrik/core/schedule';
import { effectOf, minutesOf } from '@obrik/core/work';
import { useCallback } from 'react';
import { useChange, useShop } from '@/api/usePiece';
import { personName, shopNow } from '@/device';
import { underWay } from './step';
import { nanoid } from '@reduxjs/toolkit';

const MS = 60_000;

/** What is put on record of a step. */
type Deed = 'begun' | 'paused' | 'resumed' | 'done';

const SAID: Readonly<Record<Deed, string>> = {
  begun: 'begun',
  paused: 'paused',
  resumed: 'going on',
  done: 'done',
};

/** The pauses of work after this; what is done pauses no more. */
const pausesAfter = (before: DoneWork['pauses'], what: Deed, now: string): DoneWork['pauses'] => {
  const last = before.at(-1);
  const isPaused = last?.to === null;
  if (what === 'paused') return isPaused ? before : [...before, { from: now, to: null }];
  return last && isPaused ? [...before.slice(0, -1), { ...last, to: now }] : before;
};

/** Puts a step on record: begun, paused, going on, or done, in a space of the shop; the first where none is told. Its effect on the piece stands in the record itself. */
export const useDid = (): ((
  piece: Piece,
  step: Pick<Step, 'taskKeys' | 'title' | 'minutes'>,
  what: Deed,
  spaceId?: string | null,
) => Promise<boolean>) => {
  const shop = useShop();
  const change = useChange();
  return useCallback(
    async (piece, step, what, spaceId) => {
      const now = shopNow();
      const { tasks } = caseAt(piece, shop, now.getTime() / MS).route;
      const own = tasks.filter((it) => step.taskKeys.includes(it.key));
      const open = underWay(piece, step);
      const [space] = shop.spaces;
      const done = own.map((it): DoneWork => {
        const begun = open.get(it.key);
        return {
          id: begun?.id ?? nanoid(),
          taskKey: it.key,
          title: it.title,
          surfaceIds: [...it.surfaceIds],
          startedAt:
            begun?.startedAt ??
            new Date(now.getTime() - (what === 'done' ? step.minutes * MS : 0)).toISOString(),
          endedAt: what === 'done' ? now.toISOString() : null,
          expectedEnd: null,
          pauses: pausesAfter(begun?.pauses ?? [], what, now.toISOString()),
          timed: begun !== undefined || what === 'begun',
          planned: { kind: it.phase, minutes: minutesOf(it.effort) },
          by: begun?.by || personName(),
          spaceId: begun?.spaceId ?? spaceId ?? space?.id ?? null,
          effect: effectOf(it),
        };
      });
      if (done.length === 0) return false;
      return change(piece.id, { kind: 'did', done }, `${step.title}: ${SAID[what]}.`);
    },
    [shop, change],
  );
};
