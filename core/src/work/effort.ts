import { z } from 'zod';
import { COUNTS, MATERIALS, RATES, type Material, type Rate, type Use, type Why } from '../catalog';
import type { Consumed, DeepReadonly } from '../effect';

/** How long work takes, as a sum that can be told: setting up, then so much for each unit. */
export const effortSchema = z.object({
  /** The row of the catalog that it follows, or what else it is reckoned by. */
  rate: z.string(),
  /** Active minutes of setting up; charged once for what is done in one go. */
  fixed: z.number().min(0),
  /** Active minutes for each unit. */
  each: z.number().min(0),
  quantity: z.number().min(0),
  unit: z.enum(COUNTS),
  /** How often it is gone over. */
  times: z.number().min(0),
});
export type Effort = DeepReadonly<z.infer<typeof effortSchema>>;

/**
 * Effort by a rate of the catalog.
 * @param quantity in the unit of the rate: m², parts, places, or minutes
 * @param times how often it is gone over
 */
export const effort = (rate: Rate, quantity: number, times = 1): Effort => {
  const { fixed, each, unit } = RATES[rate];
  return { rate, fixed, each, quantity, unit, times };
};

/** Active minutes, setting up left out. */
export const minutesOf = (it: Effort): number => it.each * it.quantity * it.times;

/** What is done in one go takes so long each, minutes: it is set up for once, which counts to the first. */
export const minutesEach = (run: readonly Effort[]): readonly number[] => {
  const setUp = Math.max(0, ...run.map((it) => it.fixed));
  return run.map((it, nth) => minutesOf(it) + (nth === 0 ? setUp : 0));
};

/** So much of a material, in its unit. */
export const take = (material: Material, quantity: number, why: Why): Consumed => ({
  material,
  quantity,
  unit: MATERIALS.get(material).unit,
  why,
});

/** What some uses come to. @param quantity units of the work, its rounds counted in */
export const takes = (uses: readonly Use[], quantity: number): readonly Consumed[] =>
  uses.map((it) => take(it.material, it.each * quantity, it.why));

/** What work by a rate takes, by the row of the catalog. */
export const takesBy = (rate: Rate, quantity: number, times = 1): readonly Consumed[] =>
  takes(RATES[rate].uses, quantity * times);
