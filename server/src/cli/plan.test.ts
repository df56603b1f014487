import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { route } from '@obrik/core/route';
import { folder } from '../testing/server';
import { planCommand } from './plan';

const ROOT = path.join(__dirname, '../../..');
const example = (name: string) => path.join(ROOT, 'docs/examples', name);

let place: ReturnType<typeof folder>;
beforeEach(() => {
  place = folder();
});
afterEach(() => place.remove());

const file = (text: string): string => {
  writeFileSync(place.at('piece.json'), text);
  return place.at('piece.json');
};

describe('the examples', () => {
  it.each(['reading-table.json', 'painted-bench.json'])(
    '%s is planned, as text and as JSON',
    (name) => {
      const text = planCommand([example(name)]);
      expect(text).toMatchObject({ code: 0, err: '' });
      expect(text.out).toMatch(/CLEAN\n/);
      const json = planCommand([example(name), '--format', 'json']);
      const read = route.parse(JSON.parse(json.out));
      expect(read.operations.length).toBeGreaterThan(5);
    },
  );

  it('the table has a time for each step, by the clock of the shop', () => {
    const from = ['--from', '2026-03-02T17:00:00Z'];
    const { code, out } = planCommand([
      example('reading-table.json'),
      '--format',
      'times',
      ...from,
    ]);
    expect(code).toBe(0);
    // The usual shop works from 18:00 on; it asks for a time that is one.
    expect(out).toMatch(/^2026-03-02 18:00 {2}\d+ min {2}/);
    expect(out.trim().split('\n').at(-1)).toMatch(/^Done 2026-03-\d\d \d\d:\d\d\. /);
    expect(planCommand([example('reading-table.json'), '--from', 'noon'])).toMatchObject({
      code: 2,
    });
  });

  it('a data logger’s table is the air outside; a broken one says in which row', () => {
    const log = (...rows: string[]) => {
      writeFileSync(place.at('log.csv'), ['time;temperature °C;humidity %', ...rows].join('\n'));
      const times = ['--format', 'times', '--from', '2026-03-02T17:00:00Z'];
      return planCommand([example('reading-table.json'), ...times, '--air', place.at('log.csv')]);
    };
    const warm = log('2026-03-02T16:00:00Z;21,5;48', '2026-03-03T16:00:00Z;21;50');
    // Too cold for any coat: what is coated finds no time.
    const cold = log('2026-03-02T16:00:00Z;3;60', '2026-03-03T16:00:00Z;4;60');
    expect([warm.code, cold.code]).toEqual([0, 0]);
    expect(warm.out).not.toContain('No time for');
    expect(cold.out).toContain('No time for');
    expect(log('2026-03-02T16:00:00Z;warm;60')).toMatchObject({
      code: 2,
      err: expect.stringContaining('row 2: Time, temperature or humidity can’t be read.'),
    });
  });

  it('the bench begins with the lead gate', () => {
    expect(planCommand([example('painted-bench.json')]).out).toMatch(
      /SECURE\n1\. Test every layer for lead/,
    );
  });
});

describe('a broken file', () => {
  it('gives code 2 and one line for each problem, with its path', () => {
    const broken = {
      format: 'obrik-piece',
      version: 1,
      piece: {
        id: 'x',
        name: '',
        templateId: 'table',
        measures: { width: 1, depth: 900, height: 750, apronHeight: 90 },
        observations: [{ id: 'o', surfaceId: 'top', testId: 'lick', at: '2026-01-01T00:00:00Z' }],
      },
    };
    const { code, out, err } = planCommand([file(JSON.stringify(broken))]);
    expect({ code, out }).toEqual({ code: 2, out: '' });
    const lines = err.trim().split('\n');
    expect(lines).toContainEqual(expect.stringMatching(/^piece\.name: Give it a name/));
    expect(lines).toContainEqual(
      expect.stringMatching(/^piece\.observations\.0\.testId: No test "lick"/),
    );
    for (const line of lines) expect(line).toMatch(/^[\w.]+: \S/);
  });

  it.each([
    ['not JSON', '{"format":', /JSON/],
    [
      'another kind of file',
      '{"format":"letter","version":1,"piece":null}',
      /^format: Not a piece file/,
    ],
    ['a list', '[]', /^\(file\): /],
  ])('%s', (_, text, words) => {
    const { code, err } = planCommand([file(text)]);
    expect(code).toBe(2);
    expect(err).toMatch(words);
  });
});

describe('a wrong call', () => {
  it.each([
    [[], /Use: npm run/],
    [['one.json', 'two.json'], /Use: npm run/],
    [['nowhere.json'], /nowhere\.json: There is no such file/],
    [[example('reading-table.json'), '--format', 'xml'], /"xml" is none of text, json and times/],
    [['--colour'], /Unknown option/],
  ])('%j gives code 2 and says how', (args, words) => {
    const { code, err } = planCommand(args);
    expect(code).toBe(2);
    expect(err).toMatch(words);
  });
});

it('runs as a command, with its exit code', () => {
  const run = (...args: string[]) =>
    execFileSync('node', ['--import', 'tsx', 'server/src/cli/planMain.ts', ...args], {
      cwd: ROOT,
      encoding: 'utf8',
      stdio: 'pipe',
    });
  expect(run(example('reading-table.json'))).toMatch(/^Reading table: \d+ steps/);
  expect(() => run('nowhere.json')).toThrow(expect.objectContaining({ status: 2 }) as Error);
});
