import { ONE_IN_TEN_SIGMA } from '../../units';
import { type Era, THIN_FACES, VENEER_PRIORS, VENEER_READING_ERROR } from '../../catalog';
import type { Observation, Piece } from '../../piece';
import { eraShares } from './priors';
import type { VeneerEstimate } from './result';

/** Thicknesses that are told apart, mm. */
const STEP = 0.02;
const THICKNESSES = Array.from({ length: 310 }, (_, index) => (index + 1) * STEP);

const lognormal = (mm: number, { thin, usual }: (typeof VENEER_PRIORS)[Era]): number => {
  const sigma = Math.log(usual / thin) / ONE_IN_TEN_SIGMA;
  return Math.exp(-0.5 * (Math.log(mm / usual) / sigma) ** 2) / (mm * sigma);
};

const scaled = (weights: readonly number[]): readonly number[] => {
  const sum = weights.reduce((a, b) => a + b, 0);
  return weights.map((it) => it / sum);
};

const ERAS = Object.keys(VENEER_PRIORS) as Era[];

const expectedIn = (era: Era): readonly number[] =>
  scaled(THICKNESSES.map((mm) => lognormal(mm, VENEER_PRIORS[era])));
const EXPECTED: Readonly<Record<Era, readonly number[]>> = {
  early: expectedIn('early'),
  middle: expectedIn('middle'),
  late: expectedIn('late'),
};

/** Estimates made before: most surfaces of a piece share one. */
const ESTIMATES = new Map<string, VeneerEstimate>();

/** The thickness that a share of the distribution lies below, mm. */
const quantile = (weights: readonly number[], share: number): number => {
  let below = 0;
  for (const [index, weight] of weights.entries()) {
    if (below + weight >= share) {
      const mm = THICKNESSES[index] ?? 0;
      return mm - STEP / 2 + (STEP * (share - below)) / weight;
    }
    below += weight;
  }
  return THICKNESSES.at(-1) ?? 0;
};

const DISTRIBUTIONS = new Map<string, readonly number[]>();

/**
 * Chances of the thicknesses of the wood above the core.
 * Model: unmeasured, lognormal by era, mixed by the share of years in each. A reading r beats any
 * expectation: exp(−(r − t)² / 2σ²), σ from the catalog. Of several readings the thinnest counts:
 * it is the thin place that is sanded through.
 */
const thicknesses = (
  piece: Pick<Piece, 'yearFrom' | 'yearTo'>,
  observations: readonly Observation[],
): { readonly key: string; readonly weights: readonly number[]; readonly measured: boolean } => {
  const shares = eraShares(piece);
  const readings = observations
    .filter((it) => it.testId === 'veneer-thickness')
    .flatMap((it) => it.value ?? []);
  const thinnest = readings.length > 0 ? Math.min(...readings) : undefined;
  const key = `${Object.values(shares).join()}/${thinnest ?? ''}`;
  const weights =
    DISTRIBUTIONS.get(key) ??
    scaled(
      THICKNESSES.map((mm, index) =>
        thinnest === undefined
          ? ERAS.reduce((sum, era) => sum + shares[era] * (EXPECTED[era][index] ?? 0), 0)
          : Math.exp(-0.5 * ((thinnest - mm) / VENEER_READING_ERROR) ** 2),
      ),
    );
  DISTRIBUTIONS.set(key, weights);
  return { key, weights, measured: thinnest !== undefined };
};

const below = (weights: readonly number[], mm: number): number =>
  weights.reduce((sum, weight, index) => sum + ((THICKNESSES[index] ?? 0) < mm ? weight : 0), 0);

/** Chances to lie below each thickness, by the key of the distribution. */
const CUMULATED = new Map<string, readonly number[]>();

const cumulated = (weights: readonly number[]): readonly number[] => {
  let sum = 0;
  return weights.map((it) => (sum += it));
};

/** For a surface, the chance that the wood above its core is thinner than a thickness, mm. */
export const chanceThinnerThan = (
  piece: Pick<Piece, 'yearFrom' | 'yearTo'>,
  observations: readonly Observation[],
): ((mm: number) => number) => {
  const { key, weights } = thicknesses(piece, observations);
  const sums = CUMULATED.get(key) ?? cumulated(weights);
  CUMULATED.set(key, sums);
  return (mm) => sums[Math.min(sums.length, Math.ceil(mm / STEP) - 1) - 1] ?? 0;
};

/** What is believed of the thickness of the wood above the core. */
export const veneerOf = (
  piece: Pick<Piece, 'yearFrom' | 'yearTo'>,
  observations: readonly Observation[],
): VeneerEstimate => {
  const { key, weights, measured } = thicknesses(piece, observations);
  const known = ESTIMATES.get(key);
  if (known) return known;
  const estimate = {
    thinMm: quantile(weights, 0.1),
    usualMm: quantile(weights, 0.5),
    tooThin: below(weights, THIN_FACES.tooThinMm),
    measured,
  };
  ESTIMATES.set(key, estimate);
  return estimate;
};
