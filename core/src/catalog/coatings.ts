import { PRACTICE, JUDGEMENT, type SourceMark } from './source';
import { table } from './table';

/** What a coating is for. */
export type CoatingRole =
  'primer' | 'filler' | 'paint' | 'stain' | 'effect' | 'clear' | 'oil' | 'wax';

/** How a coat turns solid; air and temperature act on each in their own way. */
export type Mechanism = 'water' | 'alcohol' | 'solvent' | 'oxidation' | 'wax';

interface CoatingRow<Id extends string = string> {
  readonly id: Id;
  readonly label: string;
  readonly role: CoatingRole;
  readonly mechanism: Mechanism;
  /** Wet film of one coat by brush or roller, µm; 0 where it goes into the wood and is wiped off. */
  readonly wetUm: number;
  /** Share of the wet film that stays. */
  readonly solids: number;
  /** Wait before the next coat at 20–23 °C, about 50 % humidity, minutes. */
  readonly recoatMinutes: number;
  /** After this long the next coat wants a scuff first, minutes; null where it always takes one. */
  readonly closesMinutes: number | null;
  /** Full hardness, days. */
  readonly cureDays: number;
  readonly yellows: boolean;
  /** Price of a litre, minor units of money: a placeholder until the shop's own prices are known. */
  readonly pricePerLitre: number;
  readonly steps: readonly string[];
  readonly protection: readonly string[];
  readonly cleaner: string;
  readonly sprayer: string;
  /** May go through a gun that is used again. */
  readonly sprayable: boolean;
  /** Low-tack tape may sit on it after this long, minutes. */
  readonly tapeMinutes: number;
  readonly source: SourceMark;
  readonly filmSource: SourceMark;
}

const SPRAYED_ROLES: readonly CoatingRole[] = ['primer', 'paint', 'clear'];

/** When tape may sit on a fresh film and come off without it, by how it dries (modelling judgement). */
const TAPE_MINUTES: Readonly<Record<Mechanism, number>> = {
  alcohol: 4 * 60,
  solvent: 12 * 60,
  water: 24 * 60,
  oxidation: 48 * 60,
  wax: 24 * 60,
};

const row = <const Id extends string>(
  it: Omit<CoatingRow<Id>, 'source' | 'filmSource' | 'yellows' | 'sprayable' | 'tapeMinutes'> & {
    readonly yellows?: boolean;
  },
): CoatingRow<Id> => ({
  yellows: false,
  ...it,
  sprayable: it.mechanism === 'water' && SPRAYED_ROLES.includes(it.role),
  tapeMinutes: TAPE_MINUTES[it.mechanism],
  source: PRACTICE,
  filmSource: JUDGEMENT,
});

const GLOVES = ['Nitrile gloves', 'Ventilation'] as const;
const FUMES = ['Organic-vapour cartridges', 'Nitrile gloves', 'Open window, no flame'] as const;
const DAY = 24 * 60;

const WATER = {
  mechanism: 'water',
  cleaner: 'water',
  protection: GLOVES,
  sprayer: 'Strain it; rinse the gun with water at once.',
} as const;
const SHELLAC = {
  role: 'primer',
  mechanism: 'alcohol',
  cleaner: 'alcohol or ammonia',
  protection: FUMES,
  sprayer: 'It ruins sprayers that are hard to clean: brush it.',
  recoatMinutes: 60,
  closesMinutes: null,
  cureDays: 1,
  pricePerLitre: 3600,
} as const;
const OIL = {
  mechanism: 'oxidation',
  cleaner: 'mineral spirits',
  protection: FUMES,
  sprayer: 'Brush or wipe it; sprayed oil settles everywhere.',
} as const;

/** Everything that is laid on wood, by class. */
export const COATINGS = table([
  row({
    id: 'pigmentedShellac',
    label: 'pigmented shellac blocker',
    ...SHELLAC,
    wetUm: 75,
    solids: 0.3,
    steps: [
      'Thin, fast, no brushing back.',
      'Watch it as it goes on: where the wood still bleeds it turns pink or brown. Mark those places.',
      'Give the marked places one more coat, and only those.',
    ],
  }),
  row({
    id: 'clearShellac',
    label: 'clear shellac',
    ...SHELLAC,
    wetUm: 75,
    solids: 0.2,
    steps: ['Thin, fast, no brushing back.', 'Second coat across the first.'],
  }),
  row({
    id: 'bonding',
    label: 'waterborne bonding primer',
    role: 'primer',
    ...WATER,
    wetUm: 90,
    solids: 0.38,
    recoatMinutes: 240,
    closesMinutes: 3 * DAY,
    cureDays: 7,
    pricePerLitre: 2800,
    steps: [
      'Even, thin coat; short-pile roller on flats.',
      'It grips in hours and hardens in days: treat it gently.',
    ],
  }),
  row({
    id: 'sealing',
    label: 'sealing primer for board and filler',
    role: 'primer',
    ...WATER,
    wetUm: 100,
    solids: 0.35,
    recoatMinutes: 180,
    closesMinutes: 14 * DAY,
    cureDays: 7,
    pricePerLitre: 2000,
    steps: ['Edges first: they drink most.', 'Second coat on edges and filler.'],
  }),
  row({
    id: 'acrylic',
    label: 'waterborne acrylic primer',
    role: 'primer',
    ...WATER,
    wetUm: 100,
    solids: 0.36,
    recoatMinutes: 180,
    closesMinutes: 14 * DAY,
    cureDays: 7,
    pricePerLitre: 1600,
    steps: ['One even coat, long strokes, wet edge, leave it.'],
  }),
  row({
    id: 'grainFiller',
    label: 'grain filler',
    role: 'filler',
    ...WATER,
    wetUm: 60,
    solids: 0.6,
    recoatMinutes: 120,
    closesMinutes: null,
    cureDays: 2,
    pricePerLitre: 2400,
    steps: [
      'Rub it in across the grain with a plastic scraper, a small area at a time.',
      'Take the surplus off after ten minutes, or as labelled.',
    ],
  }),
  row({
    id: 'caulk',
    label: 'paintable caulk',
    role: 'filler',
    ...WATER,
    wetUm: 1000,
    solids: 0.7,
    recoatMinutes: 240,
    closesMinutes: null,
    cureDays: 3,
    pricePerLitre: 1500,
    steps: [
      'A thin bead into the gap, no more than fills it.',
      'Smooth with a damp finger, wipe the rest.',
    ],
  }),
  row({
    id: 'wallPaint',
    label: 'acrylic paint',
    role: 'paint',
    ...WATER,
    wetUm: 100,
    solids: 0.36,
    recoatMinutes: 240,
    closesMinutes: 14 * DAY,
    cureDays: 30,
    pricePerLitre: 1800,
    steps: ['Small sections, long strokes, wet edge; leave it, the next coat mends.'],
  }),
  row({
    id: 'cabinetEnamel',
    label: 'waterborne cabinet enamel',
    role: 'paint',
    ...WATER,
    wetUm: 100,
    solids: 0.38,
    recoatMinutes: 300,
    closesMinutes: 7 * DAY,
    cureDays: 30,
    pricePerLitre: 3200,
    steps: [
      'Foam or microfibre roller, then lay off lightly one way.',
      'Leave it: it levels by itself.',
    ],
  }),
  row({
    id: 'mineralPaint',
    label: 'chalk or mineral paint',
    role: 'paint',
    ...WATER,
    wetUm: 110,
    solids: 0.42,
    recoatMinutes: 120,
    closesMinutes: null,
    cureDays: 21,
    pricePerLitre: 3400,
    steps: [
      'Thin coats with a soft brush; it dries flat and porous and wants a clear coat or wax.',
    ],
  }),
  row({
    id: 'oilEnamel',
    label: 'oil-based enamel',
    role: 'paint',
    ...OIL,
    yellows: true,
    wetUm: 80,
    solids: 0.5,
    recoatMinutes: 16 * 60,
    closesMinutes: 3 * DAY,
    cureDays: 14,
    pricePerLitre: 2800,
    steps: ['Thin coats, brush out, lay off towards the wet edge.'],
  }),
  row({
    id: 'conditioner',
    label: 'wood conditioner',
    role: 'stain',
    ...OIL,
    wetUm: 0,
    solids: 0,
    recoatMinutes: 15,
    closesMinutes: 120,
    cureDays: 0,
    pricePerLitre: 1800,
    steps: [
      'Flood it on, let it soak for ten minutes, wipe off all that is left.',
      'Stain within two hours.',
    ],
  }),
  row({
    id: 'oilStain',
    label: 'oil-based stain',
    role: 'stain',
    ...OIL,
    wetUm: 0,
    solids: 0,
    recoatMinutes: 8 * 60,
    closesMinutes: null,
    cureDays: 3,
    pricePerLitre: 2200,
    steps: [
      'Stir; try it on a hidden place first, thinned: that is easy to undo.',
      'Wipe on across the grain, off along it after three to five minutes.',
      'One more round for a deeper tone, no sanding between.',
    ],
  }),
  row({
    id: 'waterStain',
    label: 'waterborne stain',
    role: 'stain',
    ...WATER,
    wetUm: 0,
    solids: 0,
    recoatMinutes: 120,
    closesMinutes: null,
    cureDays: 1,
    pricePerLitre: 2200,
    steps: [
      'Wet the wood, let it dry, knock the raised grain off with P220.',
      'Wipe on quickly, a wet edge all the way, off along the grain.',
    ],
  }),
  row({
    id: 'gelStain',
    label: 'gel stain',
    role: 'stain',
    ...OIL,
    wetUm: 30,
    solids: 0.5,
    recoatMinutes: 24 * 60,
    closesMinutes: null,
    cureDays: 7,
    pricePerLitre: 3000,
    steps: ['Over a sealed, dulled film: wipe on thin, even out with a dry brush along the grain.'],
  }),
  row({
    id: 'wash',
    label: 'wash of thinned acrylic paint',
    role: 'effect',
    ...WATER,
    wetUm: 40,
    solids: 0.15,
    recoatMinutes: 120,
    closesMinutes: null,
    cureDays: 14,
    pricePerLitre: 900,
    steps: [
      'Thin the paint with water: 1 to 1 covers densely, 1 to 3 is translucent. Start at 1 to 2.',
      'Wet the face, brush the wash on along the grain, wipe back at once.',
    ],
  }),
  row({
    id: 'glaze',
    label: 'glaze',
    role: 'effect',
    ...WATER,
    wetUm: 40,
    solids: 0.3,
    recoatMinutes: 240,
    closesMinutes: null,
    cureDays: 14,
    pricePerLitre: 2600,
    steps: ['Brush it into carving and corners, wipe the high places clean with a damp cloth.'],
  }),
  row({
    id: 'dryBrush',
    label: 'dry-brushed acrylic paint',
    role: 'effect',
    ...WATER,
    wetUm: 15,
    solids: 0.36,
    recoatMinutes: 120,
    closesMinutes: null,
    cureDays: 14,
    pricePerLitre: 1800,
    steps: ['Almost no paint on a stiff brush; wipe it on card first, then skim the high places.'],
  }),
  row({
    id: 'waterClear',
    label: 'waterborne clear',
    role: 'clear',
    ...WATER,
    wetUm: 90,
    solids: 0.33,
    recoatMinutes: 150,
    closesMinutes: 24 * 60,
    cureDays: 21,
    pricePerLitre: 3400,
    steps: ['Soft synthetic brush or foam, even and unpooled, one pass; do not go back into it.'],
  }),
  row({
    id: 'oilClear',
    label: 'oil-based clear',
    role: 'clear',
    ...OIL,
    yellows: true,
    wetUm: 75,
    solids: 0.45,
    recoatMinutes: 5 * 60,
    closesMinutes: 24 * 60,
    cureDays: 30,
    pricePerLitre: 2600,
    steps: ['Natural-bristle brush, even strokes along the grain; tip off once and leave it.'],
  }),
  row({
    id: 'hardOil',
    label: 'penetrating oil',
    role: 'oil',
    ...OIL,
    yellows: true,
    wetUm: 0,
    solids: 0,
    recoatMinutes: 12 * 60,
    closesMinutes: null,
    cureDays: 7,
    pricePerLitre: 3200,
    steps: ['Flood it on, keep it wet for twenty minutes, wipe off all that has not gone in.'],
  }),
  row({
    id: 'pasteWax',
    label: 'paste wax',
    role: 'wax',
    mechanism: 'wax',
    cleaner: 'mineral spirits',
    protection: GLOVES,
    sprayer: 'Cloth only.',
    wetUm: 0,
    solids: 0,
    recoatMinutes: 20,
    closesMinutes: null,
    cureDays: 30,
    pricePerLitre: 3600,
    steps: ['Thin with a cloth, wait 15–20 minutes, buff.', 'A second coat the same way.'],
  }),
]);
export type Coating = (typeof COATINGS.ids)[number];

/** Film that one coat leaves, µm: wet film × volume solids. */
export const dryFilmUm = (it: Pick<CoatingRow, 'wetUm' | 'solids'>): number => it.wetUm * it.solids;
