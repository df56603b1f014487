import { published } from './source';
import { table } from './table';

const row = <const Id extends string>(id: Id, label: string, upToGU: number) => ({
  id,
  label,
  /** Gloss at 60° up to which it counts as this, GU. */
  upToGU,
  source: published('MPI gloss levels G1 to G7 at 60°'),
});

/** Gloss levels, from dead flat to high gloss. */
export const SHEENS = table([
  row('G1', 'dead flat', 5),
  row('G2', 'velvet', 10),
  row('G3', 'eggshell', 25),
  row('G4', 'satin', 35),
  row('G5', 'semi-gloss', 70),
  row('G6', 'gloss', 85),
  row('G7', 'high gloss', Infinity),
]);
export type Sheen = (typeof SHEENS.ids)[number];

/** Taken where nobody asks for another. */
export const USUAL_SHEEN: Sheen = 'G4';
