import type { Bleed } from './bleeds';
import { COATINGS, type Coating } from './coatings';
import { PRACTICE } from './source';
import { table } from './table';

const row = <const Id extends Coating>(it: {
  readonly id: Id;
  readonly need: string;
  readonly coats: number;
  /** Grit that dulls it before the next coat. */
  readonly scuffGrit: number;
  /** Share of the peeling on a slick, scuffed film that it prevents (modelling judgement on common practice). */
  readonly grips: number;
  /** Share of each kind of bleed that it keeps back (modelling judgement on common practice). */
  readonly holds: Readonly<Record<Exclude<Bleed, 'none' | 'stain'>, number>>;
}) => ({ ...COATINGS.get(it.id), ...it, source: PRACTICE });

/** Primers and blockers, by what they are needed for. */
export const PRIMERS = table([
  row({
    id: 'pigmentedShellac',
    need: 'bleed, knots, odour, dye',
    coats: 2,
    scuffGrit: 220,
    grips: 0.85,
    holds: { tannin: 0.98, resin: 0.95, dye: 0.95 },
  }),
  row({
    id: 'clearShellac',
    need: 'wood to show, or edges rubbed through',
    coats: 2,
    scuffGrit: 220,
    grips: 0.85,
    holds: { tannin: 0.95, resin: 0.9, dye: 0.9 },
  }),
  row({
    id: 'bonding',
    need: 'laminate, foil, glossy factory film',
    coats: 1,
    scuffGrit: 220,
    grips: 0.97,
    holds: { tannin: 0.3, resin: 0, dye: 0 },
  }),
  row({
    id: 'sealing',
    need: 'bare fibreboard, filler patches',
    coats: 2,
    scuffGrit: 220,
    grips: 0.7,
    holds: { tannin: 0.3, resin: 0, dye: 0 },
  }),
  row({
    id: 'acrylic',
    need: 'sound old film, bare wood that does not bleed',
    coats: 1,
    scuffGrit: 220,
    grips: 0.75,
    holds: { tannin: 0, resin: 0, dye: 0 },
  }),
]);
export type Primer = (typeof PRIMERS.ids)[number];
