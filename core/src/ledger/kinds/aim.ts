import { z } from 'zod';
import { aim as aimOf, bad, good, id } from '../../piece';
import { aimInWords } from '../../words';
import { changeKind, onSurface } from './kind';

/** The aims of these surfaces become these; a surface without one has none afterwards. */
export const aim = changeKind(
  'aim',
  { surfaceIds: z.array(id).min(1).max(200), aims: z.array(aimOf).max(200) },
  {
    about: 'piece',
    group: 'aims',
    up: [],
    apply: (before, it) => {
      const others = before.aims.filter((old) => !it.surfaceIds.includes(old.surfaceId));
      const stray = it.aims.find((one) => !it.surfaceIds.includes(one.surfaceId));
      if (stray) return bad('aims', `An aim for "${stray.surfaceId}", which is not in surfaceIds.`);
      if (new Set(it.aims.map((one) => one.surfaceId)).size < it.aims.length) {
        return bad('aims', 'Two aims for one surface: keep one.');
      }
      return good({ ...before, aims: [...others, ...it.aims] });
    },
    moved: (it, to) => {
      const surfaceIds = [...new Set(it.surfaceIds.map(to))];
      const aims = new Map(
        it.aims.map((one) => onSurface(one, to)).map((one) => [one.surfaceId, one]),
      );
      return { ...it, surfaceIds, aims: [...aims.values()] };
    },
    fields: (it) =>
      it.surfaceIds.map((surfaceId) => {
        const aims = it.aims.filter((one) => one.surfaceId === surfaceId);
        return {
          name: `aim/${surfaceId}`,
          value: aims[0] ?? null,
          change: { kind: 'aim', surfaceIds: [surfaceId], aims },
        };
      }),
    surfaceOf: (it) => (it.surfaceIds.length === 1 ? it.surfaceIds[0] : undefined),
    madeFrom: (piece) =>
      piece.aims.map((one) => ({
        change: { kind: 'aim', surfaceIds: [one.surfaceId], aims: [one] },
      })),
    told: (it, { surfaceName }) => {
      const names = it.surfaceIds.map(surfaceName).join(', ');
      const [first] = it.aims;
      return first ? `${names}: ${aimInWords(first)}` : `${names}: no aim any more`;
    },
  },
);
