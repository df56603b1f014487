/** Air as far as wood and coatings feel it. */
export interface Air {
  /** °C */
  readonly celsius: number;
  /** Relative humidity, %. */
  readonly humidity: number;
}

/** Range of the equations for humid air: °C, and % relative humidity. */
export const AIR_RANGE = { fromCelsius: -40, toCelsius: 60, fromHumidity: 0, toHumidity: 100 };

/** Pressure at sea level, kPa: a shop on a mountain changes the wet bulb by tenths of a degree. */
const SEA_LEVEL_KPA = 101.325;
const KELVIN = 273.15;

const mustBe = (what: string, value: number, from: number, to: number): void => {
  if (!(value >= from && value <= to)) {
    throw new RangeError(
      `${what} is ${value}; these equations hold from ${from} to ${to}. Bring the figure into that range first.`,
    );
  }
};

/**
 * Vapour pressure of saturated air, kPa; over ice below 0 °C.
 * Equation: Hyland and Wexler, as in ASHRAE Handbook Fundamentals 2017, ch. 1, eq. 5 and 6 (values
 * from memory). Range: −40 to 60 °C.
 * @throws RangeError outside the range
 */
export const saturationPressure = (celsius: number): number => {
  mustBe('The temperature in °C', celsius, AIR_RANGE.fromCelsius, AIR_RANGE.toCelsius);
  const t = celsius + KELVIN;
  // The triple point of water divides the two.
  const ln =
    celsius <= 0.01
      ? -5.6745359e3 / t +
        6.3925247 -
        9.677843e-3 * t +
        6.2215701e-7 * t ** 2 +
        2.0747825e-9 * t ** 3 -
        9.484024e-13 * t ** 4 +
        4.1635019 * Math.log(t)
      : -5.8002206e3 / t +
        1.3914993 -
        4.8640239e-2 * t +
        4.1764768e-5 * t ** 2 -
        1.4452093e-8 * t ** 3 +
        6.5459673 * Math.log(t);
  return Math.exp(ln) / 1000;
};

/** Vapour pressure of air, kPa. @throws RangeError outside the range of the equations */
export const vapourPressure = ({ celsius, humidity }: Air): number => {
  mustBe('The humidity in %', humidity, AIR_RANGE.fromHumidity, AIR_RANGE.toHumidity);
  return (humidity / 100) * saturationPressure(celsius);
};

/**
 * How much more vapour the air could take, kPa: what makes water leave a film.
 * @throws RangeError outside the range of the equations
 */
export const vapourDeficit = (air: Air): number =>
  saturationPressure(air.celsius) - vapourPressure(air);

/** Where a rising function passes a value, by halving: to 1e-4 of the unit. */
const solve = (
  rises: (at: number) => number,
  value: number,
  [from, to]: readonly [number, number],
): number => {
  let [low, high] = [from, to];
  while (high - low > 1e-4) {
    const middle = (low + high) / 2;
    if (rises(middle) < value) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
};

/**
 * Temperature at which this air begins to shed water (below 0 °C frost), °C.
 * Equation: saturation pressure solved for the air's own vapour pressure. Very dry air has its dew
 * point below −40 °C; −40 is returned then.
 * @throws RangeError outside the range of the equations
 */
export const dewPoint = (air: Air): number =>
  solve(saturationPressure, vapourPressure(air), [AIR_RANGE.fromCelsius, air.celsius]);

/** Water in the air, kg for each kg of dry air, at sea level (ASHRAE 2017, ch. 1, eq. 20). */
const humidityRatio = (kPa: number): number => (0.621945 * kPa) / (SEA_LEVEL_KPA - kPa);

/**
 * Temperature of a wet face in moving air, °C: a fresh coat is about that cold.
 * Equation: ASHRAE 2017, ch. 1, eq. 33 above and 35 below freezing, at sea level.
 * @throws RangeError outside the range of the equations
 */
export const wetBulb = (air: Air): number => {
  const { celsius } = air;
  const ratio = humidityRatio(vapourPressure(air));
  const ratioAt = (wet: number): number => {
    const saturated = humidityRatio(saturationPressure(wet));
    return wet >= 0
      ? ((2501 - 2.326 * wet) * saturated - 1.006 * (celsius - wet)) /
          (2501 + 1.86 * celsius - 4.186 * wet)
      : ((2830 - 0.24 * wet) * saturated - 1.006 * (celsius - wet)) /
          (2830 + 1.86 * celsius - 2.1 * wet);
  };
  return solve(ratioAt, ratio, [dewPoint(air), celsius]);
};

/** Gas constant of water vapour, kJ/(kg·K). */
const VAPOUR_GAS = 0.461526;

/**
 * Water in the air, g/m³: vapour as an ideal gas.
 * @throws RangeError outside the range of the equations
 */
export const absoluteHumidity = (air: Air): number =>
  (1000 * vapourPressure(air)) / (VAPOUR_GAS * (air.celsius + KELVIN));

/** The same air, its water kept, at another temperature; never over 100 %. */
export const warmedTo = (air: Air, celsius: number): Air => ({
  celsius,
  humidity: Math.min(100, (100 * vapourPressure(air)) / saturationPressure(celsius)),
});

/** Air brought into the range of the equations: readings of a poor sensor still say something. */
export const inRange = ({ celsius, humidity }: Air): Air => ({
  celsius: Math.min(AIR_RANGE.toCelsius, Math.max(AIR_RANGE.fromCelsius, celsius)),
  humidity: Math.min(100, Math.max(1, humidity)),
});
