import type { Nature } from './meetings';
import { PRACTICE, type SourceMark } from './source';
import { table } from './table';

interface FamilyRow<Id extends string = string> {
  readonly id: Id;
  readonly label: string;
}
const family = <const Id extends string>(it: FamilyRow<Id>) => it;

/** Substrates that are worked alike. Often the family is enough to go on. */
export const SUBSTRATE_FAMILIES = table([
  family({ id: 'solid', label: 'solid wood' }),
  family({ id: 'veneer', label: 'veneer' }),
  family({ id: 'plywood', label: 'plywood' }),
  family({ id: 'printed', label: 'printed laminate or foil' }),
  family({ id: 'board', label: 'bare board' }),
  family({ id: 'other', label: 'something else' }),
]);
export type SubstrateFamily = (typeof SUBSTRATE_FAMILIES.ids)[number];

interface SubstrateRow<Id extends string = string> {
  readonly id: Id;
  readonly label: string;
  readonly family: SubstrateFamily;
  /** Can a stain colour it? */
  readonly stainable: boolean;
  /** Is its face wood, so that it has a species and can bleed? */
  readonly wood: boolean;
  /** Is the wood of its face only a thin layer? */
  readonly thinFace: boolean;
  /** Must water be kept to a damp cloth? */
  readonly shunsWater: boolean;
  /** What its face is like to the next coat. */
  readonly nature: Nature;
  readonly worstMistake: string;
  readonly source: SourceMark;
}
const row = <const Id extends string>(it: Omit<SubstrateRow<Id>, 'source'>) => ({
  ...it,
  source: PRACTICE,
});

const SOLID = {
  family: 'solid',
  stainable: true,
  wood: true,
  thinFace: false,
  shunsWater: false,
  nature: 'wood',
} as const;
const THIN = {
  stainable: true,
  wood: true,
  thinFace: true,
  shunsWater: true,
  nature: 'wood',
} as const;
const NO_WOOD = { stainable: false, wood: false, thinFace: false } as const;

/** What a surface is made of (trade: signs of substrate). */
export const SUBSTRATES = table([
  row({ id: 'hardwood', label: 'solid hardwood', ...SOLID, worstMistake: 'Skipping grits.' }),
  row({
    id: 'softwood',
    label: 'solid softwood',
    ...SOLID,
    worstMistake: 'Digging out the soft rings with a hard pad; sealing no knots.',
  }),
  row({
    id: 'plywood',
    label: 'plywood',
    family: 'plywood',
    ...THIN,
    worstMistake: 'Its face ply is as thin as veneer.',
  }),
  row({
    id: 'veneerSolid',
    label: 'veneer on solid wood',
    family: 'veneer',
    ...THIN,
    worstMistake: 'Sanding through, above all at edges and corners.',
  }),
  row({
    id: 'veneerCore',
    label: 'veneer on a board core',
    family: 'veneer',
    ...THIN,
    worstMistake: 'Sanding through: the core drinks stain and shows for good.',
  }),
  row({
    id: 'hpl',
    label: 'high-pressure laminate',
    family: 'printed',
    ...NO_WOOD,
    shunsWater: false,
    nature: 'slick',
    worstMistake: 'A glossy face sheds paint.',
  }),
  row({
    id: 'foil',
    label: 'printed foil or melamine',
    family: 'printed',
    ...NO_WOOD,
    shunsWater: false,
    nature: 'slick',
    worstMistake: 'Coarse grit breaks through into the core.',
  }),
  row({
    id: 'board',
    label: 'bare fibreboard or chipboard',
    family: 'board',
    ...NO_WOOD,
    shunsWater: true,
    nature: 'board',
    worstMistake: 'It drinks paint, edges most, and swells with water.',
  }),
  row({
    id: 'other',
    label: 'metal, stone, cane or other',
    family: 'other',
    ...NO_WOOD,
    shunsWater: false,
    nature: 'slick',
    worstMistake: 'Working it like wood.',
  }),
]);
export type Substrate = (typeof SUBSTRATES.ids)[number];

/** The substrates of a family. */
export const substratesOf = (it: SubstrateFamily): readonly Substrate[] => MEMBERS[it];

const membersOf = (it: SubstrateFamily): readonly Substrate[] =>
  SUBSTRATES.rows.filter((row) => row.family === it).map((row) => row.id);
const MEMBERS = Object.fromEntries(
  SUBSTRATE_FAMILIES.ids.map((id) => [id, membersOf(id)]),
) as Readonly<Record<SubstrateFamily, readonly Substrate[]>>;
