import { USUAL_SHOP, newPiece, pieceDescription, type Piece, type Shop } from '@obrik/core/piece';
import { whatIfs } from '@obrik/core/route';
import { makePlanner, type PlanWorker } from './planner';
import type { PlanAnswer, PlanQuestion } from './plans';

const TABLE: Piece = {
  ...newPiece(
    'table',
    pieceDescription.parse({
      name: 'Table',
      templateId: 'table',
      measures: { width: 1400, depth: 800, height: 750, apronHeight: 90 },
    }),
  ),
  aims: [
    {
      surfaceId: 'top',
      scheme: { kind: 'painted', shade: 'pale', topcoat: 'waterborne' },
      stripWish: 'best',
    },
  ],
};
const shopAt = (airCelsius: number): Shop => ({ ...USUAL_SHOP, airCelsius });

/** A worker that answers when it is told to. */
const handWorker = () => {
  const questions: PlanQuestion[] = [];
  const worker: PlanWorker = {
    onmessage: null,
    onerror: null,
    postMessage: (it: PlanQuestion) => void questions.push(it),
  };
  const answer = (plan: PlanAnswer['plan']) => {
    const data: PlanAnswer = { id: questions.at(-1)?.id ?? -1, plan };
    worker.onmessage?.call(worker as Worker, { data } as MessageEvent);
  };
  const fail = () => worker.onerror?.call(worker as Worker, new Event('error') as ErrorEvent);
  return { questions, worker, answer, fail };
};

describe('a plan that takes many routes', () => {
  it('is reckoned here where there is no worker', async () => {
    const ask = makePlanner(() => null);
    expect(await ask('whatIfs', TABLE, USUAL_SHOP)).toEqual(whatIfs(TABLE, USUAL_SHOP));
  });

  it('comes from the worker, which is started once', async () => {
    const { worker, answer } = handWorker();
    const start = jest.fn(() => worker);
    const ask = makePlanner(start);
    const [told] = whatIfs(TABLE, USUAL_SHOP);
    const first = ask('whatIfs', TABLE, USUAL_SHOP);
    answer(told ? [told] : []);
    expect(await first).toEqual([told]);
    const second = ask('whatIfs', TABLE, USUAL_SHOP);
    answer([]);
    expect(await second).toEqual([]);
    expect(start).toHaveBeenCalledTimes(1);
  });

  it('is asked for one at a time, and of each kind only the latest that waits', async () => {
    const { questions, worker, answer } = handWorker();
    const ask = makePlanner(() => worker);
    void ask('whatIfs', TABLE, shopAt(1));
    void ask('whatIfs', TABLE, shopAt(2));
    const latest = ask('whatIfs', TABLE, shopAt(3));
    const other = ask('alternatives', TABLE, shopAt(3));
    expect(questions.map((it) => it.shop.airCelsius)).toEqual([1]);
    answer([]);
    answer([]);
    expect(await latest).toEqual([]);
    answer([]);
    expect(await other).toEqual([]);
    expect(questions.map((it) => `${it.kind} ${it.shop.airCelsius}`)).toEqual([
      'whatIfs 1',
      'whatIfs 3',
      'alternatives 3',
    ]);
  });

  it('is reckoned here after all where the worker can’t be loaded, then and later', async () => {
    const { questions, worker, fail } = handWorker();
    const ask = makePlanner(() => worker);
    const first = ask('whatIfs', TABLE, USUAL_SHOP);
    const waits = ask('alternatives', TABLE, USUAL_SHOP);
    fail();
    expect(await first).toEqual(whatIfs(TABLE, USUAL_SHOP));
    expect(await waits).not.toEqual([]);
    expect(await ask('whatIfs', TABLE, USUAL_SHOP)).toEqual(whatIfs(TABLE, USUAL_SHOP));
    expect(questions).toHaveLength(1);
  });
});
