import fc from 'fast-check';
import { SANDING_MODEL } from '../catalog';
import { chanceOfSandingThrough, planLadder, sandingTask, type ThinnerThan } from './index';

/** A veneer of a certain thickness, µm. */
const exactly =
  (thickness: number): ThinnerThan =>
  (um) =>
    um > thickness ? 1 : 0;
/** A veneer measured with an error, µm: logistic, near enough to normal. */
const about =
  (thickness: number, error: number): ThinnerThan =>
  (um) =>
    1 / (1 + Math.exp((-1.7 * (um - thickness)) / error));

const removals = fc.double({ min: 1, max: 400, noNaN: true });
const thicknesses = fc.double({ min: 200, max: 3000, noNaN: true });

describe('the chance of sanding through', () => {
  it('is a chance; grows with what is taken off, and falls with the veneer', () => {
    fc.assert(
      fc.property(removals, removals, thicknesses, thicknesses, (a, b, t, u) => {
        const of = (removed: number, thickness: number) =>
          chanceOfSandingThrough(removed, exactly(thickness), 'edge');
        expect(of(a, t)).toBeGreaterThanOrEqual(0);
        expect(of(a, t)).toBeLessThanOrEqual(1);
        expect(of(Math.max(a, b), t)).toBeGreaterThanOrEqual(of(Math.min(a, b), t));
        expect(of(a, Math.max(t, u))).toBeLessThanOrEqual(of(a, Math.min(t, u)));
      }),
    );
  });

  it('is never less at an edge than in the field', () => {
    fc.assert(
      fc.property(removals, thicknesses, (removed, thickness) => {
        const [field, edge] = (['field', 'edge'] as const).map((place) =>
          chanceOfSandingThrough(removed, exactly(thickness), place),
        );
        expect(edge).toBeGreaterThanOrEqual(field ?? NaN);
      }),
    );
  });

  it('is certain where the glue line shows already, and none on solid wood', () => {
    expect(chanceOfSandingThrough(1, exactly(SANDING_MODEL.showsUm - 1), 'field')).toBe(1);
    expect(chanceOfSandingThrough(400, () => 0, 'edge')).toBe(0);
  });

  // What the model was set to: common practice, no source; a modelling judgement.
  it('is about one in fifty for a careful pass of 46 µm at the edges of a 0.6 mm veneer', () => {
    const chance = chanceOfSandingThrough(46, about(600, 40), 'edge');
    expect(chance).toBeGreaterThan(0.01);
    expect(chance).toBeLessThan(0.04);
  });
});

describe('a ladder on veneer', () => {
  const task = sandingTask.parse({
    defectUm: 60,
    targetGrit: 180,
    coarsestGrit: 80,
    veneerUm: 500,
    areaMm2: 2e6,
  });

  it('is never worse than another that fits, with sanding through counted in', () => {
    const veneer = about(480, 40);
    const best = planLadder(task, veneer);
    const plain = planLadder(task);
    if (best.kind === 'refused' || plain.kind === 'refused') throw new Error('No ladder.');
    const cost = (it: typeof best) =>
      it.minutes +
      SANDING_MODEL.sandThroughMinutes * chanceOfSandingThrough(it.removedUm, veneer, 'edge');
    expect(cost(best)).toBeLessThanOrEqual(cost(plain));
  });

  it('takes no more off where the veneer may be thin than where it is surely thick', () => {
    fc.assert(
      fc.property(fc.integer({ min: 350, max: 700 }), (thickness) => {
        const [thin, thick] = [about(thickness, 40), () => 0].map((veneer) =>
          planLadder(task, veneer),
        );
        if (thin?.kind !== 'ladder' || thick?.kind !== 'ladder') throw new Error('No ladder.');
        expect(thin.removedUm).toBeLessThanOrEqual(thick.removedUm + 1e-9);
      }),
      { numRuns: 40 },
    );
  });
});
