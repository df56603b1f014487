import type { CoatingRole, Mechanism } from '../coatings';

/**
 * Density of a coating by its role and how it dries, kg/L (from memory of what such labels say;
 * modelling judgement): enough to tell from a scale what is left in a can.
 */
const BY_ROLE: Readonly<Record<CoatingRole, Readonly<Record<Mechanism, number>>>> = {
  primer: { water: 1.3, alcohol: 1.1, solvent: 1.25, oxidation: 1.3, wax: 0.9 },
  filler: { water: 1.5, alcohol: 1.3, solvent: 1.4, oxidation: 1.4, wax: 0.9 },
  paint: { water: 1.3, alcohol: 1.1, solvent: 1.1, oxidation: 1.15, wax: 0.9 },
  stain: { water: 1.02, alcohol: 0.85, solvent: 0.85, oxidation: 0.88, wax: 0.9 },
  effect: { water: 1.1, alcohol: 0.9, solvent: 0.9, oxidation: 0.95, wax: 0.9 },
  clear: { water: 1.03, alcohol: 0.87, solvent: 0.93, oxidation: 0.9, wax: 0.9 },
  oil: { water: 1, alcohol: 0.9, solvent: 0.9, oxidation: 0.93, wax: 0.9 },
  wax: { water: 0.95, alcohol: 0.88, solvent: 0.88, oxidation: 0.88, wax: 0.88 },
};

export const densityOfCoating = (it: {
  readonly role: CoatingRole;
  readonly mechanism: Mechanism;
}): number => BY_ROLE[it.role][it.mechanism];
