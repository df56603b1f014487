import { BOARD_HALF_TIME } from '../catalog';
import type { Air } from './humidAir';

/**
 * Equilibrium moisture content of wood, % of dry mass: where wood at rest with this air ends up.
 * Equation: Hailwood and Horrobin's sorption with the coefficients of the Wood Handbook, ch. 4
 * (written there for °F; value from memory).
 * Range: −1 to 99 °C, 0 to 95 % relative humidity; outside of it the nearest end is taken.
 */
export const equilibriumMoisture = ({ celsius, humidity }: Air): number => {
  const t = Math.min(99, Math.max(-1, celsius)) * 1.8 + 32;
  const h = Math.min(95, Math.max(0, humidity)) / 100;
  const w = 330 + 0.452 * t + 0.00415 * t ** 2;
  const k = 0.791 + 0.000463 * t - 0.000000844 * t ** 2;
  const k1 = 6.34 + 0.000775 * t - 0.0000935 * t ** 2;
  const k2 = 1.09 + 0.0284 * t - 0.0000904 * t ** 2;
  const kh = k * h;
  const bound = (k1 * kh + 2 * k1 * k2 * kh ** 2) / (1 + k1 * kh + k1 * k2 * kh ** 2);
  return (1800 / w) * (kh / (1 - kh) + bound);
};

/** A board, as far as it takes up water. */
export interface BoardMoisture {
  readonly thicknessMm: number;
  /** A film lies on both faces. */
  readonly coated: boolean;
}

/** Days in which a board comes half of the way to rest with new air (first order). */
export const halfTimeOf = ({ thicknessMm, coated }: BoardMoisture): number =>
  BOARD_HALF_TIME.days *
  (thicknessMm / BOARD_HALF_TIME.atMm) ** 2 *
  (coated ? BOARD_HALF_TIME.filmSlower : 1);

/**
 * Moisture of a board after some days in the same air, %.
 * Model: first order towards the equilibrium, half-time with the square of the thickness (J).
 */
export const boardMoisture = (
  startPercent: number,
  air: Air,
  board: BoardMoisture,
  days: number,
): number => {
  const rest = equilibriumMoisture(air);
  return rest + (startPercent - rest) * 2 ** (-days / halfTimeOf(board));
};
