// The whole test: lint, types, architecture, unit, API and browser tests.
// Ends with one line "N passed, N failed" and a matching exit code.
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { stripVTControlCharacters } from 'node:util';
import { buildWeb, chromium, install } from './lib/prepare.mjs';
import { ROOT, run } from './lib/run.mjs';

const cache = (name) => path.join(ROOT, '.cache', name);
const readReport = (file) =>
  existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : undefined;

const jestReport = cache('jest.json');
const browserReport = cache('playwright.json');

/** Names of what failed, told again at the end, where it is looked for. */
const failures = [];

/** A check that passes or fails as a whole. */
const whole = (name, command, args) => ({
  name,
  work: async () => {
    if ((await run(command, args)) === 0) return [1, 0];
    failures.push(name);
    return [0, 1];
  },
});

const firstLines = (message = '') =>
  stripVTControlCharacters(message).split('\n').slice(0, 4).join('\n    ');

const specsOf = (suite) => [...suite.specs, ...(suite.suites ?? []).flatMap(specsOf)];

const unit = {
  name: 'unit and API tests',
  work: async () => {
    const code = await run('npx', ['jest', '--json', `--outputFile=${jestReport}`]);
    const report = readReport(jestReport);
    if (!report) return [0, 1];
    for (const suite of report.testResults) {
      const bad = suite.assertionResults.filter((it) => it.status === 'failed');
      if (suite.status === 'failed' && bad.length === 0) failures.push(suite.name);
      for (const it of bad)
        failures.push(`${it.fullName}\n    ${firstLines(it.failureMessages[0])}`);
    }
    const failed = report.numFailedTests + report.numRuntimeErrorTestSuites;
    return [report.numPassedTests, code !== 0 && failed === 0 ? 1 : failed];
  },
};

const browser = {
  name: 'browser tests',
  work: async () => {
    const CHROMIUM_PATH = await chromium();
    await buildWeb();
    const code = await run('npx', ['playwright', 'test', '--reporter=list,json'], {
      CHROMIUM_PATH,
      PLAYWRIGHT_JSON_OUTPUT_NAME: browserReport,
    });
    const report = readReport(browserReport);
    if (!report) return [0, 1];
    const { stats } = report;
    for (const it of report.suites.flatMap(specsOf).filter((spec) => !spec.ok)) {
      const error = it.tests.flatMap((one) => one.results).find((one) => one.error)?.error;
      failures.push(`${it.file}: ${it.title}\n    ${firstLines(error?.message)}`);
    }
    const failed = stats.unexpected + stats.flaky;
    return [stats.expected, code !== 0 && failed === 0 ? 1 : failed];
  },
};

const checks = [
  whole('lint', 'npx', ['eslint', '.', '--max-warnings=0']),
  whole('formatting', 'npx', ['prettier', '--check', '--log-level=warn', '.']),
  ...['.', 'core', 'server', 'app'].map((place) =>
    whole(`types of ${place}`, 'npx', ['tsc', '--noEmit', '-p', place]),
  ),
  whole('architecture', 'npm', ['run', '--silent', 'arch']),
  whole('unused files, exports and packages', 'npx', ['knip', '--no-progress']),
  whole('duplicates', 'npx', ['jscpd']),
  // While the linter is still busy with its core: what the browser tests need is then there.
  {
    name: 'web build',
    work: async () => {
      await chromium();
      await buildWeb();
      return [1, 0];
    },
  },
];
const tests = [unit, browser];

await install();
mkdirSync(cache(''), { recursive: true });
for (const file of [jestReport, browserReport]) rmSync(file, { force: true });

let passed = 0;
let failed = 0;
const take = async (step) => {
  const start = Date.now();
  console.log(`\n== ${step.name}`);
  const [good, bad] = await step.work().catch((error) => {
    console.error(String(error.message ?? error));
    return [0, 1];
  });
  passed += good;
  failed += bad;
  console.log(
    `== ${step.name}: ${bad ? 'FAILED' : 'ok'}, ${Math.round((Date.now() - start) / 1000)} s`,
  );
};

// The static checks use one core each; two of them run side by side.
const waiting = [...checks];
const worker = async () => {
  for (let step = waiting.shift(); step; step = waiting.shift()) await take(step);
};
await Promise.all([worker(), worker()]);
for (const step of tests) await take(step);
if (failures.length > 0) console.log(`\nFailed:\n- ${failures.join('\n- ')}`);
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed ? 1 : 0);
