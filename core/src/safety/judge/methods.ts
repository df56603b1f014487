import type { Danger, Method } from '../../catalog';

// The judge's own tables, written by hand from 24 CFR 35.140, 40 CFR 745.85, HUD's guidelines for
// evaluation and control, and the practice of the trade (values from memory). They are test code: the
// program never reads them, and they never ask the program what is right.

/**
 * What work does to old paint, whatever the program says of it:
 * `records` nobody touches the paint · `secures` makes harm known or less · `handles` touches the piece
 * and leaves the paint alone · `covers` hides layers from a test · `opens` loosens, washes, cuts or wears
 * them, and can be done wet and contained · `dry` sets dust or flakes free, and can't.
 */
export type Judgement = 'records' | 'secures' | 'handles' | 'covers' | 'opens' | 'dry';

const JUDGED: Readonly<Record<Judgement, string>> = {
  records: 'photograph care-sheet check-childs-bed',
  secures: 'lead-gate clean-up-lead contain-lead evict-insects mould mend-cleanUpHarm mend-decide',
  handles: `cover-room mask-drawers drawers-out doors-off hardware-off substrate-gate veneer-gate vacuum
    dry-out mask-bare mask-border harden air-in-range drawers-in doors-on hardware-on back-on bumpers
    touch-up seal-edges anchor`,
  covers: `coat-pigmentedShellac coat-clearShellac coat-alkydBlocker coat-waterBlocker coat-bonding
    coat-sealing coat-acrylic coat-grainFiller coat-caulk coat-wallPaint coat-cabinetEnamel
    coat-mineralPaint coat-oilEnamel coat-allInOne coat-washcoat coat-conditioner coat-oilStain
    coat-waterStain coat-gelStain coat-tintedVarnish coat-tintedOil coat-toner coat-wash coat-glaze
    coat-dryBrush coat-stencilPaint coat-metalWax coat-waterClear coat-twoPartClear coat-lacquer
    coat-waxedShellac coat-oilClear coat-hardOil coat-pasteWax prime-pigmentedShellac
    prime-clearShellac prime-alkydBlocker prime-waterBlocker prime-bonding prime-sealing prime-acrylic
    caulk test-patch mend-clearBlush`,
  opens: `back-off polish-fittings repaint-fittings air-out residue cement-off wax-off powder-off
    powder-off-damp degrease damp-wipe bleed-patch-wet strip-gel strip-mild strip-caustic neutralise
    neutralise-again extractive-wipe extractive-wipe-damp extractive-wash loose-off-wet steam
    two-part-filler stainable-filler fill-scratch scrape-burn plane-swelling harden-board
    glazing-putty epoxy-putty glue-crack glue-and-fill-crack slip-in-crack glue-veneer glue-plies
    glue-joint glue-dovetail glue-handle glue-foil iron-band level-runner guide-strips wood-patch
    veneer-patch new-back ring-out wax-stick wash-silicone oxalic-acid grain-filler sand-fuzz-out
    fill-old-holes new-part-solid new-part-plywood new-part-board wet-sand flush-fill-wet
    ease-edges-wet cut-grain-wet drill-new-holes-wet dedust dedust-damp bleach raise-grain dull-wet
    touch-in-wet freshen freshen-damp mend-wipeBack mend-levelOut-wet mend-waitAndLevel-wet
    mend-spotSeal-wet mend-scrapeBack-wet mend-wipeCraters-wet mend-cutFur-wet mend-touchEdge-wet`,
  dry: `bleed-patch strip-scrape strip-sand strip-heat loose-off lay-veneer sand-ladder scuff
    sand-veneer sand-out-stain flush-fill ease-edges cut-grain drill-new-holes dull distress touch-in
    mend-levelOut mend-waitAndLevel mend-spotSeal mend-scrapeBack mend-wipeCraters mend-cutFur
    mend-touchEdge`,
};

/** The judgement on each method by its id; a method that is missing here fails the suite. */
export const JUDGEMENTS: ReadonlyMap<string, Judgement> = new Map(
  (Object.keys(JUDGED) as Judgement[]).flatMap((judgement) =>
    JUDGED[judgement].split(/\s+/).map((id) => [id, judgement] as const),
  ),
);

/** May a line that does this be done on paint that holds lead, or may? Total by its type. */
export const MAY_ON_LEAD: Readonly<Record<Danger, boolean>> = {
  abrades: false,
  blows: false,
  vacuums: false,
  scrapes: false,
  cuts: false,
  drills: false,
  pries: false,
  steelWool: false,
  rubsWet: true,
  scrapesWet: true,
  cutsWet: true,
  worksNew: true,
  // No open flame and no heat gun at 593 °C: those are methods, judged above. An iron over a cloth is less.
  heats: true,
  water: true,
  oxalic: true,
  caustic: true,
  solvent: true,
  alcohol: true,
  mist: true,
  lead: true,
};

/** Methods that work fresh wood beside the old: lines that say so are about that. */
export const WORKS_NEW: readonly Method[] = [
  'new-part-solid',
  'new-part-plywood',
  'new-part-board',
  'new-back',
  'slip-in-crack',
  'glue-dovetail',
  'lay-veneer',
];

/** What is worn whoever does it: by method, labels as users read them. */
export const MUST_BE_WORN: Readonly<Partial<Record<Method, readonly RegExp[]>>> = {
  scuff: [/P100/, /Hearing/],
  'sand-ladder': [/P100/, /Hearing/],
  'strip-gel': [/Gloves matched/, /Goggles/, /Organic-vapour/],
  'strip-heat': [/Goggles/, /Organic-vapour/, /Work gloves/],
  'strip-caustic': [/Goggles/, /rubber gloves/i, /Apron/],
  'loose-off': [/P100/, /Goggles/],
  dull: [/Dust mask|P100/],
  'bleed-patch': [/Dust mask|P100/],
  distress: [/P100/],
  dedust: [/Open window|Outdoors/],
  freshen: [/Open window|Outdoors/],
  'extractive-wipe': [/Open window|Outdoors/],
  'two-part-filler': [/Goggles/, /Organic-vapour/, /Nitrile/],
  'oxalic-acid': [/Goggles/, /Nitrile/],
  bleach: [/Goggles/, /rubber gloves/i, /Apron/],
  'wax-off': [/Open window|Outdoors/],
  steam: [/Work gloves/],
  'drill-new-holes': [/Goggles/],
  mould: [/P100/, /Goggles/],
};

/** What is worn, or done for the air, at a line that does this; total by its type. */
export const WORN_AT_LINE: Readonly<Record<Danger, readonly RegExp[]>> = {
  abrades: [/Dust mask|P100|particulate/],
  blows: [/Goggles/, /Dust mask|P100|particulate/],
  vacuums: [],
  scrapes: [],
  cuts: [],
  drills: [/Goggles/],
  pries: [],
  steelWool: [],
  rubsWet: [],
  scrapesWet: [],
  cutsWet: [],
  worksNew: [],
  heats: [/Work gloves/],
  water: [],
  oxalic: [/Goggles/, /Nitrile/],
  caustic: [/Goggles/, /rubber gloves/i],
  solvent: [/Open window|Outdoors/],
  alcohol: [/Open window|Outdoors/],
  mist: [/Organic-vapour/, /P100|particulate/, /Goggles/],
  lead: [/P100 respirator/, /Disposable overall/, /Nitrile/],
};

/** Work that ruins a face of a kind, by what was vouched for. `whileOn`: only while the film is there. */
export const RUINS: readonly {
  readonly does: readonly Danger[] | null;
  readonly methods: readonly Method[] | null;
  readonly of: 'substrate' | 'finish' | 'wood';
  readonly values: readonly string[];
  readonly whileOn: boolean;
}[] = [
  {
    methods: ['strip-heat', 'steam'],
    does: null,
    of: 'finish',
    values: ['shellac', 'lacquer'],
    whileOn: true,
  },
  {
    methods: ['strip-heat', 'strip-caustic', 'steam'],
    does: null,
    of: 'substrate',
    values: ['veneerSolid', 'veneerCore', 'plywood'],
    whileOn: false,
  },
  {
    methods: ['strip-caustic'],
    does: null,
    of: 'substrate',
    values: ['board'],
    whileOn: false,
  },
  { methods: null, does: ['alcohol'], of: 'finish', values: ['shellac'], whileOn: true },
  {
    methods: null,
    does: ['oxalic'],
    of: 'finish',
    values: ['shellac', 'lacquer', 'varnish', 'waterClear', 'latex', 'alkyd'],
    whileOn: true,
  },
  { methods: null, does: ['water'], of: 'finish', values: ['milk'], whileOn: true },
  {
    methods: null,
    does: ['steelWool'],
    of: 'wood',
    values: ['ringPorous', 'walnut', 'redTropical', 'cherry', 'aromatic'],
    whileOn: false,
  },
];
