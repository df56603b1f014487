import { COATINGS, type Coating } from './coatings';
import type { PrimerPart } from './coatings/coating';
import { PRACTICE } from './source';
import { table } from './table';

/** A coating as the primer that it serves as. @throws Error where its definition has no primer part */
const asPrimer = <const Id extends Coating>(id: Id) => {
  const row = COATINGS.get(id);
  if (!row.primer) {
    throw new Error(
      `catalog/coatings/${id}.ts has no "primer" part; add one, or take it off PRIMERS.`,
    );
  }
  const part: PrimerPart = row.primer;
  return { ...row, ...part, id, source: PRACTICE };
};

/** Primers and blockers, derived from the definitions of the coatings that serve as one. */
export const PRIMERS = table([
  asPrimer('pigmentedShellac'),
  asPrimer('clearShellac'),
  asPrimer('alkydBlocker'),
  asPrimer('waterBlocker'),
  asPrimer('bonding'),
  asPrimer('sealing'),
  asPrimer('acrylic'),
]);
export type Primer = (typeof PRIMERS.ids)[number];
