import { existsSync } from 'node:fs';
import path from 'node:path';
import { whenStale } from './fingerprint.mjs';
import { must, run } from './run.mjs';

const MANIFESTS = [
  'package.json',
  'package-lock.json',
  'core/package.json',
  'server/package.json',
  'app/package.json',
];
const WEB_SOURCES = [
  'package-lock.json',
  'core/src',
  'core/package.json',
  'app/app',
  'app/src',
  'app/public',
  'app/app.json',
  'app/babel.config.js',
  'app/metro.config.js',
  'app/light',
  'scripts/lib/web.mjs',
  'scripts/lib/worker.mjs',
  'app/package.json',
];

/**
 * Tells node-gyp where Node's own headers lie, where Node was installed with them: sqlite3 is
 * compiled at install, and would otherwise fetch them from outside the registry.
 */
const withHeaders = () => {
  const nodedir = path.resolve(process.execPath, '../..');
  const there = existsSync(path.join(nodedir, 'include/node/node_version.h'));
  return there ? { npm_config_nodedir: nodedir } : {};
};

/** Installs the packages of the lock file if they are not there or not those. */
export const install = () =>
  whenStale('node_modules/.obrik-installed', MANIFESTS, async () => {
    console.log('Installing packages (about three minutes the first time) …');
    await must('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], withHeaders());
  });

/** Builds the web app if its sources changed since the last build. */
export const buildWeb = () =>
  whenStale('app/dist/.obrik-built', WEB_SOURCES, async () => {
    console.log('Building the web app …');
    await must('npm', ['run', 'build:web']);
    const { finishWeb } = await import('./web.mjs');
    await finishWeb();
  });

/**
 * Finds Debian's Chromium, installing it through apt where that is allowed.
 * @returns {Promise<string>} path of the browser
 * @throws with what to do, where it is not there and can't be installed
 */
export const chromium = async () => {
  const place = process.env.CHROMIUM_PATH ?? '/usr/bin/chromium';
  if (existsSync(place)) return place;
  if (process.getuid?.() === 0 && existsSync('/usr/bin/apt-get')) {
    console.log('Installing Chromium through apt …');
    const quiet = { DEBIAN_FRONTEND: 'noninteractive' };
    await run('apt-get', ['update', '-qq'], quiet);
    await must('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium'], quiet);
    if (existsSync(place)) return place;
  }
  throw new Error(
    `No browser at ${place}. Install Debian's package "chromium" as root ` +
      '(apt-get install chromium), or name another Chromium in CHROMIUM_PATH.',
  );
};
