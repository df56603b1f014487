import { MINUTE_MS } from '@obrik/core/units';
import { existsSync, readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import type { AirCourse } from '@obrik/core/climate';
import { readAirLog, readEpw } from '@obrik/core/exchange';
import { bad, pieceFile, read, type Result } from '@obrik/core/piece';
import Papa from 'papaparse';
import { caseOf } from '@obrik/core/case';
import { routeAsText } from '@obrik/core/route';
import { benchOf, planAsText, planShop } from '@obrik/core/schedule';

const USAGE =
  'Use: npm run --silent plan -- FILE.json [--format text|json|times] [--from 2026-03-02T17:00:00Z] [--air WEATHER.epw|LOG.csv]';

/** Rounds of making a plan better. */
const ROUNDS = 60;

/** What the command prints, and its exit code: 0 planned, 2 something to put right. */
export interface CommandOutcome {
  readonly code: 0 | 2;
  readonly out: string;
  readonly err: string;
}

const wrong = (...lines: string[]): CommandOutcome => ({
  code: 2,
  out: '',
  err: `${lines.join('\n')}\n`,
});

const readArguments = (args: readonly string[]) => {
  try {
    return parseArgs({
      args: [...args],
      allowPositionals: true,
      options: {
        format: { type: 'string', default: 'text' },
        from: { type: 'string' },
        air: { type: 'string' },
      },
    });
  } catch (error) {
    return String(error);
  }
};

const readJson = (file: string): { data: unknown } | { problem: string } => {
  if (!existsSync(file)) return { problem: 'There is no such file.' };
  try {
    return { data: JSON.parse(readFileSync(file, 'utf8')) as unknown };
  } catch (error) {
    return { problem: `Not JSON. ${String(error)}` };
  }
};

/** The air outside by a weather file or the table of a data logger. */
const airFrom = (file: string, begins: number): Result<AirCourse> => {
  if (!existsSync(file)) return bad('(file)', 'There is no such file.');
  const text = readFileSync(file, 'utf8');
  if (text.startsWith('LOCATION,')) return readEpw(text, new Date(begins).getUTCFullYear());
  const { data } = Papa.parse<string[]>(text, { skipEmptyLines: true });
  return readAirLog(data, (cell) => Date.parse(cell) / MINUTE_MS);
};

/** Plans the route of a piece file. A broken file gives one line per problem with its path. */
export const planCommand = (args: readonly string[]): CommandOutcome => {
  const parsed = readArguments(args);
  if (typeof parsed === 'string') return wrong(parsed, USAGE);
  const [file, ...more] = parsed.positionals;
  const { format, from, air } = parsed.values;
  if (!file || more.length > 0) return wrong(USAGE);
  if (format !== 'text' && format !== 'json' && format !== 'times') {
    return wrong(`--format: "${format}" is none of text, json and times.`, USAGE);
  }
  const begins = from === undefined ? Date.now() : Date.parse(from);
  if (Number.isNaN(begins)) {
    return wrong(`--from: "${from}" is no time. Write it like 2026-03-02T17:00:00Z.`, USAGE);
  }
  const json = readJson(file);
  if ('problem' in json) return wrong(`${file}: ${json.problem}`);
  const result = read(pieceFile, json.data);
  if (!result.ok) {
    return wrong(...result.problems.map((it) => `${it.path || '(file)'}: ${it.message}`));
  }
  const { piece, shop } = result.value;
  if (format === 'times') {
    const outdoor = air === undefined ? undefined : airFrom(air, begins);
    if (outdoor && !outdoor.ok) {
      return wrong(...outdoor.problems.map((it) => `${air}: ${it.path}: ${it.message}`));
    }
    const asked = {
      objective: 'finish',
      seed: 1,
      rounds: ROUNDS,
      outdoor: outdoor?.value,
    } as const;
    const now = Math.floor(begins / MINUTE_MS);
    const plan = planShop(benchOf([piece], shop, now), shop, now, asked);
    return { code: 0, out: planAsText(plan, shop.timeZone), err: '' };
  }
  const { route } = caseOf({ piece, shop, now: Math.floor(begins / MINUTE_MS) });
  const out = format === 'json' ? `${JSON.stringify(route, null, 2)}\n` : routeAsText(piece, route);
  return { code: 0, out, err: '' };
};
