import { z } from 'zod';
import { bad, doneWork, good } from '../../piece';
import { changeKind, hasId } from './kind';

/** This work was done, or was begun; what was begun is ended by its own id. */
export const did = changeKind(
  'did',
  { done: z.array(doneWork).min(1).max(200) },
  {
    about: 'piece',
    group: 'done',
    up: [],
    apply: (before, it) => {
      const ended = before.done.find((old) => old.endedAt !== null && hasId(it.done, old.id));
      if (ended) return bad('done.id', `“${ended.title || ended.taskKey}” is on record already.`);
      const others = before.done.filter((old) => !hasId(it.done, old.id));
      return good({ ...before, done: [...others, ...it.done] });
    },
    madeFrom: (piece) =>
      piece.done.map((one) => ({
        change: { kind: 'did', done: [one] },
        at: one.endedAt ?? one.startedAt,
        by: one.by,
      })),
    told: (it, { surfaceName }) => {
      const titles = [...new Set(it.done.map((one) => one.title || one.taskKey))].join(', ');
      const names = [...new Set(it.done.flatMap((one) => one.surfaceIds))].map(surfaceName);
      const ended = it.done.every((one) => one.endedAt !== null);
      return `${ended ? 'Done' : 'Begun'}: ${titles} (${names.join(', ')})`;
    },
  },
);
