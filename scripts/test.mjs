// The whole test: lint, types, architecture, unit, API and browser tests.
// Ends with one line "N passed, N failed" and a matching exit code.
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { buildWeb, chromium, install } from './lib/prepare.mjs';
import { ROOT, run } from './lib/run.mjs';

const cache = (name) => path.join(ROOT, '.cache', name);
const readReport = (file) =>
  existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : undefined;

const jestReport = cache('jest.json');
const browserReport = cache('playwright.json');

/** A check that passes or fails as a whole. */
const whole = (name, command, args) => ({
  name,
  work: async () => ((await run(command, args)) === 0 ? [1, 0] : [0, 1]),
});

const unit = {
  name: 'unit and API tests',
  work: async () => {
    const code = await run('npx', ['jest', '--json', `--outputFile=${jestReport}`]);
    const report = readReport(jestReport);
    if (!report) return [0, 1];
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
    const stats = readReport(browserReport)?.stats;
    if (!stats) return [0, 1];
    const failed = stats.unexpected + stats.flaky;
    return [stats.expected, code !== 0 && failed === 0 ? 1 : failed];
  },
};

const steps = [
  whole('formatting', 'npx', ['prettier', '--check', '--log-level=warn', '.']),
  whole('lint', 'npx', ['eslint', '.', '--max-warnings=0']),
  ...['.', 'core', 'server', 'app'].map((place) =>
    whole(`types of ${place}`, 'npx', ['tsc', '--noEmit', '-p', place]),
  ),
  whole('architecture', 'npm', ['run', '--silent', 'arch']),
  unit,
  browser,
];

await install();
mkdirSync(cache(''), { recursive: true });
for (const file of [jestReport, browserReport]) rmSync(file, { force: true });

let passed = 0;
let failed = 0;
for (const step of steps) {
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
}
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed ? 1 : 0);
