import fc from 'fast-check';
import { boardMoisture, equilibriumMoisture } from './index';

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

describe('a board', () => {
  const board = { thicknessMm: 20, coated: false };
  const damp = { celsius: 20, humidity: 80 };

  it('comes half of the way in its half-time, slower where it is thick or coated', () => {
    const rest = equilibriumMoisture(damp);
    expect(boardMoisture(8, damp, board, 7)).toBeCloseTo((8 + rest) / 2, 6);
    expect(boardMoisture(8, damp, { ...board, thicknessMm: 40 }, 28)).toBeCloseTo(
      (8 + rest) / 2,
      6,
    );
    expect(boardMoisture(8, damp, { ...board, coated: true }, 7)).toBeLessThan((8 + rest) / 2);
  });

  it('never passes its rest, and two spells are one', () => {
    const days = fc.double({ min: 0, max: 60, noNaN: true });
    const start = fc.double({ min: 4, max: 25, noNaN: true });
    fc.assert(
      fc.property(start, days, days, (percent, first, then) => {
        const rest = equilibriumMoisture(damp);
        const between = boardMoisture(percent, damp, board, first);
        const [low, high] = [Math.min(percent, rest), Math.max(percent, rest)];
        expect(between).toBeGreaterThanOrEqual(low - 1e-9);
        expect(between).toBeLessThanOrEqual(high + 1e-9);
        expect(boardMoisture(between, damp, board, then)).toBeCloseTo(
          boardMoisture(percent, damp, board, first + then),
          9,
        );
      }),
    );
  });
});
