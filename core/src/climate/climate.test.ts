import fc from 'fast-check';
import { dewPoint, equilibriumMoisture } from './index';

describe('dew point', () => {
  // ISO 8502-4, table of dew points (values from memory), to half a degree.
  it.each([
    [10, 80, 6.7],
    [20, 50, 9.3],
    [20, 70, 14.4],
    [20, 80, 16.4],
    [30, 60, 21.4],
  ])('of air of %d °C and %d %% is %d °C', (celsius, humidity, dew) => {
    expect(Math.abs(dewPoint({ celsius, humidity }) - dew)).toBeLessThan(0.5);
  });

  it('is the air’s own temperature where it is saturated', () => {
    expect(dewPoint({ celsius: 17, humidity: 100 })).toBeCloseTo(17, 9);
  });
});

describe('equilibrium moisture of wood', () => {
  it.each([
    // Wood Handbook, table 4-2, at 21 °C (values from memory).
    [30, 6.2],
    [40, 7.7],
    [50, 9.2],
    [60, 11.0],
    [65, 12.0],
    [70, 13.1],
    [80, 16.0],
  ])('in air of %d %% is %d %%', (humidity, percent) => {
    expect(equilibriumMoisture({ celsius: 21.1, humidity })).toBeCloseTo(percent, 0);
    expect(Math.abs(equilibriumMoisture({ celsius: 21.1, humidity }) - percent)).toBeLessThan(0.2);
  });

  it('rises with humidity, and falls with temperature from a heated shop on', () => {
    const celsius = fc.double({ min: 15, max: 40, noNaN: true });
    const humidity = fc.double({ min: 10, max: 90, noNaN: true });
    fc.assert(
      fc.property(celsius, humidity, (t, h) => {
        const here = equilibriumMoisture({ celsius: t, humidity: h });
        expect(equilibriumMoisture({ celsius: t, humidity: h + 1 })).toBeGreaterThan(here);
        expect(equilibriumMoisture({ celsius: t + 5, humidity: h })).toBeLessThan(here);
      }),
    );
  });

  it('stays a figure for any air, even one that cannot be', () => {
    for (const humidity of [-10, 0, 99, 140]) {
      for (const celsius of [-60, 200]) {
        const percent = equilibriumMoisture({ celsius, humidity });
        expect(percent).toBeGreaterThanOrEqual(0);
        expect(percent).toBeLessThan(40);
      }
    }
  });
});
