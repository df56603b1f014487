import { MATERIALS, priceOf } from './materials';
import type { Hazard } from './hazards';
import { line, type Told } from './line';
import type { Protection } from './protection';
import { atHand, use, type Use } from './rates';
import { JUDGEMENT, PRACTICE, published, type SourceMark } from './source';
import { table } from './table';
import type { Tool } from './tools';

interface StripWayRow<Id extends string = string> {
  readonly id: Id;
  readonly label: string;
  readonly title: string;
  readonly steps: readonly Told[];
  /** What it takes for each m² and round. */
  readonly uses: readonly Use[];
  readonly protection: readonly Protection[];
  readonly cautions: readonly string[];
  /** Active minutes per m² for the first layer, and for each further layer. */
  readonly minutesPerM2: number;
  readonly minutesPerFurtherLayer: number;
  /** Dwell before it is worked, minutes; then the dry-out before anything else. */
  readonly dwellMinutes: number;
  readonly dryMinutes: number;
  /** Weight of hazard and of likely damage, in minutes that a careful worker would give to avoid it. */
  readonly hazardMinutes: number;
  readonly damageMinutes: number;
  readonly makesDust: boolean;
  /** What the face is wetted with. */
  readonly wets: 'water' | 'solvent' | 'caustic' | null;
  readonly heats: boolean;
  readonly forVeneer: boolean;
  readonly allowedOnLead: boolean;
  /** Works on paint, and does not darken wood that is rich in tannin. */
  readonly forPaint: boolean;
  readonly forTannin: boolean;
  /** Reaches into carving, turning and deep mouldings. */
  readonly forCarving: boolean;
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
    | 'source'
    | 'ratesSource'
    | 'forPaint'
    | 'forTannin'
    | 'forCarving'
    | 'alkaline'
    | 'tool'
    | 'heats'
  > &
    Partial<StripWayRow<Id>>,
) => ({
  forPaint: true,
  forTannin: true,
  forCarving: true,
  alkaline: false,
  heats: false,
  tool: undefined,
  ...it,
  source: PRACTICE,
  ratesSource: JUDGEMENT,
});

/** Ways to take an old finish off. Each says where it must not be used. */
export const STRIP_WAYS = table([
  row({
    id: 'gel',
    label: 'gel stripper',
    title: 'Strip with gel, covered',
    steps: [
      'A coat as thick as a coin, laid on and not brushed out, half a square metre at a time; cover it with film at once: what dries does nothing.',
      line(
        'After 20–45 min, when it wrinkles and a scraper lifts it like jam: plastic scraper with the grain, while it is wet; brushes, skewers and coarse string in carving.',
        ['scrapesWet'],
      ),
      'Still hard below? Cover it again for twenty minutes. A second round on stubborn spots, not on all of it.',
      'Wash off with mineral spirits or what the label says, with the grain, pad and rag, twice. The sludge into a lidded can.',
      'Dry overnight, about 18 hours. Right: dull, even wood, no shiny islands when you look along it.',
    ],
    uses: [
      use('gelStripper', 0.45, 'strips'),
      use('coveringFilm', 1, 'covers'),
      atHand('plasticScraper'),
      use('mineralSpirits', 0.1, 'cleans'),
    ],
    protection: ['solventGloves', 'goggles', 'vapourCartridges', 'openWindow'],
    cautions: ['The wood is soft while wet: a slipped tool gouges.'],
    minutesPerM2: 100,
    minutesPerFurtherLayer: 40,
    dwellMinutes: 30,
    dryMinutes: 18 * 60,
    hazardMinutes: 15,
    damageMinutes: 2,
    makesDust: false,
    wets: 'solvent',
    forVeneer: true,
    allowedOnLead: true,
    notOn: 'flimsy loose veneer with a water rinse',
  }),
  row({
    id: 'mild',
    label: 'mild stripper',
    title: 'Strip with mild stripper, long dwell',
    steps: [
      'A coat as thick as a coin, laid on and not brushed out; film over it at once. It works slowly: several hours by its label, overnight where that says so.',
      'Try a corner with a plastic scraper, wet: it lifts in soft curls when it is ready. Gummy in the middle means more time, not more force.',
      line('Scrape it off wet with plastic, along the grain; a second coat on what stays.', [
        'scrapesWet',
      ]),
      line(
        'Thick films come off in part only: the last of it with a card scraper or gel.',
        ['scrapes'],
        line('Thick films come off in part only: the last of it with gel, wet.', ['scrapesWet']),
      ),
      'Rinse by its label with little water, wipe dry at once, then dry overnight. Right: even and dull, no tacky places.',
    ],
    uses: [
      use('mildStripper', 0.5, 'strips'),
      use('coveringFilm', 1, 'covers'),
      atHand('plasticScraper'),
    ],
    protection: ['solventGloves', 'goggles', 'ventilation'],
    cautions: ['The wood is soft while wet: a slipped tool gouges.'],
    minutesPerM2: 120,
    minutesPerFurtherLayer: 60,
    dwellMinutes: 240,
    dryMinutes: 18 * 60,
    hazardMinutes: 5,
    damageMinutes: 4,
    makesDust: false,
    wets: 'water',
    forVeneer: false,
    allowedOnLead: true,
    notOn: 'thin or loose veneer where the label wants a water rinse',
  }),
  row({
    id: 'scrape',
    label: 'scraper first',
    title: 'Scrape off, then gel the rest',
    steps: [
      line(
        'Carbide or card scraper, with the grain, leaning forward: angle, not pressure. Film comes off in flakes; wood in curls means stop.',
        ['scrapes'],
      ),
      line(
        'Gel on what is left, a thick coat, covered, 20 min; plastic scraper, brushes for corners.',
        ['scrapesWet'],
      ),
      'Wash off by its label, twice, dry overnight, about 18 hours.',
    ],
    uses: [
      atHand('scraper'),
      use('gelStripper', 0.2, 'strips'),
      use('mineralSpirits', 0.1, 'cleans'),
    ],
    protection: ['p100Filter', 'solventGloves', 'goggles', 'vapourCartridges', 'openWindow'],
    cautions: ['Not on carved work, not at thin veneer edges.'],
    minutesPerM2: 85,
    minutesPerFurtherLayer: 25,
    dwellMinutes: 20,
    dryMinutes: 18 * 60,
    hazardMinutes: 10,
    damageMinutes: 10,
    makesDust: true,
    wets: 'solvent',
    forVeneer: false,
    allowedOnLead: false,
    forCarving: false,
    notOn: 'lead, carved work, thin veneer edges',
  }),
  row({
    id: 'sand',
    label: 'sanding it off',
    title: 'Sand the finish off',
    steps: [
      line(
        'P80, machine flat, hose on, a hand’s breadth a second, overlapping by half; a hand’s breadth from edges.',
        ['abrades'],
      ),
      'Change paper when it clogs or the film smears: smearing means heat. Do not dwell, do not tilt.',
      'Right: one colour of bare wood, no islands. Edges and corners by hand on a block.',
    ],
    uses: [use('discs80', 4, 'abrades')],
    protection: ['hepaExtraction', 'hearing'],
    cautions: [
      'Wood dust: keep under 1 mg/m³ (NIOSH REL); hardwood dust is carcinogenic (IARC group 1).',
    ],
    minutesPerM2: 60,
    minutesPerFurtherLayer: 40,
    dwellMinutes: 0,
    dryMinutes: 0,
    hazardMinutes: 25,
    damageMinutes: 15,
    makesDust: true,
    wets: null,
    forVeneer: false,
    allowedOnLead: false,
    forCarving: false,
    notOn: 'lead, veneer with little left, deep profiles',
  }),
  row({
    id: 'heat',
    label: 'heat gun',
    title: 'Lift with a heat gun',
    steps: [
      line(
        'Low setting, well under 1100 °F (593 °C); keep moving, scrape behind it as it lifts, with the grain.',
        ['heats', 'scrapes'],
      ),
      'Never on lacquer or shellac, never near veneer glue.',
      'Let it cool down altogether, then gel on what is left; wash off by its label, dry overnight.',
    ],
    uses: [atHand('heatGun'), atHand('scraper'), use('gelStripper', 0.05, 'strips')],
    protection: ['workGloves', 'goggles', 'vapourAndParticle'],
    cautions: [
      'Fire: extinguisher beside you, no solvent near, watch the piece for an hour after.',
    ],
    minutesPerM2: 95,
    minutesPerFurtherLayer: 30,
    dwellMinutes: 0,
    dryMinutes: 18 * 60,
    hazardMinutes: 30,
    damageMinutes: 20,
    makesDust: true,
    wets: 'solvent',
    // Kept off thin faces by the table of dangers, as all heat is.
    forVeneer: true,
    allowedOnLead: false,
    heats: true,
    tool: 'heatGun',
    forCarving: false,
    notOn: 'lead, veneer, lacquer and shellac, carved work',
  }),
  row({
    id: 'caustic',
    label: 'caustic foam',
    title: 'Strip with caustic foam',
    steps: [
      'Disputed: try it on a hidden place first, and look at the colour once it is dry: some woods go dark for good.',
      line(
        'Foam on from the bottom up, so that nothing runs over dry wood; 20 minutes, kept wet; scrub with nylon along the grain.',
        ['rubsWet'],
      ),
      'Rinse hard until the water runs clear, wipe dry at once, stand it so that air reaches all sides. The grain rises: that is sanded later.',
    ],
    uses: [use('lyeFoam', 0.25, 'strips'), atHand('nylonBrush')],
    protection: ['goggles', 'longRubberGloves', 'apron', 'p100Filter'],
    cautions: ['Lye burns skin and eyes: water at hand, nobody else near.'],
    minutesPerM2: 70,
    minutesPerFurtherLayer: 50,
    dwellMinutes: 20,
    dryMinutes: 48 * 60,
    hazardMinutes: 40,
    damageMinutes: 40,
    makesDust: false,
    wets: 'caustic',
    // Kept off thin faces by the table of dangers, as all lye is.
    forVeneer: true,
    allowedOnLead: false,
    forPaint: false,
    forTannin: false,
    alkaline: true,
    notOn: 'veneer, plywood, glued-up old joints, aluminium, paint, woods rich in tannin',
  }),
]);
export type StripWay = (typeof STRIP_WAYS.ids)[number];

/** Hazards of all that a way takes. */
export const hazardsOfWay = (id: StripWay): readonly Hazard[] => [
  ...new Set(STRIP_WAYS.get(id).uses.flatMap((it) => MATERIALS.get(it.material).hazards)),
];

/** What a way takes for each m², minor units of money: by placeholder prices. */
export const costOfWayPerM2 = (id: StripWay): number =>
  STRIP_WAYS.get(id).uses.reduce((sum, it) => sum + priceOf(it.material, it.each), 0);

/** Removers that are asked about and never proposed: what is said of them. */
export const REMOVERS_NOT_PROPOSED = [
  {
    id: 'methyleneChloride',
    label: 'Methylene chloride remover',
    says: [
      'Banned from consumer sale, and from most work: it has killed people in ordinary rooms within minutes.',
      'An old can goes to the hazardous-waste site, closed.',
      'Gel stripper does the same work in twenty to forty-five minutes.',
    ],
    source: published('40 CFR 751 subpart B'),
  },
  {
    id: 'methylpyrrolidone',
    label: 'N-methylpyrrolidone (NMP) remover',
    says: [
      'It goes through the skin and harms the unborn: not by or near anyone who is or may be pregnant.',
      'Gloves of butyl rubber, much air, by its label; Obrik plans without it.',
    ],
    source: PRACTICE,
  },
] as const;
