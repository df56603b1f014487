import loadHighs from 'highs';
import { PSPLIB } from '../../testing/psplib';
import { exactFinish, type Solver } from '../../testing/exactSchedule';
import { boundOf, improved, outcomeOf, prepare, readPsplib } from '..';

const textOf = (name: string): string => PSPLIB[name] ?? '';

it('there are five instances', () => expect(Object.keys(PSPLIB)).toHaveLength(5));

it.each(Object.keys(PSPLIB))(
  '%s is read and solved to the optimum that HiGHS finds',
  async (name) => {
    const read = readPsplib(textOf(name));
    if (!read.ok) throw new Error(JSON.stringify(read.problems));
    const solver = (await loadHighs()) as unknown as Solver;
    const horizon = read.value.jobs.reduce((sum, it) => sum + it.work, 0);
    const best = exactFinish(read.value, horizon, solver, 1);
    const prepared = prepare(read.value);
    const { plan } = improved(prepared, 'finish', { seed: 1, rounds: 200 });
    expect(outcomeOf(prepared, plan).finish).toBe(best);
    expect(boundOf(prepared).finish).toBeLessThanOrEqual(best ?? 0);
  },
);

// Worked out by hand: 4 and 3 on either of two, 3 and 4; a chain is as long as its sum.
it.each([
  ['parallel', 7],
  ['chain', 14],
])('%s takes %d', (name, length) => {
  const read = readPsplib(textOf(name));
  expect(
    read.ok && improved(prepare(read.value), 'finish', { seed: 1, rounds: 50 }).outcome.finish,
  ).toBe(length);
});

it.each([
  ['', 'PRECEDENCE RELATIONS'],
  [textOf('chain').replace('REQUESTS/DURATIONS', 'NOTHING'), 'REQUESTS/DURATIONS'],
  [textOf('chain').replace(/^ {2}2 {6}1 .*$/m, '  2      1     3'), 'REQUESTS/DURATIONS'],
  [textOf('chain').replace(/^ {2}3 {6}1 .*$/m, '  3      1     4       9'), 'REQUESTS/DURATIONS'],
  [textOf('chain').replace('RESOURCEAVAILABILITIES', ''), 'RESOURCEAVAILABILITIES'],
])('a broken file says where', (text, path) => {
  expect(readPsplib(text)).toMatchObject({ ok: false, problems: [{ path }] });
});
