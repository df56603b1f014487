import { COATINGS, type CoatingRole } from '../coatings';
import { ABRASIVES, DISCS, PAPERS } from './abrasives';
import { CLEANERS } from './cleaners';
import { FILLERS } from './fillers';
import { STRIPPERS } from './strippers';
import { WORN_MATERIALS } from './worn';

/** Where things stand in a shop that sells them, in the order in which one walks through it. */
export const AISLES = [
  { id: 'paint', label: 'Paint and primer' },
  { id: 'clear', label: 'Stain, clear, oil and wax' },
  { id: 'strippers', label: 'Strippers' },
  { id: 'cleaning', label: 'Cleaning' },
  { id: 'repair', label: 'Filler, glue, wood and veneer' },
  { id: 'abrasives', label: 'Abrasives' },
  { id: 'protection', label: 'Gloves, masks, filters' },
  { id: 'fittings', label: 'Fittings' },
  { id: 'sundries', label: 'Tape, film, cloths and the rest' },
] as const;
export type Aisle = (typeof AISLES)[number]['id'];

const PAINTS: readonly CoatingRole[] = ['primer', 'filler', 'paint', 'effect'];

const BY_MATERIAL: ReadonlyMap<string, Aisle> = new Map<string, Aisle>([
  ...COATINGS.rows.map((it) => [it.id, PAINTS.includes(it.role) ? 'paint' : 'clear'] as const),
  ...STRIPPERS.map((it) => [it.id, 'strippers'] as const),
  ...CLEANERS.map((it) => [it.id, 'cleaning'] as const),
  ...FILLERS.map((it) => [it.id, 'repair'] as const),
  ...[...PAPERS, ...DISCS, ...ABRASIVES].map((it) => [it.id, 'abrasives'] as const),
  ...WORN_MATERIALS.map((it) => [it.id, 'protection'] as const),
]);

/** Where a material stands. @param material its id */
export const aisleOf = (material: string): Aisle => BY_MATERIAL.get(material) ?? 'sundries';
