import fc from 'fast-check';
import loadHighs from 'highs';
import { exactFinish, type Solver } from '../testing/exactSchedule';
import { smallShops } from '../testing/smallShops';
import { boundOf, firstAnswer, shareOverBound, improved, prepare } from './index';

const HORIZON = 64;
const WANTED = 60;

/*
 * The optimum of each by HiGHS, a solver of mixed-integer programmes from the registry, on a
 * programme that shares nothing with the engine.
 */
it('small shops are planned within 3 % of the best there is, and the bound is never above it', async () => {
  const solver = (await loadHighs()) as unknown as Solver;
  const shops = fc.sample(smallShops({ min: 3, max: 7 }), { numRuns: 90, seed: 12 });
  const gaps: number[] = [];
  const first: number[] = [];
  let proven = 0;
  for (const problem of shops) {
    if (gaps.length >= WANTED) break;
    const best = exactFinish(problem, HORIZON, solver);
    if (best === null) continue;
    const prepared = prepare(problem);
    const bound = boundOf(prepared);
    expect(bound.finish).toBeLessThanOrEqual(best + 1e-6);
    const { outcome } = improved(prepared, 'finish', { seed: 1, rounds: 300 });
    expect(outcome.without).toEqual([]);
    expect(outcome.missed).toEqual([]);
    expect(outcome.finish).toBeGreaterThanOrEqual(best - 1e-6);
    gaps.push((outcome.finish - best) / best);
    first.push((firstAnswer(prepared, 'finish').outcome.finish - best) / best);
    if (shareOverBound(0, best, bound) === 0) proven++;
  }
  const mean = (of: readonly number[]) => of.reduce((a, b) => a + b, 0) / of.length;
  expect(gaps.length).toBe(WANTED);
  expect(mean(gaps)).toBeLessThanOrEqual(0.03);
  expect(mean(first)).toBeLessThanOrEqual(0.25);
  expect(proven).toBeGreaterThan(WANTED / 4);
}, 300_000);
