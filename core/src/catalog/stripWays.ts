import { JUDGEMENT, PRACTICE, published, type SourceMark } from './source';
import { table } from './table';
import type { Tool } from './tools';

interface StripWayRow<Id extends string = string> {
  readonly id: Id;
  readonly label: string;
  readonly title: string;
  readonly steps: readonly string[];
  readonly materials: readonly string[];
  readonly protection: readonly string[];
  readonly cautions: readonly string[];
  /** Active minutes per m² for the first layer, and for each further layer. */
  readonly minutesPerM2: number;
  readonly minutesPerFurtherLayer: number;
  /** Dwell before it is worked, minutes; then the dry-out before anything else. */
  readonly dwellMinutes: number;
  readonly dryMinutes: number;
  /** Material cost, minor currency units per m². */
  readonly costPerM2: number;
  /** Weight of hazard and of likely damage, in minutes that a careful worker would give to avoid it. */
  readonly hazardMinutes: number;
  readonly damageMinutes: number;
  readonly makesDust: boolean;
  readonly wets: boolean;
  readonly forVeneer: boolean;
  readonly allowedOnLead: boolean;
  /** Works on paint, and does not darken wood that is rich in tannin. */
  readonly forPaint: boolean;
  readonly forTannin: boolean;
  /** Leaves the wood alkaline: rinsed, neutralised, and its pH read before any coat. */
  readonly alkaline: boolean;
  readonly notOn: string;
  /** What the shop must have for it. */
  readonly tool: Tool | undefined;
  readonly source: SourceMark;
  readonly ratesSource: SourceMark;
}
const row = <const Id extends string>(
  it: Omit<
    StripWayRow<Id>,
    'source' | 'ratesSource' | 'forPaint' | 'forTannin' | 'alkaline' | 'tool'
  > &
    Partial<StripWayRow<Id>>,
) => ({
  forPaint: true,
  forTannin: true,
  alkaline: false,
  tool: undefined,
  ...it,
  source: PRACTICE,
  ratesSource: JUDGEMENT,
});

const SLUDGE = 'Sludge and soaked wool: sealable metal or glass container, hazardous-waste site.';

/** Ways to take an old finish off. Each says where it must not be used. */
export const STRIP_WAYS = table([
  row({
    id: 'gel',
    label: 'gel stripper',
    title: 'Strip with gel, covered',
    steps: [
      'Thick even coat, small sections, cover with film.',
      'After 20–45 min, when it wrinkles: plastic scraper with the grain; brush and coarse string for carving.',
      'Second round on stubborn spots.',
      'Wash off with mineral spirits or what the label says, with the grain.',
      'Dry overnight.',
    ],
    materials: ['Gel stripper', 'Covering film', 'Plastic scraper', 'Mineral spirits'],
    protection: [
      'Gloves matched to the solvent',
      'Goggles',
      'Organic-vapour cartridges',
      'Open window, no flame',
    ],
    cautions: ['The wood is soft while wet: a slipped tool gouges.', SLUDGE],
    minutesPerM2: 45,
    minutesPerFurtherLayer: 20,
    dwellMinutes: 30,
    dryMinutes: 18 * 60,
    costPerM2: 900,
    hazardMinutes: 15,
    damageMinutes: 2,
    makesDust: false,
    wets: false,
    forVeneer: true,
    allowedOnLead: true,
    notOn: 'flimsy loose veneer with a water rinse',
  }),
  row({
    id: 'mild',
    label: 'mild stripper',
    title: 'Strip with mild stripper, long dwell',
    steps: [
      'Thick coat, covered, several hours by its label.',
      'Scrape with plastic; thick films come off in part only.',
      'Repeat or finish with a scraper.',
      'Rinse by its label, dry overnight.',
    ],
    materials: ['Mild stripper', 'Covering film', 'Plastic scraper'],
    protection: ['Gloves matched to the solvent', 'Goggles', 'Ventilation'],
    cautions: ['The wood is soft while wet: a slipped tool gouges.', SLUDGE],
    minutesPerM2: 60,
    minutesPerFurtherLayer: 35,
    dwellMinutes: 240,
    dryMinutes: 18 * 60,
    costPerM2: 1100,
    hazardMinutes: 5,
    damageMinutes: 4,
    makesDust: false,
    wets: true,
    forVeneer: false,
    allowedOnLead: true,
    notOn: 'thin or loose veneer where the label wants a water rinse',
  }),
  row({
    id: 'scrape',
    label: 'scraper first',
    title: 'Scrape off, then gel the rest',
    steps: [
      'Carbide or card scraper, with the grain: angle, not pressure.',
      'Gel on what is left, covered, 20 min.',
      'Wash off by its label, dry overnight.',
    ],
    materials: ['Scraper', 'Gel stripper', 'Mineral spirits'],
    protection: ['P100 filter', 'Gloves matched to the solvent', 'Goggles'],
    cautions: ['Not on carved work, not at thin veneer edges.', SLUDGE],
    minutesPerM2: 40,
    minutesPerFurtherLayer: 12,
    dwellMinutes: 20,
    dryMinutes: 18 * 60,
    costPerM2: 450,
    hazardMinutes: 10,
    damageMinutes: 10,
    makesDust: true,
    wets: false,
    forVeneer: false,
    allowedOnLead: false,
    notOn: 'lead, carved work, thin veneer edges',
  }),
  row({
    id: 'sand',
    label: 'sanding it off',
    title: 'Sand the finish off',
    steps: ['P80, machine flat, with extraction.', 'Change paper when it clogs; do not dwell.'],
    materials: ['P80 discs'],
    protection: ['P100 / HEPA extraction', 'Hearing protection'],
    cautions: [
      'Wood dust: keep under 1 mg/m³ (NIOSH REL); hardwood dust is carcinogenic (IARC group 1).',
    ],
    minutesPerM2: 35,
    minutesPerFurtherLayer: 25,
    dwellMinutes: 0,
    dryMinutes: 0,
    costPerM2: 500,
    hazardMinutes: 25,
    damageMinutes: 15,
    makesDust: true,
    wets: false,
    forVeneer: false,
    allowedOnLead: false,
    notOn: 'lead, veneer with little left, deep profiles',
  }),
  row({
    id: 'heat',
    label: 'heat gun',
    title: 'Lift with a heat gun',
    steps: ['Low setting, keep moving, scrape behind it.', 'Clean up the rest with gel.'],
    materials: ['Heat gun', 'Scraper'],
    protection: ['Gloves', 'Goggles', 'Organic-vapour cartridges with particulate filter'],
    cautions: [
      'Fire: extinguisher beside you, no solvent near, watch the piece for an hour after.',
    ],
    minutesPerM2: 50,
    minutesPerFurtherLayer: 15,
    dwellMinutes: 0,
    dryMinutes: 60,
    costPerM2: 100,
    hazardMinutes: 30,
    damageMinutes: 20,
    makesDust: true,
    wets: false,
    forVeneer: false,
    allowedOnLead: false,
    tool: 'heatGun',
    notOn: 'lead, veneer, shellac over veneer',
  }),
  row({
    id: 'caustic',
    label: 'caustic foam',
    title: 'Strip with caustic foam',
    steps: [
      'Disputed: try it on a hidden place first.',
      'Foam on, 20 minutes, scrub with nylon along the grain.',
      'Rinse hard until the water runs clear, dry at once; the grain rises.',
    ],
    materials: ['Lye-based foam cleaner', 'Nylon brushes'],
    protection: ['Goggles', 'Long rubber gloves', 'Apron'],
    cautions: ['Lye burns skin and eyes: water at hand, nobody else near.', SLUDGE],
    minutesPerM2: 30,
    minutesPerFurtherLayer: 25,
    dwellMinutes: 20,
    dryMinutes: 48 * 60,
    costPerM2: 300,
    hazardMinutes: 40,
    damageMinutes: 40,
    makesDust: false,
    wets: true,
    forVeneer: false,
    allowedOnLead: false,
    forPaint: false,
    forTannin: false,
    alkaline: true,
    notOn: 'veneer, plywood, glued-up old joints, aluminium, paint, woods rich in tannin',
  }),
]);
export type StripWay = (typeof STRIP_WAYS.ids)[number];

/** Removers that Obrik never proposes. */
export const BANNED_REMOVER = {
  label: 'methylene chloride',
  source: published('40 CFR 751 subpart B'),
} as const;
