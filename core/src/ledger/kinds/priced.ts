import { z } from 'zod';
import { MATERIALS } from '../../catalog';
import { ownPrice } from '../../piece';
import { changeKind } from './kind';

/** Materials cost this here; one without sizes goes back to its placeholder. */
export const priced = changeKind(
  'priced',
  { prices: z.array(ownPrice).min(1).max(500) },
  {
    about: 'shop',
    group: 'money',
    up: [],
    fields: (it) =>
      it.prices.map((one) => ({
        name: `price/${one.material}`,
        value: one.containers,
        change: { kind: 'priced', prices: [one] },
      })),
    told: (it) =>
      `Prices set: ${it.prices.map((one) => MATERIALS.get(one.material).label).join(', ')}`,
  },
);
