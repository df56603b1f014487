import fc from 'fast-check';
import psychrolib from 'psychrolib';
import {
  absoluteHumidity,
  dewPoint,
  saturationPressure,
  vapourDeficit,
  vapourPressure,
  warmedTo,
  wetBulb,
} from './index';

const SEA_LEVEL_PA = 101325;
psychrolib.SetUnitSystem(psychrolib.SI);

/** Every 2.5 °C from −5 to 45, every 5 % from 5 to 100. */
const GRID = Array.from({ length: 21 }, (_, i) => -5 + i * 2.5).flatMap((celsius) =>
  Array.from({ length: 20 }, (_, i) => ({ celsius, humidity: 5 + i * 5 })),
);

/** Furthest from the reference over the grid: as a share, or in the unit. */
const furthest = (
  ours: (air: { celsius: number; humidity: number }) => number,
  reference: (celsius: number, share: number) => number,
  asShare: boolean,
): number =>
  Math.max(
    ...GRID.map((air) => {
      const wanted = reference(air.celsius, air.humidity / 100);
      const off = Math.abs(ours(air) - wanted);
      return asShare ? off / Math.abs(wanted) : off;
    }),
  );

// Against psychrolib of the registry, which follows the ASHRAE Handbook (Fundamentals, 2017, ch. 1).
describe('humid air agrees with psychrolib from −5 to 45 °C and 5 to 100 %', () => {
  it('saturation and vapour pressure, within 0.1 %', () => {
    const kPa = (pascal: number) => pascal / 1000;
    expect(
      furthest(
        (air) => saturationPressure(air.celsius),
        (t) => kPa(psychrolib.GetSatVapPres(t)),
        true,
      ),
    ).toBeLessThan(0.001);
    expect(
      furthest(vapourPressure, (t, share) => kPa(psychrolib.GetVapPresFromRelHum(t, share)), true),
    ).toBeLessThan(0.001);
  });

  it('vapour-pressure deficit, within 0.1 % of saturation', () => {
    const worst = Math.max(
      ...GRID.map((air) => {
        const ratio = psychrolib.GetHumRatioFromRelHum(
          air.celsius,
          air.humidity / 100,
          SEA_LEVEL_PA,
        );
        const wanted = psychrolib.GetVaporPressureDeficit(air.celsius, ratio, SEA_LEVEL_PA) / 1000;
        return Math.abs(vapourDeficit(air) - wanted) / saturationPressure(air.celsius);
      }),
    );
    expect(worst).toBeLessThan(0.001);
  });

  it('dew point and wet bulb, within 0.05 °C', () => {
    expect(
      furthest(dewPoint, (t, share) => psychrolib.GetTDewPointFromRelHum(t, share), false),
    ).toBeLessThan(0.05);
    expect(
      furthest(
        wetBulb,
        (t, share) => psychrolib.GetTWetBulbFromRelHum(t, share, SEA_LEVEL_PA),
        false,
      ),
    ).toBeLessThan(0.05);
  });

  it('water in the air, within 0.1 %', () => {
    const grams = (t: number, share: number) => {
      const ratio = psychrolib.GetHumRatioFromRelHum(t, share, SEA_LEVEL_PA);
      return (1000 * ratio) / psychrolib.GetMoistAirVolume(t, ratio, SEA_LEVEL_PA);
    };
    expect(furthest(absoluteHumidity, grams, true)).toBeLessThan(0.001);
  });
});

it('warming air dries it and leaves its dew point where it is', () => {
  const celsius = fc.double({ min: -5, max: 30, noNaN: true });
  const humidity = fc.double({ min: 20, max: 100, noNaN: true });
  const by = fc.double({ min: 0.5, max: 20, noNaN: true });
  fc.assert(
    fc.property(celsius, humidity, by, (t, h, more) => {
      const cold = { celsius: t, humidity: h };
      const warm = warmedTo(cold, t + more);
      expect(warm.humidity).toBeLessThan(h);
      expect(dewPoint(warm)).toBeCloseTo(dewPoint(cold), 2);
      expect(vapourDeficit(warm)).toBeGreaterThan(vapourDeficit(cold));
    }),
  );
});

it('figures outside of the equations are refused and say what they hold for', () => {
  expect(() => saturationPressure(80)).toThrow('these equations hold from -40 to 60');
  expect(() => dewPoint({ celsius: 20, humidity: 120 })).toThrow('humidity in % is 120');
  expect(() => wetBulb({ celsius: 20, humidity: Number.NaN })).toThrow(RangeError);
});
