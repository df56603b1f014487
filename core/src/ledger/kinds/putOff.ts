import { z } from 'zod';
import { bad, good, putOff as putOffOf } from '../../piece';
import { changeKind } from './kind';

/** These tasks are not to begin before a time; those that are named and not in the list are free again. */
export const putOff = changeKind(
  'putOff',
  {
    taskKeys: z.array(z.string().min(1).max(400)).min(1).max(200),
    putOff: z.array(putOffOf).max(200),
  },
  {
    about: 'piece',
    group: 'done',
    up: [],
    apply: (before, it) => {
      const stray = it.putOff.find((one) => !it.taskKeys.includes(one.taskKey));
      if (stray) return bad('putOff', `"${stray.taskKey}" is not among the taskKeys.`);
      const others = before.putOff.filter((old) => !it.taskKeys.includes(old.taskKey));
      return good({ ...before, putOff: [...others, ...it.putOff] });
    },
    fields: (it) =>
      it.taskKeys.map((taskKey) => {
        const own = it.putOff.filter((one) => one.taskKey === taskKey);
        return {
          name: `putOff/${taskKey}`,
          value: own[0] ?? null,
          change: { kind: 'putOff', taskKeys: [taskKey], putOff: own },
        };
      }),
    madeFrom: (piece) =>
      piece.putOff.length === 0
        ? []
        : [
            {
              change: {
                kind: 'putOff',
                taskKeys: piece.putOff.map((one) => one.taskKey),
                putOff: piece.putOff,
              },
            },
          ],
    told: (it) => {
      const [first] = it.putOff;
      return first === undefined
        ? 'Nothing is put off any more'
        : `Put off until ${first.until.slice(0, 16).replace('T', ' ')}${first.why === 'material' ? ': material missing' : ''}`;
    },
  },
);
