import { JUDGEMENT, PRACTICE } from './source';

/** Active minutes of plain work: a fixed part and a part for each m². */
export const RATES = {
  vacuum: { fixed: 3, perM2: 2 },
  degrease: { fixed: 5, perM2: 7 },
  dampWipe: { fixed: 4, perM2: 5 },
  rinse: { fixed: 2, perM2: 3 },
  waxOff: { fixed: 4, perM2: 9 },
  residue: { fixed: 12, perM2: 2 },
  scuff: { fixed: 3, perM2: 6 },
  wetScuff: { fixed: 5, perM2: 11 },
  dedust: { fixed: 2, perM2: 2 },
  coat: { fixed: 6, perM2: 9 },
  /** Masking, straining and cleaning the gun weigh on the fixed part. */
  spray: { fixed: 28, perM2: 3 },
  wiped: { fixed: 4, perM2: 9 },
  effect: { fixed: 6, perM2: 14 },
  distress: { fixed: 5, perM2: 8 },
  maskBorder: { fixed: 10, perM2: 4 },
  extractiveWash: { fixed: 12, perM2: 22 },
  cementOff: { fixed: 10, perM2: 30 },
  coatScuff: { fixed: 2, perM2: 4 },
  caulk: { fixed: 4, perM2: 6 },
  veneer: { fixed: 45, perM2: 70 },
  freshen: { fixed: 8, perM2: 6 },
  looseOff: { fixed: 5, perM2: 12 },
} as const;
export type Rate = keyof typeof RATES;
export const RATES_SOURCE = JUDGEMENT;

/** Share of the paint that lands on the piece. */
export const TRANSFER = { sprayed: 0.65, brushed: 0.95, source: JUDGEMENT } as const;

/** How deep each filler goes, mm: putty, one round of two-part filler, all its rounds together. */
export const FILL_DEPTHS = { putty: 1, round: 6, twoPart: 12, source: PRACTICE } as const;

/** Stainable filler dries by its depth, mm and minutes: two to six hours. */
export const STAINABLE_WAITS = [
  { upToMm: 2, minutes: 2 * 60 },
  { upToMm: 5, minutes: 4 * 60 },
  { upToMm: Infinity, minutes: 6 * 60 },
] as const;

/** Dedusting without extraction takes this many times as long. */
export const DEDUST_WITHOUT_EXTRACTOR = { value: 2, source: JUDGEMENT } as const;

/** What a careful worker would give for a unit of money, minutes per minor unit. */
export const MINUTES_PER_MINOR_UNIT = { value: 0.02, source: JUDGEMENT } as const;

/** Active minutes of work that is counted by the part. */
export const PART_MINUTES = {
  drawerOut: 1,
  doorOff: 5,
  pull: 1.5,
  photographs: 6,
  map: 4,
  drawerIn: 1.5,
  doorOn: 8,
  pullOn: 2,
  hole: 1.5,
  drill: 1.5,
  polish: 6,
  repaint: 4,
  anchor: 12,
  bumpers: 5,
  careSheet: 10,
} as const;

/** Waits after wet work, minutes. */
export const WAITS = {
  afterWash: 12 * 60,
  afterDampWipe: 2 * 60,
  afterSpirits: 60,
  bleedPatch: 12 * 60,
  testPatch: 4 * 60,
} as const;

/** Coats of clear by how hard a surface is used: top three, sides two, underside one. */
export const CLEAR_COATS = { high: 3, middle: 2, low: 1 } as const;
export const CLEAR_COATS_SOURCE = PRACTICE;

/** Squares of 25 that may be gone for a coat that holds, and for a fair one (S: ASTM D3359 B, 5 and 15 %). */
export const BOND_LIMITS = { holds: 1.2, fair: 3.75 } as const;

/** Figures for parts that slide or swing into an opening, µm. */
export const GAPS = {
  /** Gap on one side of a part that runs freely; and of one that catches. */
  runs: 1000,
  catches: 300,
  /** Needed to run. */
  keep: 400,
} as const;

/** From this height on a piece is screwed to the wall, mm. */
export const ANCHOR_FROM_MM = 1000;

/** Figures of the sanding model. All modelling judgement but the two that name the trade. */
export const SANDING_MODEL = {
  /** Scratch depth over median grain. */
  scratchPerGrain: 0.3,
  /** Removal by random-orbit machine at P120 on wood of 1000 lbf, µm·m² per minute. */
  machineRate: 5,
  handRate: 1.6,
  /** Share above the bare scratch depth that is taken off to be sure. */
  removalMargin: 0.3,
  /** Changing paper, minutes a rung; passes and vacuuming between, minutes per m² and rung. */
  rungMinutes: 1.5,
  passMinutesPerM2: 2,
  /** How much faster an edge goes than the field; trade: two to three times by machine. */
  machineEdgeFactor: 2.5,
  handEdgeFactor: 1.2,
  /** Veneer to be left so that the glue line never shows, µm. */
  keepUm: 250,
  /** What the worst place of a face takes against the mean: median and log-sigma of a lognormal. */
  worstPlace: { field: { median: 1.2, sigma: 0.7 }, edge: { median: 2, sigma: 0.85 } },
  /** Thinner than this the glue line shows, µm. */
  showsUm: 100,
  /** What sanding through costs: a patch, or another aim for the face, minutes. */
  sandThroughMinutes: 180,
  /** Largest step in grain size; 2 by practice, with room for 80 → 150 (2.01), which is common. */
  maxStep: 2.05,
  /** Deepest scratch or unevenness met by default, µm. */
  defects: {
    solidAfterStrip: 90,
    veneerAfterStrip: 60,
    bare: 75,
    afterFill: 100,
    film: 20,
    darkStain: 300,
  },
} as const;
export const SANDING_SOURCE = JUDGEMENT;
