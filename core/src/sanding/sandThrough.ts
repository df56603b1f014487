import { SANDING_MODEL } from '../catalog';

/** Chance that the veneer is thinner than this, µm. */
export type ThinnerThan = (um: number) => number;

/** Standard normal quantiles in the middle of twenty equal shares. */
const QUANTILES = [
  -1.96, -1.44, -1.15, -0.935, -0.755, -0.598, -0.454, -0.319, -0.189, -0.063, 0.063, 0.189, 0.319,
  0.454, 0.598, 0.755, 0.935, 1.15, 1.44, 1.96,
] as const;

export type SandedPlace = keyof typeof SANDING_MODEL.worstPlace;

/**
 * Chance that a sanding goes through a veneer at its worst place.
 * Model: a hand does not take off the same everywhere; the worst place takes the mean × F, F
 * lognormal by place (field, edge). Through is where less than `showsUm` would be left, since the
 * glue line shows. P = mean over F of P(veneer < removed × F + showsUm). Modelling judgement, set so
 * that a careful pass over 0.6 mm goes through at an edge about once in fifty times.
 * @param removedUm mean removal of the whole ladder, µm
 * @returns 0 to 1
 */
export const chanceOfSandingThrough = (
  removedUm: number,
  thinnerThan: ThinnerThan,
  place: SandedPlace,
): number => {
  const { median, sigma } = SANDING_MODEL.worstPlace[place];
  return (
    QUANTILES.reduce(
      (sum, z) =>
        sum + thinnerThan(removedUm * median * Math.exp(sigma * z) + SANDING_MODEL.showsUm),
      0,
    ) / QUANTILES.length
  );
};
