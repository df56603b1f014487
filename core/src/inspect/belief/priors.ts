import {
  BLEEDS,
  BOARD_CORE_SHARE,
  ERA_ENDS,
  FINISHES,
  FINISH_PRIORS,
  FINISH_PRIORS_OFF_WOOD,
  HPL_SHARE,
  LEAD_PRIOR,
  SOFTWOOD_SHARE,
  STAIN_PRIOR,
  SUBSTRATES,
  SUBSTRATE_PRIORS,
  WOODS,
  WOOD_PRIORS,
  type Bleed,
  type Era,
  type PartKind,
  type ValueOf,
} from '../../catalog';
import type { Piece } from '../../piece';
import { normalise, type Distribution } from './distribution';
import { MAKES, type Make } from './space';

const ERAS: readonly Era[] = ['early', 'middle', 'late'];

/** Where nobody knows the year, each era counts alike (modelling judgement). */
const UNKNOWN_FROM = 1880;
const UNKNOWN_TO = 2020;

/** Years the piece may be from; open ends are closed by what is still met in workshops. */
export const yearRange = (
  piece: Pick<Piece, 'yearFrom' | 'yearTo'>,
): { from: number; to: number } => {
  const from = piece.yearFrom ?? Math.min(UNKNOWN_FROM, piece.yearTo ?? UNKNOWN_FROM);
  return { from, to: Math.max(from, piece.yearTo ?? UNKNOWN_TO) };
};

/** Share of the possible years that falls into each era. */
export const eraShares = (piece: Pick<Piece, 'yearFrom' | 'yearTo'>): Distribution<Era> => {
  const { from, to } = yearRange(piece);
  const overlap = (start: number, end: number) =>
    Math.max(0, Math.min(to + 1, end) - Math.max(from, start));
  return normalise({
    early: overlap(-Infinity, ERA_ENDS.early),
    middle: overlap(ERA_ENDS.early, ERA_ENDS.middle),
    late: overlap(ERA_ENDS.middle, Infinity),
  });
};

/** Chance of lead in paint of one year. */
const leadInPaintOf = (year: number, cutoff: number): number =>
  year >= cutoff
    ? LEAD_PRIOR.paintedAfterCutoff.value
    : (LEAD_PRIOR.paintedBefore.find((it) => year < it.year)?.chance ?? 0);

/** Mean over the years that the piece may be from. */
const meanOver = (
  piece: Pick<Piece, 'yearFrom' | 'yearTo'>,
  figure: (year: number) => number,
): number => {
  const { from, to } = yearRange(piece);
  let sum = 0;
  for (let year = from; year <= to; year++) sum += figure(year);
  return sum / (to + 1 - from);
};

/** Chance that paint on this piece is older than the cut-off year. */
const olderThanCutoff = (piece: Pick<Piece, 'yearFrom' | 'yearTo'>, cutoff: number): number => {
  const { from, to } = yearRange(piece);
  return Math.min(1, Math.max(0, (Math.min(to + 1, cutoff) - from) / (to + 1 - from)));
};

/** May any of the years of make lie before the cut-off? */
export const mayPredate = (piece: Pick<Piece, 'yearFrom' | 'yearTo'>, cutoff: number): boolean =>
  piece.yearFrom === null || piece.yearFrom < cutoff;

/** Chance that the top layer is paint, from those of the finishes in the order of the catalog. */
export const chanceOfPaint = (finish: ArrayLike<number>): number =>
  FINISHES.rows.reduce((sum, row, at) => sum + (row.paint ? (finish[at] as number) : 0), 0);

/** Chance of each make in one era, for one kind of part. */
const makeChance = (make: Make, era: Era, part: PartKind): number => {
  const { family, wood, thinFace } = SUBSTRATES.get(make.substrate);
  const splits: Partial<Record<ValueOf['substrate'], number>> = {
    hardwood: 1 - SOFTWOOD_SHARE[part][era],
    softwood: SOFTWOOD_SHARE[part][era],
    veneerSolid: 1 - BOARD_CORE_SHARE[era],
    veneerCore: BOARD_CORE_SHARE[era],
    hpl: HPL_SHARE[era],
    foil: 1 - HPL_SHARE[era],
  };
  const woods = thinFace
    ? WOOD_PRIORS.thinFace
    : WOOD_PRIORS[make.substrate === 'softwood' ? 'softwood' : 'hardwood'];
  const finishes =
    family === 'printed' || family === 'board' || family === 'other'
      ? FINISH_PRIORS_OFF_WOOD[family]
      : FINISH_PRIORS[era];
  return (
    SUBSTRATE_PRIORS[part][era][family] *
    (splits[make.substrate] ?? 1) *
    (wood && make.wood ? woods[make.wood] : 1) *
    finishes[make.finish]
  );
};

const MAKE_CHANCES = new Map<string, Float64Array>();

const makeChances = (era: Era, part: PartKind): Float64Array => {
  const key = `${era}/${part}`;
  const known = MAKE_CHANCES.get(key);
  if (known) return known;
  const made = Float64Array.from(MAKES, (make) => makeChance(make, era, part));
  MAKE_CHANCES.set(key, made);
  return made;
};

/** Chance of each make before any test, from the age of the piece and the kind of part. */
export const makePrior = (
  piece: Pick<Piece, 'yearFrom' | 'yearTo'>,
  part: PartKind,
): Float64Array => {
  const shares = eraShares(piece);
  const prior = new Float64Array(MAKES.length);
  for (const era of ERAS) {
    const share = shares[era];
    if (share === 0) continue;
    const chances = makeChances(era, part);
    for (let m = 0; m < prior.length; m++) {
      prior[m] = (prior[m] as number) + share * (chances[m] as number);
    }
  }
  return prior;
};

/** P(bleed | make): what the wood brings, and old stains whatever the wood. */
export const bleedChance = (make: Make, bleed: Bleed): number => {
  const brings = make.wood ? WOODS.get(make.wood).bleeds : { tannin: 0, resin: 0, dye: 0 };
  const stain = make.wood ? STAIN_PRIOR.onWood : STAIN_PRIOR.offWood;
  if (bleed === 'stain') return stain;
  return bleed === 'none' ? 1 - stain - brings.tannin - brings.resin - brings.dye : brings[bleed];
};

/** Chance of lead in some layer, under paint and under anything else. */
export interface LeadChance {
  readonly paint: number;
  readonly other: number;
}

/** P(lead in some layer | finish), by the years that the piece may be from. */
export const leadChance = (
  piece: Pick<Piece, 'yearFrom' | 'yearTo'>,
  cutoff: number,
): LeadChance => {
  return {
    paint: meanOver(piece, (year) => leadInPaintOf(year, cutoff)),
    other: olderThanCutoff(piece, cutoff) * LEAD_PRIOR.clearBeforeCutoff.value,
  };
};

/** P(bleed | make) for every state. */
export const BLEED_CHANCES = Float64Array.from(
  MAKES.flatMap((make) => BLEEDS.ids.map((bleed) => bleedChance(make, bleed))),
);
