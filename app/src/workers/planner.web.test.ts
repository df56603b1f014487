import { USUAL_SHOP, type Shop } from '@obrik/core/piece';
import { caseOf, whatIfs } from '@obrik/core/case';
import { OVERTAKEN, makePlanner, type RemotePlans } from './planner';
import type { Plan, PlanKind } from './plans';
import { tableFor } from '@/testing/table';

const TABLE = tableFor({ kind: 'painted', shade: 'pale', topcoat: 'waterborne' });
const shopAt = (airCelsius: number): Shop => ({ ...USUAL_SHOP, airCelsius });

/** A worker that answers when it is told to. */
const handWorker = () => {
  const questions: { readonly kind: PlanKind; readonly shop: Shop }[] = [];
  const answers: ((plan: Plan<PlanKind>) => void)[] = [];
  let failed: (() => void) | undefined;
  const start = jest.fn((onFailure: () => void): RemotePlans => {
    failed = onFailure;
    return {
      reckon: (kind, _piece, shop) =>
        new Promise((resolve) => {
          questions.push({ kind, shop });
          answers.push(resolve);
        }),
    };
  });
  /** Answers the last question, and lets what waits for it run. */
  const answer = async (plan: Plan<PlanKind>) => {
    answers.at(-1)?.(plan);
    await Promise.resolve();
    await Promise.resolve();
  };
  return { questions, start, answer, fail: () => failed?.() };
};

describe('a plan that takes many routes', () => {
  it('is reckoned here where there is no worker', async () => {
    const ask = makePlanner(() => null);
    expect(await ask('whatIfs', TABLE, USUAL_SHOP, 0)).toEqual(
      whatIfs(caseOf({ piece: TABLE, shop: USUAL_SHOP, now: 0 })),
    );
  });

  it('comes from the worker, which is started once', async () => {
    const { start, answer } = handWorker();
    const ask = makePlanner(start);
    const [told] = whatIfs(caseOf({ piece: TABLE, shop: USUAL_SHOP, now: 0 }));
    const first = ask('whatIfs', TABLE, USUAL_SHOP, 0);
    await answer(told ? [told] : []);
    expect(await first).toEqual([told]);
    const second = ask('whatIfs', TABLE, USUAL_SHOP, 0);
    await answer([]);
    expect(await second).toEqual([]);
    expect(start).toHaveBeenCalledTimes(1);
  });

  it('is asked for one at a time; one that is overtaken settles too, and says so', async () => {
    const { questions, start, answer } = handWorker();
    const ask = makePlanner(start);
    void ask('whatIfs', TABLE, shopAt(1), 0);
    const overtaken = ask('whatIfs', TABLE, shopAt(2), 0);
    const latest = ask('whatIfs', TABLE, shopAt(3), 0);
    const other = ask('alternatives', TABLE, shopAt(3), 0);
    expect(await overtaken).toBe(OVERTAKEN);
    expect(questions.map((it) => it.shop.airCelsius)).toEqual([1]);
    await answer([]);
    await answer([]);
    expect(await latest).toEqual([]);
    await answer([]);
    expect(await other).toEqual([]);
    expect(questions.map((it) => `${it.kind} ${it.shop.airCelsius}`)).toEqual([
      'whatIfs 1',
      'whatIfs 3',
      'alternatives 3',
    ]);
  });

  it('is reckoned here after all where the worker can’t be loaded, then and later', async () => {
    const { questions, start, fail } = handWorker();
    const ask = makePlanner(start);
    const first = ask('whatIfs', TABLE, USUAL_SHOP, 0);
    const waits = ask('alternatives', TABLE, USUAL_SHOP, 0);
    fail();
    expect(await first).toEqual(whatIfs(caseOf({ piece: TABLE, shop: USUAL_SHOP, now: 0 })));
    expect(await waits).not.toEqual([]);
    expect(await ask('whatIfs', TABLE, USUAL_SHOP, 0)).toEqual(
      whatIfs(caseOf({ piece: TABLE, shop: USUAL_SHOP, now: 0 })),
    );
    expect(questions).toHaveLength(1);
  });
});
