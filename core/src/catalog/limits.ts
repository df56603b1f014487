import { JUDGEMENT, PRACTICE, published } from './source';

/** How deep each filler goes, mm: putty, one round of two-part filler, all its rounds together. */
export const FILL_DEPTHS = { putty: 1, round: 6, twoPart: 12, source: PRACTICE } as const;

/** Nearer to the rim than this share of the face, a deep fill has nothing to hold on to on one side. */
export const AT_THE_EDGE = { share: 0.05, source: JUDGEMENT } as const;

/** Up to this width, mm, a crack is glued shut; up to the next it is glued and filled; wider ones get a slip of wood. */
export const CRACKS = { hairlineMm: 1, fillMm: 3, source: PRACTICE } as const;
/** From this area on missing veneer is patched with veneer under paint too: putty sinks. */
export const SHEET_FROM_MM2 = { value: 2500, source: JUDGEMENT } as const;

/** Deeper than this, mm, a scratch in bare wood is filled; up to it, it is sanded out of solid wood. */
export const SANDED_OUT_MM = { value: 0.4, source: JUDGEMENT } as const;

/** Stainable filler dries by its depth, mm and minutes: two to six hours. */
export const STAINABLE_WAITS = [
  { upToMm: 2, minutes: 2 * 60 },
  { upToMm: 5, minutes: 4 * 60 },
  { upToMm: Infinity, minutes: 6 * 60 },
] as const;

/** Coats of clear by how hard a surface is used: top three, sides two, underside one. */
export const CLEAR_COATS = { high: 3, middle: 2, low: 1 } as const;
/** @public Where the rows above come from. */
export const CLEAR_COATS_SOURCE = PRACTICE;
/** Coats of clear at the most over a sound old one. */
export const RENEWED_COATS = { value: 2, source: PRACTICE } as const;
/** Chance that a place that was touched in can still be found. */
export const TOUCHED_IN_SHOWS = { value: 0.4, source: JUDGEMENT } as const;
/** Rounds of what is wiped or buffed off. */
export const WIPED_ROUNDS = { value: 2, source: PRACTICE } as const;

/** Squares of 25 that may be gone for a coat that holds, and for a fair one: 5 and 15 % of the lattice. */
export const BOND_LIMITS = {
  holds: 1.2,
  fair: 3.75,
  source: published('ASTM D3359 method B'),
} as const;

/** Cuts of the cross-cut by the film's thickness. */
export const CROSS_CUTS = {
  /** Up to this film, µm: eleven cuts 1 mm apart; from there to the next limit six, 2 mm apart. */
  fineUpToUm: 50,
  coarseUpToUm: 125,
  fine: { cuts: 11, apartMm: 1 },
  coarse: { cuts: 6, apartMm: 2 },
  source: published('ASTM D3359 method B'),
} as const;

/** Figures for parts that slide or swing into an opening, µm. */
export const GAPS = {
  /** Gap on one side of a part that runs freely; and of one that catches. */
  runs: 1000,
  catches: 300,
  /** Needed to run. */
  keep: 400,
  source: JUDGEMENT,
} as const;

/** What stain, oil and wax take, L/m²: about 12 m² from a litre. */
export const SOAKED_LITRES = { value: 1 / 12, source: PRACTICE } as const;

/** From this height on a free-standing chest, wardrobe or shelf can fall on a child: 27 in. */
export const TIPS_FROM_MM = {
  value: 686,
  source: published('ASTM F2057-23; 16 CFR 1261'),
} as const;
/** What today's rules ask of beds that children sleep in, mm; values from memory. */
export const CHILDS_BED = {
  crib: {
    slatGap: 60,
    postAbove: 1.5,
    source: published('16 CFR 1219 and 1220; 16 CFR 1508 of before'),
  },
  bunk: { gap: 89, railAboveMattress: 127, source: published('16 CFR 1213 and 1513') },
} as const;
/**
 * How high for its depth such a piece is where it tips: sooner where drawers or doors open, since a
 * child climbs them. Clothing storage and what is for a child is anchored whatever its depth.
 */
export const TIPS_BY_RATIO = { open: 1.2, shut: 1.5, source: JUDGEMENT } as const;

/** Damage: what is overlooked at arm's length, mm²; what share of a face makes it worse. */
export const DAMAGE_LIMITS = { overlookedMm2: 60, largeShare: 0.05, source: JUDGEMENT } as const;

/** Wood this many points above its rest in the shop's air is damp. */
export const DAMP_ABOVE_POINTS = { value: 3, source: PRACTICE } as const;

/** Bare wood in this range of pH is neutral enough to coat. */
export const PH_LIMITS = { from: 6, to: 8, source: PRACTICE } as const;

/**
 * Air that a coating bears unless its own row says otherwise: °C at the least, % humidity at the
 * most; and how far the face has to be above the dew point, K.
 */
export const COATING_AIR = { fromCelsius: 10, toHumidity: 80, source: PRACTICE } as const;
export const ABOVE_DEW_POINT = { value: 3, source: published('ISO 8502-4') } as const;

/** A sheet of new veneer, µm. */
export const NEW_VENEER_UM = { value: 500, source: JUDGEMENT } as const;

/** Screw holes that a fitting leaves in the face: a knob has one, a pull two. */
export const HOLES_PER_FITTING = { knob: 1, other: 2, source: PRACTICE } as const;

/** Thin faces, mm: under the first it is not stripped and sanded, under the second by hand only. */
export const THIN_FACES = { tooThinMm: 0.45, handOnlyMm: 0.5, source: JUDGEMENT } as const;

/** Wood that bears a soft brass brush while it is wet, lbf (Janka). */
export const BEARS_BRASS_LBF = { value: 1000, source: JUDGEMENT } as const;

/** Stripper takes about this many layers in a round. */
export const LAYERS_A_ROUND = { value: 2, source: PRACTICE } as const;

/** The first layer on carved or turned work takes this many times as long as on flat work. */
export const CARVED = { slower: 5, source: PRACTICE } as const;

/** Rounds that an extractive wash is planned with; three at most are done. */
export const WASH_ROUNDS = { value: 2, source: JUDGEMENT } as const;
/** Passes of the degreaser where it is greasy. */
export const GREASY_PASSES = { value: 2, source: PRACTICE } as const;
