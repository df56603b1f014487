import { JUDGEMENT } from './source';

/** Figures of the sanding model. All modelling judgement but the two that name the trade. */
export const SANDING_MODEL = {
  /** Scratch depth over median grain. */
  scratchPerGrain: 0.3,
  /** Removal by random-orbit machine at P120 on wood of 1000 lbf, µm·m² per minute. */
  machineRate: 8,
  /** How many times as long the hand takes; trade: about three times. */
  byHand: 3,
  /** What the two rates are told for: median grain of P120, µm, and hardness. */
  reference: { grainUm: 125, jankaLbf: 1000 },
  /** Share above the bare scratch depth that is taken off to be sure. */
  removalMargin: 0.3,
  /** No even pass takes off less, µm; trade. */
  leastUm: 8,
  /** Changing paper and vacuuming, minutes a rung. */
  rungMinutes: 1.5,
  /** One even pass on hard wood, minutes per m²; on softer wood with the root of its hardness, no less than the least. */
  pass: { minutesPerM2: 3, onLbf: 1300, least: 2 },
  /**
   * Scratches of the last paper that stay: the chance grows with the square of what a step in
   * grain is over the easy one; what it costs is the rework, minutes. A thin face that is sanded
   * fine wants small steps: nothing can be gone over again.
   */
  telegraph: {
    easyStep: 1.6,
    easyStepThinAndFine: 1.25,
    fineFrom: 180,
    growth: 5,
    fixedMinutes: 8,
    minutesPerM2: 9,
  },
  /** Papers that most shops keep; another one is charged a little, to settle ties. */
  kept: [80, 120, 180, 220, 320, 400],
  notKept: { fixedMinutes: 0.3, minutesPerM2: 0.6 },
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
    /** The old colour sits deeper than the old film. */
    veneerToStain: 75,
    /** A face whose film was sanded off with the coarsest paper: its scratches. */
    afterSandingOff: 60.3,
    bare: 75,
    darkStain: 300,
  },
} as const;
/** @public Where the rows above come from. */
export const SANDING_SOURCE = JUDGEMENT;

/** A filled or stained place is sanded over about this area, mm². */
export const PLACE_AREA_MM2 = { value: 20_000, source: JUDGEMENT } as const;

/** Papers by what they are for (trade, common practice). */
export const PAPER_CHOICES = {
  coarsest: 80,
  afterSandingOff: 100,
  /** Finest paper that the coat to come wants on bare wood: on solid, and on thin faces. */
  target: { stained: { solid: 180, thin: 120 }, wood: { solid: 220, thin: 180 }, paint: 150 },
  /** Fills flush: fill, flatten, paint; finer starts where wood is seen, and where it is thin. */
  fill: { underPaint: [80, 120, 220], thinUnderPaint: [120, 220], solid: [120, 180], thin: [150] },
  darkStain: 120,
  /** Dulling what stays: paint and old film by school, smooth factory film, and laminate, where coarse paper breaks into the core. */
  scuff: { fine: [120, 150], coarse: [120], smooth: [180, 220], slick: [180], clear: [320] },
  veneer: 180,
  wet: 150,
  raisedGrain: 220,
  ease: 100,
  patch: 150,
  grainBack: 220,
  betweenPaint: 320,
  underClear: 320,
  betweenClear: 400,
  /** By how far a face is rubbed through: the coarser, the more of the wood shows. */
  distress: { light: [220, 320], usual: [180, 220], hard: [120, 180, 220] },
} as const;
/** Kept from every edge by the machine, mm. */
export const EDGE_BY_HAND_MM = 30;
