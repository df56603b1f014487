import { PLANS } from '../catalog';
import { USUAL_SHOP } from '../piece';
import { clear, painted, pieceOf } from '../testing/pieces';
import { costOfPlan, minutesOf } from '../work';
import { planRoute } from './index';

describe('a plan of Look', () => {
  const costOf = (id: string) => {
    const plan = PLANS.rows.find((it) => it.id === id);
    if (!plan) throw new Error(`No plan ${id}`);
    return costOfPlan(plan);
  };

  it('takes what the planner charges for the same work on the same face', () => {
    // A table top of lacquered maple, painted in two coats by a shop whose paint primes itself.
    const piece = pieceOf({
      template: 'table',
      known: { top: { substrate: 'hardwood', wood: 'pale', finish: 'lacquer', bleed: 'none' } },
      aims: { top: painted('mid', 'none') },
    });
    const shop = {
      ...USUAL_SHOP,
      schools: { ...USUAL_SHOP.schools, prime: 'selfPriming' as const },
    };
    const work = planRoute(piece, shop).tasks.filter(
      (it) =>
        it.place.of === 'surface' &&
        ['clean', 'strip', 'sand', 'block', 'colour'].includes(it.phase),
    );
    const charged = work.reduce((sum, it) => sum + it.effort.fixed + minutesOf(it.effort), 0);
    const m2 = 1.4 * 0.8 + 1.4 * 0.02 + 2 * 0.8 * 0.02;
    const { fixedMinutes, minutesPerM2 } = costOf('scuff-paint');
    expect(fixedMinutes + minutesPerM2 * m2).toBeCloseTo(charged, 6);
  });

  it('strips to clear wood in the minutes that the planner takes for it', () => {
    // The backrest of a walnut bench under varnish, by gel; used a little, so two coats.
    const piece = pieceOf({
      template: 'bench',
      measures: { backrestHeight: 400 },
      known: {
        backrest: { substrate: 'hardwood', wood: 'walnut', finish: 'varnish', bleed: 'none' },
      },
      aims: { backrest: clear() },
      wish: 'gel',
    });
    const work = planRoute(piece, USUAL_SHOP).tasks.filter(
      (it) =>
        it.place.of === 'surface' &&
        ['clean', 'strip', 'sand', 'block', 'colour', 'protect'].includes(it.phase),
    );
    const charged = work.reduce((sum, it) => sum + it.effort.fixed + minutesOf(it.effort), 0);
    const { fixedMinutes, minutesPerM2 } = costOf('strip-clear');
    const m2 = 2 * 1.4 * 0.4;
    expect((fixedMinutes + minutesPerM2 * m2) / charged).toBeCloseTo(1, 1);
  });

  it('costs what its materials do, by their placeholder prices', () => {
    // Degreaser 0.05 L at 12.00, a cloth at 0.60; lint-free cloth 0.5 at 0.45,
    // alcohol 0.03 L at 11.00; two coats of 0.1 L ÷ 0.95 of enamel at 32.00.
    const byHand = 60 + 60 + 22.5 + 33 + (2 * 0.1 * 3200) / 0.95;
    expect(costOf('scuff-paint').costPerM2).toBeCloseTo(byHand, 1);
    // Gel with film and spirits: 9.25 more, and a litre of paint less.
    expect(costOf('strip-clear').costPerM2).toBeGreaterThan(925);
    // Setting the room up for lead is charged once, and not by the area.
    expect(costOf('encapsulate').fixedMinutes).toBeGreaterThan(
      costOf('wash-scuff-block-paint').fixedMinutes + 20,
    );
  });

  it('takes more where it does more', () => {
    expect(costOf('wash-scuff-paint').minutesPerM2).toBeGreaterThan(
      costOf('scuff-paint').minutesPerM2,
    );
    expect(costOf('scuff-block-paint').costPerM2).toBeGreaterThan(costOf('scuff-paint').costPerM2);
    // Stripping to wood takes about two to three times as long as painting over (common practice).
    const ratio = costOf('strip-clear').minutesPerM2 / costOf('scuff-paint').minutesPerM2;
    expect(ratio).toBeGreaterThan(1.8);
    expect(ratio).toBeLessThan(4);
  });
});
