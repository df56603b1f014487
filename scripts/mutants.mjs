// Mutation tests in bounded time: of each group a sample of its lines, group by group, until the
// minutes are over. Prints the score of each group's last run and writes it down in docs/quality.md.
//   npm run mutants [-- MINUTES [ONE_IN]]   30 minutes where none are given; one in so many blocks of lines
import { existsSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { ROOT, run } from './lib/run.mjs';

const MINUTES = Number(process.argv[2] ?? 30);
const ONE_IN = Number(process.argv[3] ?? 6);
const END = Date.now() + MINUTES * 60_000;
const REPORT = path.join(ROOT, '.cache/mutants-report.json');
/** By group: when it was tried last, and what came of it. */
const STATE = path.join(ROOT, '.cache/mutants-scores.json');
const PAPER = path.join(ROOT, 'docs/quality.md');
const MARK = '<!-- mutants: written by npm run mutants -->';
/** Lines that are taken or left together: most statements lie whole in some. */
const BLOCK = 16;
const KILLED = new Set(['Killed', 'Timeout']);
const TOLD = new Set([...KILLED, 'Survived', 'NoCoverage']);

/** Files of a folder of core, or those of some names, without tests. */
const inFolder = (folder, names) =>
  readdirSync(path.join(ROOT, 'core/src', folder))
    .filter((it) => /^(?!index)\w+\.ts$/.test(it) && (names?.includes(it.slice(0, -3)) ?? true))
    .map((it) => `core/src/${folder}/${it}`);

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

const state = existsSync(STATE) ? JSON.parse(readFileSync(STATE, 'utf8')) : {};

/** A sample of the lines of some files: every so many-th block, counted through all of them, another one each time. */
const sampled = (files) => {
  let block = Math.floor(Date.now() / 1000) % ONE_IN;
  return files.flatMap((file) => {
    const lines = readFileSync(path.join(ROOT, file), 'utf8').split('\n').length;
    const own = [];
    for (let first = 1; first <= lines; first += BLOCK) {
      if (block++ % ONE_IN === 0) own.push(`${file}:${first}-${Math.min(lines, first + BLOCK)}`);
    }
    return own;
  });
};

const tally = ({ files }) => {
  const told = Object.values(files).flatMap((it) => it.mutants.map((one) => one.status));
  return {
    killed: told.filter((it) => KILLED.has(it)).length,
    all: told.filter((it) => TOLD.has(it)).length,
  };
};

// What was tried longest ago comes first.
const waiting = Object.entries(GROUPS).sort(
  ([a], [b]) => (state[a]?.at ?? 0) - (state[b]?.at ?? 0),
);
for (const [name, files] of waiting) {
  const left = Math.round((END - Date.now()) / 60_000);
  if (left < 1) break;
  console.log(`== ${name}, ${left} min left`);
  const code = await run('timeout', [
    `${left}m`,
    ...['npx', 'stryker', 'run', '--logLevel', 'warn', '--mutate', sampled(files).join(',')],
  ]);
  if (code !== 0) continue;
  state[name] = { at: Date.now(), ...tally(JSON.parse(readFileSync(REPORT, 'utf8'))) };
  writeFileSync(STATE, JSON.stringify(state));
}

const rows = Object.keys(GROUPS).flatMap((it) => (state[it] ? [[it, state[it]]] : []));
const sum = rows.reduce((a, [, b]) => ({ killed: a.killed + b.killed, all: a.all + b.all }), {
  killed: 0,
  all: 0,
});
const line = (name, { killed, all }) =>
  `| ${name} | ${killed} | ${all} | ${all ? ((100 * killed) / all).toFixed(0) : '–'} % |`;
const table = [
  '| group | noticed | faults tried | score |',
  '| --- | --- | --- | --- |',
  ...rows.map(([group, row]) => line(group, row)),
  line('together', sum),
].join('\n');
const reach = `Groups tried so far: ${rows.length} of ${Object.keys(GROUPS).length}, one block of ${BLOCK} lines in ${ONE_IN}.`;
console.log(`\n${table}\n\n${reach}`);
if (existsSync(PAPER)) {
  const paper = readFileSync(PAPER, 'utf8');
  const [head] = paper.split(MARK);
  writeFileSync(PAPER, `${head}${MARK}\n\n${table}\n\n${reach}\n`);
}
