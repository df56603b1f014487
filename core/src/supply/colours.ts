import { COATINGS, PALETTE, type Coating, type CoatingRole, type Material } from '../catalog';

const SHADES = ['pale', 'mid', 'dark'] as const;
const TINTS = ['white', 'grey', 'toned'] as const;

/** What a coating may be had in, by what it is for; told as the route tells it. */
const BY_ROLE: Readonly<Partial<Record<CoatingRole, readonly string[]>>> = {
  paint: PALETTE.rows.map((it) => it.hex),
  effect: PALETTE.rows.map((it) => it.hex),
  primer: TINTS,
  stain: SHADES,
};

const isCoating = (it: Material): it is Material & Coating =>
  (COATINGS.ids as readonly string[]).includes(it);

/**
 * The colours, tints or shades that a container of a material may hold, as needs name them; none
 * where it has none of its own. A can may also hold it as it comes, or another colour by its hex.
 */
export const boughtColours = (material: Material): readonly string[] =>
  isCoating(material) ? (BY_ROLE[COATINGS.get(material).role] ?? []) : [];
