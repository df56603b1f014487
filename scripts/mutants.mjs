// Mutation tests in bounded time: group by group, the results of earlier runs kept, until the
// minutes are over. Prints the score so far and writes it down in docs/quality.md.
//   npm run mutants [-- MINUTES]   30 minutes where none are given
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { ROOT, run } from './lib/run.mjs';

const MINUTES = Number(process.argv[2] ?? 30);
const END = Date.now() + MINUTES * 60_000;
const RESULTS = path.join(ROOT, '.cache/mutants.json');
const PAPER = path.join(ROOT, 'docs/quality.md');
const MARK = '<!-- mutants: written by npm run mutants -->';
const KILLED = new Set(['Killed', 'Timeout']);
const TOLD = new Set([...KILLED, 'Survived', 'NoCoverage']);

const inFolder = (folder, names = ['*']) => names.map((it) => `core/src/${folder}/${it}.ts`);
/** What is tried together: one run each, so that little is lost where the minutes end. */
const GROUPS = {
  work: inFolder('work'),
  coating: inFolder('coating'),
  sanding: inFolder('sanding'),
  'route: order': [...inFolder('route/order'), ...inFolder('route', ['plan'])],
  'route: context and finish': [...inFolder('route/context'), ...inFolder('route/finish')],
  'route: first rules': inFolder('route/rules', [
    ...['apart', 'ask', 'clean', 'fittings', 'look', 'mend', 'ready', 'repair', 'secure', 'strip'],
  ]),
  'route: last rules': inFolder('route/rules', [
    ...['abrade', 'block', 'border', 'coat', 'colour', 'handover', 'hardened', 'level', 'openWood'],
    ...['protect', 'sand', 'together'],
  ]),
  'route: views and record': [...inFolder('route/views'), ...inFolder('route/record')],
};

const results = () =>
  existsSync(RESULTS) ? (JSON.parse(readFileSync(RESULTS, 'utf8')).files ?? {}) : {};

const tally = () => {
  const byFolder = new Map();
  for (const [file, { mutants }] of Object.entries(results())) {
    const folder = file.split('/')[2];
    const row = byFolder.get(folder) ?? { killed: 0, all: 0 };
    for (const { status } of mutants) {
      if (!TOLD.has(status)) continue;
      row.all += 1;
      if (KILLED.has(status)) row.killed += 1;
    }
    byFolder.set(folder, row);
  }
  return byFolder;
};

const STATE = path.join(ROOT, '.cache/mutants-groups.json');
const lastTried = existsSync(STATE) ? JSON.parse(readFileSync(STATE, 'utf8')) : {};

// What was tried longest ago comes first.
const waiting = Object.entries(GROUPS).sort(
  ([a], [b]) => (lastTried[a] ?? 0) - (lastTried[b] ?? 0),
);
for (const [name, files] of waiting) {
  const left = Math.round((END - Date.now()) / 60_000);
  if (left < 1) break;
  console.log(`== ${name}, ${left} min left`);
  const mutate = [...files, '!**/*.test.ts', '!**/index.ts'].join(',');
  const code = await run('timeout', [
    `${left}m`,
    ...['npx', 'stryker', 'run', '--logLevel', 'warn', '--mutate', mutate],
  ]);
  if (code === 0) {
    lastTried[name] = Date.now();
    writeFileSync(STATE, JSON.stringify(lastTried));
  }
}

const rows = [...tally()];
const sum = rows.reduce((a, [, b]) => ({ killed: a.killed + b.killed, all: a.all + b.all }), {
  killed: 0,
  all: 0,
});
const line = (name, { killed, all }) =>
  `| ${name} | ${killed} | ${all} | ${all ? ((100 * killed) / all).toFixed(0) : '–'} % |`;
const table = [
  '| folder | noticed | faults tried | score |',
  '| --- | --- | --- | --- |',
  ...rows.map(([folder, row]) => line(folder, row)),
  line('together', sum),
].join('\n');
const reach = `Groups tried so far: ${Object.keys(lastTried).length} of ${Object.keys(GROUPS).length}.`;
console.log(`\n${table}\n\n${reach}`);
if (existsSync(PAPER)) {
  const paper = readFileSync(PAPER, 'utf8');
  const [head] = paper.split(MARK);
  writeFileSync(PAPER, `${head}${MARK}\n\n${table}\n\n${reach}\n`);
}
