import { z } from 'zod';
import { MATERIALS } from '../../catalog';
import { stocked as container } from '../../piece';
import { changeKind } from './kind';

/** Containers come into the stock of the shop, or are seen anew. */
export const stocked = changeKind(
  'stocked',
  { containers: z.array(container).min(1).max(200) },
  {
    about: 'shop',
    group: 'money',
    up: [],
    fields: (it) =>
      it.containers.map((one) => ({
        name: `stock/${one.id}`,
        value: one,
        change: { kind: 'stocked', containers: [one] },
      })),
    told: (it) =>
      `Stock: ${it.containers.map((one) => MATERIALS.get(one.material).label).join(', ')}`,
  },
);
