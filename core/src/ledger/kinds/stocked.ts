import { z } from 'zod';
import { MATERIALS } from '../../catalog';
import { looksIn, stocked as container, stockedPart } from '../../piece';
import { changeKind, type Up } from './kind';

/** In version 1 a container was told whole; what was left out had its default. */
const toldWhole: Up = (before) => ({
  ...before,
  containers: Array.isArray(before.containers)
    ? before.containers.map((it: unknown) => container.safeParse(it).data ?? it)
    : before.containers,
});

/** Containers come into the stock of the shop, or something is seen of those that are there. */
export const stocked = changeKind(
  'stocked',
  { containers: z.array(stockedPart).min(1).max(200) },
  {
    about: 'shop',
    group: 'money',
    up: [toldWhole],
    fields: (it) =>
      it.containers.flatMap(looksIn).map(({ look, part }) => ({
        name: `stock/${part.id}/${look}`,
        value: part,
        change: { kind: 'stocked', containers: [part] },
      })),
    told: ({ containers }) => {
      const named = containers.flatMap((it) =>
        it.material === undefined ? [] : [MATERIALS.get(it.material).label],
      );
      return named.length > 0 ? `Stock: ${named.join(', ')}` : 'Stock: a container seen anew';
    },
  },
);
