import { COATINGS, type Coating } from '../coatings';
import { table } from '../table';
import { ABRASIVES, DISCS, PAPERS } from './abrasives';
import { CLEANERS } from './cleaners';
import { densityOfCoating } from './densities';
import { FILLERS } from './fillers';
import { material, type Container, type MaterialRow } from './material';
import { STRIPPERS } from './strippers';
import { EQUIPMENT, SUNDRIES } from './sundries';
import { WORN_MATERIALS } from './worn';

/** Label at the start of a line. */
const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Coatings as materials: derived from their definitions. */
const COATS: readonly MaterialRow<Coating>[] = COATINGS.rows.map((it) =>
  material({
    id: it.id,
    label: capital(it.label),
    unit: 'L',
    density: densityOfCoating(it),
    containers: it.containers,
    shelfMonths: it.shelfMonths,
    hazards: it.hazards,
    protection: it.protection,
    dissolves: it.dissolves,
  }),
);

/** Everything that work takes: used up, or kept at hand. */
export const MATERIALS = table([
  ...CLEANERS,
  ...STRIPPERS,
  ...FILLERS,
  ...PAPERS,
  ...DISCS,
  ...ABRASIVES,
  ...SUNDRIES,
  ...WORN_MATERIALS,
  ...EQUIPMENT,
  ...COATS,
]);
export type Material = (typeof MATERIALS.ids)[number];

/** Of the sizes that something is sold in, the one nearest to a single unit. */
const usualContainer = (containers: readonly Container[]): Container | undefined =>
  containers.reduce<Container | undefined>(
    (a, b) => (a && Math.abs(Math.log(a.size)) <= Math.abs(Math.log(b.size)) ? a : b),
    undefined,
  );

/**
 * Price of a quantity by the sizes that it is sold in, minor units of money: by the usual container,
 * not rounded up to whole ones. 0 for what is sold in none.
 */
export const priceBy = (containers: readonly Container[], quantity: number): number => {
  const usual = usualContainer(containers);
  return usual ? (usual.price / usual.size) * quantity : 0;
};

/** Price of a quantity by the placeholders of the catalog, minor units of money. 0 for what is kept. */
export const priceOf = (id: Material, quantity: number): number =>
  priceBy(MATERIALS.get(id).containers, quantity);

export { AISLES, aisleOf, type Aisle } from './aisles';
export { discsFor, paperOf, type Abrasive } from './abrasives';
export { VENEER_CUT, VENEER_FORMATS, type VeneerFormat } from './veneer';
export { WEAR } from './worn';
export { UNITS, type Container, type MaterialRow, type Unit } from './material';
