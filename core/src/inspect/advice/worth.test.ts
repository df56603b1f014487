import { MISHAPS, MISTAKE_WEIGHT, PLANS, inspectionTest, type AimKind } from '../../catalog';
import { USUAL_SHOP, surfacesOf } from '../../piece';
import { pieceOf, type Told } from '../../testing/pieces';
import { costOfPlan } from '../../work';
import { tableOf } from '../belief/likelihood';
import { posteriorsOf } from '../belief/posterior';
import { STATES, holdsIn } from '../belief/space';
import { decisionOf, worthOf } from './worth';

// Value of information worked by the book, state by state, against the engine's short cuts.

const NO_LEAD = { paint: 0, other: 0 };
const TOO_THIN = 0.2;

/** Loss of a plan in a state, minutes: straight from the catalog's words. */
const lossIn = (plan: (typeof PLANS.rows)[number], state: number, aim: AimKind, m2: number) => {
  const wanted = aim === 'clear' || aim === 'stained' ? aim : 'paint';
  const missed =
    plan.shows === wanted
      ? 0
      : plan.shows === 'paint' || wanted === 'paint'
        ? 60 + 200 * m2
        : 25 + 40 * m2;
  const mishaps = MISHAPS.rows.reduce((sum, it) => {
    const { shows, ...traits } = it.plan as { shows?: readonly string[] } & Record<string, unknown>;
    const can =
      (!shows || shows.includes(plan.shows)) &&
      Object.entries(traits).every(([trait, value]) => plan[trait as 'dust'] === value) &&
      (!('aims' in it) || (it.aims as readonly string[]).includes(aim));
    const happens = it.id !== 'lead-dust' && holdsIn(it.when, STATES[state] ?? fail());
    const chance = it.chance === 'thin-veneer' ? TOO_THIN : it.chance;
    return sum + (can && happens ? chance * (it.fixedMinutes + it.minutesPerM2 * m2) : 0);
  }, 0);
  const { fixedMinutes, minutesPerM2, costPerM2 } = costOfPlan(plan);
  const money = 0.02 * costPerM2 * m2;
  return fixedMinutes + minutesPerM2 * m2 + money + missed + mishaps;
};

const fail = (): never => {
  throw new Error('no such state');
};

const bestLoss = (weights: readonly number[], aim: AimKind, m2: number): number =>
  Math.min(
    ...PLANS.rows.map((plan) =>
      weights.reduce(
        (sum, weight, s) => sum + (weight > 0 ? weight * lossIn(plan, s, aim, m2) : 0),
        0,
      ),
    ),
  );

const situation = (told: Told) => {
  const piece = pieceOf({ template: 'table', ...told });
  const top = posteriorsOf(piece, USUAL_SHOP).find((it) => it.surface.id === 'top');
  const surface = surfacesOf(piece)[0];
  if (!top || !surface) throw new Error('no top');
  const decision = decisionOf(surface, piece.aims[0], TOO_THIN, top.posterior(), NO_LEAD);
  if (!decision) throw new Error('nothing is wanted');
  return { decision, posterior: Array.from(top.posterior()), m2: surface.areaMm2 / 1e6 };
};

const WHITE = { aims: { top: { kind: 'painted', shade: 'white', topcoat: 'none' } } } as const;
const CLEAR = { aims: { top: { kind: 'clear', topcoat: 'none' } } } as const;

describe.each([
  ['white paint', 'paintedLight', WHITE],
  ['a clear coat', 'clear', CLEAR],
] as const)('for %s', (_, aim, aims) => {
  const { decision, posterior, m2 } = situation({ ...aims, seen: { top: ['tap:full'] } });

  it('the expected loss is that of the best plan over all states', () => {
    expect(decision.loss).toBeCloseTo(bestLoss(posterior, aim, m2), 6);
  });

  it('doubt costs what knowing everything would save', () => {
    const known = posterior.reduce(
      (sum, weight, s) =>
        sum +
        (weight > 0 ? weight * Math.min(...PLANS.rows.map((plan) => lossIn(plan, s, aim, m2))) : 0),
      0,
    );
    expect(decision.doubtCosts).toBeCloseTo(decision.loss - known, 6);
  });

  it.each(['chip', 'bleed-patch', 'fingernail'])(
    'a result of “%s” is worth at least the drop in expected loss, by the book',
    (id) => {
      const test = inspectionTest(id);
      const table = test && tableOf(test);
      if (!test || !table) throw new Error(`No test ${id}`);
      const after = Array.from({ length: table.results }, (__, result) =>
        bestLoss(
          posterior.map((weight, s) => weight * (table.rows[table.rowOf[s] ?? 0]?.[result] ?? 0)),
          aim,
          m2,
        ),
      ).reduce((a, b) => a + b, 0);
      const { saves } = worthOf(test, decision);
      const byTheBook = MISTAKE_WEIGHT.value * (decision.loss - after);
      expect(saves).toBeGreaterThanOrEqual(byTheBook - 1e-6);
      // And never more than if everything were known.
      expect(saves).toBeLessThanOrEqual(MISTAKE_WEIGHT.value * decision.doubtCosts + 1e-6);
    },
  );
});

it('where all is known a test is worth nothing', () => {
  const { decision } = situation({
    ...WHITE,
    known: { top: { substrate: 'hardwood', wood: 'pale', finish: 'latex', bleed: 'none' } },
  });
  const test = inspectionTest('chip');
  expect(decision.doubtCosts).toBeCloseTo(0, 9);
  expect(test && worthOf(test, decision).saves).toBeCloseTo(0, 6);
});
