import type { Finish } from './finishes';
import { JUDGEMENT } from './source';
import type { SubstrateFamily } from './substrates';
import type { Wood } from './woods';

/** Age of a piece as far as it shifts expectations. */
export type Era = 'early' | 'middle' | 'late';

/** First year that no longer belongs to the era. */
export const ERA_ENDS: Readonly<Record<Exclude<Era, 'late'>, number>> = {
  early: 1920,
  middle: 1965,
};

/** What kind of part a surface is, as far as it shifts expectations. */
export type PartKind = 'panel' | 'stick' | 'back';

type Weights<K extends string> = Readonly<Record<K, number>>;
type ByEra<T> = Readonly<Record<Era, T>>;
type ByPart<T> = Readonly<Record<PartKind, T>>;

/** Expected share of substrate families by part and era. */
export const SUBSTRATE_PRIORS: ByPart<ByEra<Weights<SubstrateFamily>>> = {
  panel: {
    early: { solid: 0.7, veneer: 0.26, plywood: 0.01, printed: 0.01, board: 0.01, other: 0.01 },
    middle: { solid: 0.42, veneer: 0.41, plywood: 0.08, printed: 0.05, board: 0.03, other: 0.01 },
    late: { solid: 0.22, veneer: 0.32, plywood: 0.06, printed: 0.33, board: 0.06, other: 0.01 },
  },
  stick: {
    early: { solid: 0.95, veneer: 0.02, plywood: 0.005, printed: 0.01, board: 0.005, other: 0.01 },
    middle: { solid: 0.9, veneer: 0.04, plywood: 0.01, printed: 0.03, board: 0.01, other: 0.01 },
    late: { solid: 0.7, veneer: 0.06, plywood: 0.02, printed: 0.17, board: 0.04, other: 0.01 },
  },
  back: {
    early: { solid: 0.9, veneer: 0.03, plywood: 0.04, printed: 0.01, board: 0.01, other: 0.01 },
    middle: { solid: 0.3, veneer: 0.04, plywood: 0.45, printed: 0.03, board: 0.17, other: 0.01 },
    late: { solid: 0.1, veneer: 0.04, plywood: 0.3, printed: 0.2, board: 0.35, other: 0.01 },
  },
};

/** Share of softwood where a part is solid: secondary parts are mostly softwood. */
export const SOFTWOOD_SHARE: ByPart<ByEra<number>> = {
  panel: { early: 0.25, middle: 0.3, late: 0.45 },
  stick: { early: 0.25, middle: 0.3, late: 0.4 },
  back: { early: 0.75, middle: 0.75, late: 0.75 },
};

/** Share of board cores (chipboard, fibreboard, blockboard) where a face is veneered. */
export const BOARD_CORE_SHARE: ByEra<number> = { early: 0.1, middle: 0.5, late: 0.9 };

/** Share of high-pressure laminate where a face is printed; the rest is foil or melamine. */
export const HPL_SHARE: ByEra<number> = { early: 0.5, middle: 0.6, late: 0.2 };

/** Expected share of woods by what they come as. */
export const WOOD_PRIORS = {
  hardwood: {
    pale: 0.25,
    ringPorous: 0.27,
    redTropical: 0.16,
    walnut: 0.1,
    cherry: 0.09,
    knotty: 0,
    aromatic: 0,
    oily: 0.035,
    rosewood: 0.015,
    paintGrade: 0.08,
  },
  softwood: {
    pale: 0,
    ringPorous: 0,
    redTropical: 0,
    walnut: 0,
    cherry: 0,
    knotty: 0.9,
    aromatic: 0.1,
    oily: 0,
    rosewood: 0,
    paintGrade: 0,
  },
  thinFace: {
    pale: 0.15,
    ringPorous: 0.28,
    redTropical: 0.23,
    walnut: 0.17,
    cherry: 0.06,
    knotty: 0.03,
    aromatic: 0.01,
    oily: 0.025,
    rosewood: 0.025,
    paintGrade: 0.02,
  },
} as const satisfies Record<string, Weights<Wood>>;

/** Expected share of the top layer on wood, by era. */
export const FINISH_PRIORS: ByEra<Weights<Finish>> = {
  early: {
    bare: 0.04,
    wax: 0.1,
    oil: 0.08,
    shellac: 0.31,
    lacquer: 0.02,
    varnish: 0.125,
    waterClear: 0.005,
    waxedFilm: 0.08,
    factory: 0.01,
    latex: 0.05,
    alkyd: 0.13,
    chalk: 0.02,
    milk: 0.03,
  },
  middle: {
    bare: 0.04,
    wax: 0.04,
    oil: 0.05,
    shellac: 0.15,
    lacquer: 0.23,
    varnish: 0.12,
    waterClear: 0.01,
    waxedFilm: 0.05,
    factory: 0.04,
    latex: 0.08,
    alkyd: 0.15,
    chalk: 0.03,
    milk: 0.01,
  },
  late: {
    bare: 0.05,
    wax: 0.03,
    oil: 0.05,
    shellac: 0.02,
    lacquer: 0.16,
    varnish: 0.11,
    waterClear: 0.06,
    waxedFilm: 0.02,
    factory: 0.28,
    latex: 0.12,
    alkyd: 0.05,
    chalk: 0.04,
    milk: 0.01,
  },
};

/** Expected share of the top layer where the face is printed, is board, or is not wood at all. */
export const FINISH_PRIORS_OFF_WOOD: Readonly<
  Record<'printed' | 'board' | 'other', Weights<Finish>>
> = {
  printed: {
    bare: 0.02,
    wax: 0.01,
    oil: 0,
    shellac: 0,
    lacquer: 0.01,
    varnish: 0.01,
    waterClear: 0.01,
    waxedFilm: 0.01,
    factory: 0.78,
    latex: 0.08,
    alkyd: 0.03,
    chalk: 0.04,
    milk: 0,
  },
  board: {
    bare: 0.36,
    wax: 0.01,
    oil: 0.02,
    shellac: 0.01,
    lacquer: 0.05,
    varnish: 0.04,
    waterClear: 0.01,
    waxedFilm: 0.005,
    factory: 0.115,
    latex: 0.22,
    alkyd: 0.1,
    chalk: 0.05,
    milk: 0.01,
  },
  other: {
    bare: 0.4,
    wax: 0.02,
    oil: 0.02,
    shellac: 0.01,
    lacquer: 0.1,
    varnish: 0.045,
    waterClear: 0.01,
    waxedFilm: 0.01,
    factory: 0.135,
    latex: 0.05,
    alkyd: 0.17,
    chalk: 0.02,
    milk: 0.01,
  },
};

/** Chance of nicotine, water, ink or marker that would travel, whatever the wood. */
export const STAIN_PRIOR = { onWood: 0.04, offWood: 0.02 } as const;

/** Veneer thickness where nobody measured, mm: thin (one in ten is thinner) and usual (median). */
export const VENEER_PRIORS: ByEra<{ readonly thin: number; readonly usual: number }> = {
  early: { thin: 0.9, usual: 1.4 },
  middle: { thin: 0.6, usual: 0.8 },
  late: { thin: 0.45, usual: 0.55 },
};

/** A reading with rule and lens is this far out, mm (one standard deviation). */
export const VENEER_READING_ERROR = 0.04;

/**
 * How surfaces of one piece inform each other: the chance that one is of the same substrate,
 * wood and finish as a sister because one maker cut both from one stock.
 */
export const SISTER_SHARE = { samePart: 0.4, otherPart: 0.15 } as const;

/** Chance that an outcome is misread or tapped wrong; no single outcome is ever beyond doubt. */
export const REPORTING_SLIP = 0.03;

/** @public Where the rows above come from. */
export const PRIORS_SOURCE = JUDGEMENT;
