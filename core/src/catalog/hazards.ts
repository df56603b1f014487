import { PRACTICE, published, type SourceMark } from './source';
import { table } from './table';

interface HazardRow<Id extends string = string> {
  readonly id: Id;
  /** What can hurt, as a word for a list. */
  readonly label: string;
  readonly source: SourceMark;
}
const row = <const Id extends string>(
  id: Id,
  label: string,
  source: SourceMark = PRACTICE,
): HazardRow<Id> => ({ id, label, source });

/** How a material or a way of working can hurt. What to do about it is said in words/cautions. */
export const HAZARDS = table([
  row('flammable', 'burns'),
  row('selfHeating', 'heats up by itself when it dries in a rag'),
  row('fumes', 'solvent fumes'),
  row('fumesStun', 'fumes that burn and stun'),
  row('styrene', 'styrene fumes', published('29 CFR 1910.1000, table Z-2: styrene 100 ppm')),
  row('isocyanate', 'isocyanate in the hardener', published('NIOSH Alert 96-111')),
  row('sprayMist', 'spray mist that burns'),
  row('corrosive', 'burns skin and eyes'),
  row('poison', 'poison'),
  row('sludge', 'hazardous waste'),
  row('skin', 'irritates skin'),
  row('sensitiser', 'makes skin and lungs allergic'),
  row('woodDust', 'wood dust', published('IARC group 1; NIOSH REL 1 mg/m³')),
  row('silica', 'silica dust', published('29 CFR 1910.1053')),
  row('hot', 'fire'),
]);
export type Hazard = (typeof HAZARDS.ids)[number];
