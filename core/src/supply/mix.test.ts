import fc from 'fast-check';
import { litresOf, massOf, mixOf, secondsIn, thinnerFor, thinningFor, viscosityOf } from './index';

describe('a mix by parts', () => {
  // Worked by hand.
  it.each([
    { parts: [3, 1], total: 200, amounts: [150, 50] },
    { parts: [1, 3], total: 1, amounts: [0.25, 0.75] },
    { parts: [2, 1, 0.5], total: 350, amounts: [200, 100, 50] },
  ])('$parts make $total', ({ parts, total, amounts }) => {
    const mixed = mixOf(
      parts.map((it, nth) => ({ name: `part ${nth}`, parts: it })),
      total,
    );
    mixed.forEach((it, nth) => expect(it.amount).toBeCloseTo(amounts[nth] ?? NaN, 9));
  });

  it('adds up to its total, whatever the parts', () => {
    const part = fc.record({
      name: fc.constant('x'),
      parts: fc.integer({ min: 1, max: 500 }).map((it) => it / 10),
    });
    fc.assert(
      fc.property(fc.array(part, { minLength: 1, maxLength: 8 }), fc.nat(5000), (parts, total) => {
        const sum = mixOf(parts, total).reduce((all, it) => all + it.amount, 0);
        expect(sum).toBeCloseTo(total, 6);
      }),
      { numRuns: 100 },
    );
  });

  it('needs parts above nothing', () => {
    expect(() => mixOf([{ name: 'air', parts: 0 }], 1)).toThrow(/above nothing/);
  });

  it('by percent, by mass and back', () => {
    expect(thinnerFor(2, 5)).toBeCloseTo(0.1, 9);
    expect(massOf(0.5, 1.3)).toBeCloseTo(0.65, 9);
    expect(litresOf(0.65, 1.3)).toBeCloseTo(0.5, 9);
  });
});

describe('a cup', () => {
  // Seconds in a Ford 4 cup against centistokes, as conversion charts have it (values from memory).
  it.each([
    { seconds: 20, mm2PerS: 60 },
    { seconds: 40, mm2PerS: 137 },
    { seconds: 60, mm2PerS: 214 },
    { seconds: 100, mm2PerS: 368 },
  ])('Ford 4, $seconds s: $mm2PerS mm²/s', ({ seconds, mm2PerS }) => {
    const told = viscosityOf('ford4', seconds);
    expect(told.kind === 'known' && Math.abs(told.mm2PerS - mm2PerS)).toBeLessThan(1);
    expect(secondsIn('ford4', mm2PerS)).toBeCloseTo(seconds, 0);
  });

  it('tells nothing outside the times that it is meant for', () => {
    expect(viscosityOf('ford4', 19).kind).toBe('outside');
    expect(viscosityOf('ford3', 101).kind).toBe('outside');
    expect(thinningFor('ford4', { now: 140, wanted: 30 }, 'water')).toBeUndefined();
  });

  it('asks for more thinner the thicker it is, none where it runs already, and always a range', () => {
    const thin = (now: number) => thinningFor('ford4', { now, wanted: 30 }, 'water');
    expect(thin(30)).toEqual({ from: 0, to: 0 });
    expect(thin(25)).toEqual({ from: 0, to: 0 });
    const [some, more] = [thin(45), thin(90)];
    expect(some?.from).toBeGreaterThan(0);
    expect(more?.from).toBeGreaterThan(some?.from ?? NaN);
    expect(more?.to).toBeGreaterThan(more?.from ?? NaN);
    // ln(98.2 ÷ …): by hand for 45 → 30 s: ν 156.0 and 98.2; share 0.463 ÷ 5.050 = 0.0917; per litre 0.101.
    expect(((some?.from ?? NaN) + (some?.to ?? NaN)) / 2).toBeCloseTo(0.101, 3);
  });
});
