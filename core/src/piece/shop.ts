import { z } from 'zod';
import { LEAD_LIMITS } from '../catalog';
import { unitSystem } from '../units';

/** What holds for the whole workshop. */
export const shop = z.object({
  units: unitSystem.default('metric'),
  /** Paint made before this year is suspect of lead. */
  leadCutoffYear: z
    .int('Give a whole year.')
    .min(1900, 'Between 1900 and 2100.')
    .max(2100, 'Between 1900 and 2100.')
    .default(LEAD_LIMITS.cutoffYear.value),
  /** Air in the shop, °C. */
  airCelsius: z
    .number('Give a figure.')
    .min(-20, 'Between −20 and 50 °C.')
    .max(50, 'Between −20 and 50 °C.')
    .default(18),
  /** Relative humidity in the shop, %. */
  airHumidity: z
    .number('Give a figure.')
    .min(1, 'Between 1 and 99 %.')
    .max(99, 'Between 1 and 99 %.')
    .default(55),
});
export type Shop = z.infer<typeof shop>;

export const USUAL_SHOP: Shop = shop.parse({});
