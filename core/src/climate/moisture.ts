/** Air as far as wood and coatings feel it. */
export interface Air {
  /** °C */
  readonly celsius: number;
  /** Relative humidity, %. */
  readonly humidity: number;
}

/**
 * Temperature at which this air begins to shed water, °C.
 * Equation: Magnus, coefficients 17.62 and 243.12 °C (WMO Guide No. 8; value from memory).
 * Range: −45 to 60 °C, above 0 to 100 % relative humidity.
 */
export const dewPoint = ({ celsius, humidity }: Air): number => {
  const gamma = Math.log(humidity / 100) + (17.62 * celsius) / (243.12 + celsius);
  return (243.12 * gamma) / (17.62 - gamma);
};

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
