import { COATINGS, type Coating } from './coatings';
import { PRACTICE } from './source';
import { table } from './table';

const row = <const Id extends Coating>(it: {
  readonly id: Id;
  readonly need: string;
  readonly coats: number;
  /** Grit that dulls it before the next coat. */
  readonly scuffGrit: number;
}) => ({ ...COATINGS.get(it.id), ...it, source: PRACTICE });

/** Primers and blockers, by what they are needed for. */
export const PRIMERS = table([
  row({ id: 'pigmentedShellac', need: 'bleed, knots, odour, dye', coats: 2, scuffGrit: 220 }),
  row({
    id: 'clearShellac',
    need: 'wood to show, or edges rubbed through',
    coats: 2,
    scuffGrit: 220,
  }),
  row({ id: 'bonding', need: 'laminate, foil, glossy factory film', coats: 1, scuffGrit: 220 }),
  row({ id: 'sealing', need: 'bare fibreboard, filler patches', coats: 2, scuffGrit: 220 }),
  row({
    id: 'acrylic',
    need: 'sound old film, bare wood that does not bleed',
    coats: 1,
    scuffGrit: 220,
  }),
]);
export type Primer = (typeof PRIMERS.ids)[number];
