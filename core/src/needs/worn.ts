import { WEAR, type Material } from '../catalog';
import type { Task } from '../work';

/** What is worn at a step, and for how many minutes of active work. */
export interface Worn {
  readonly material: Material;
  /** Share of it that is used up: minutes ÷ the minutes that it lasts. */
  readonly quantity: number;
}

/**
 * Gloves, masks, filters and cartridges that a step uses up, by the minutes that they are worn.
 * @param minutes active minutes of the step
 */
export const wornAt = (
  tasks: readonly Pick<Task, 'protection'>[],
  minutes: number,
): readonly Worn[] => {
  const protection = new Set(tasks.flatMap((it) => it.protection));
  const worn = new Map<Material, number>();
  for (const row of WEAR) {
    if (!protection.has(row.worn)) continue;
    worn.set(row.material, Math.max(worn.get(row.material) ?? 0, minutes / row.minutes));
  }
  return [...worn].map(([material, quantity]) => ({ material, quantity }));
};
