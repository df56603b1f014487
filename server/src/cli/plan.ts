import { existsSync, readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { pieceFile, read } from '@obrik/core/piece';
import { planRoute, routeAsText } from '@obrik/core/route';

const USAGE = 'Use: npm run --silent plan -- FILE.json [--format text|json]';

/** What the command prints, and its exit code: 0 planned, 2 something to put right. */
export interface Outcome {
  readonly code: 0 | 2;
  readonly out: string;
  readonly err: string;
}

const wrong = (...lines: string[]): Outcome => ({ code: 2, out: '', err: `${lines.join('\n')}\n` });

const readArguments = (args: readonly string[]) => {
  try {
    return parseArgs({
      args: [...args],
      allowPositionals: true,
      options: { format: { type: 'string', default: 'text' } },
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

/** Plans the route of a piece file. A broken file gives one line per problem with its path. */
export const planCommand = (args: readonly string[]): Outcome => {
  const parsed = readArguments(args);
  if (typeof parsed === 'string') return wrong(parsed, USAGE);
  const [file, ...more] = parsed.positionals;
  const { format } = parsed.values;
  if (!file || more.length > 0) return wrong(USAGE);
  if (format !== 'text' && format !== 'json') {
    return wrong(`--format: "${format}" is neither text nor json.`, USAGE);
  }
  const json = readJson(file);
  if ('problem' in json) return wrong(`${file}: ${json.problem}`);
  const result = read(pieceFile, json.data);
  if (!result.ok) {
    return wrong(...result.problems.map((it) => `${it.path || '(file)'}: ${it.message}`));
  }
  const { piece, shop } = result.value;
  const route = planRoute(piece, shop);
  const out = format === 'json' ? `${JSON.stringify(route, null, 2)}\n` : routeAsText(piece, route);
  return { code: 0, out, err: '' };
};
