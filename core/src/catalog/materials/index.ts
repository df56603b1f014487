import { COATINGS, type Coating } from '../coatings';
import { table } from '../table';
import { ABRASIVES, PAPERS } from './abrasives';
import { CLEANERS } from './cleaners';
import { FILLERS } from './fillers';
import { material, type Container, type MaterialRow } from './material';
import { STRIPPERS } from './strippers';
import { EQUIPMENT, SUNDRIES } from './sundries';

/** Label at the start of a line. */
const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Coatings as materials: derived from their definitions. */
const COATS: readonly MaterialRow<Coating>[] = COATINGS.rows.map((it) =>
  material({
    id: it.id,
    label: capital(it.label),
    unit: 'L',
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
  ...ABRASIVES,
  ...SUNDRIES,
  ...EQUIPMENT,
  ...COATS,
]);
export type Material = (typeof MATERIALS.ids)[number];

/** Of the sizes that it is sold in, the one nearest to a single unit. */
const usualContainer = ({ containers }: MaterialRow): Container | undefined =>
  containers.reduce<Container | undefined>(
    (a, b) => (a && Math.abs(Math.log(a.size)) <= Math.abs(Math.log(b.size)) ? a : b),
    undefined,
  );

/**
 * Price of a quantity, minor units of money: by the usual container, not rounded up to whole ones.
 * A placeholder until the shop's own prices are known. 0 for what is kept.
 */
export const priceOf = (id: Material, quantity: number): number => {
  const usual = usualContainer(MATERIALS.get(id));
  return usual ? (usual.price / usual.size) * quantity : 0;
};

export { paperOf, type Paper } from './abrasives';
export { UNITS, type Container, type MaterialRow, type Unit } from './material';
