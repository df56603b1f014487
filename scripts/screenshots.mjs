// Takes a current picture of each main view from the demo data, into docs/screenshots/.
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { buildWeb, chromium as findChromium, install } from './lib/prepare.mjs';
import { ROOT } from './lib/run.mjs';

await install();
await buildWeb();
const executablePath = await findChromium();
const { chromium } = await import('@playwright/test');

const PORT = 3233;
const base = `http://127.0.0.1:${PORT}`;
const PHONE = { width: 390, height: 844 };
const WIDE = { width: 1280, height: 800 };

/** Name, address, size and mode of each picture, and what is tapped before it is taken. */
const VIEWS = [
  { name: 'today-phone', at: '/today', size: { width: 390, height: 1200 }, wait: 9000 },
  { name: 'clock-phone', at: '/pieces/reading-table/clock', size: PHONE, wait: 9000 },
  { name: 'week-wide', at: '/week', size: WIDE, wait: 9000 },
  { name: 'air-phone-dark', at: '/air', size: PHONE, dark: true },
  { name: 'pieces-phone', at: '/pieces', size: PHONE },
  { name: 'new-piece-phone', at: '/pieces/new', size: PHONE, tap: 'Sideboard' },
  { name: 'look-phone', at: '/pieces/radio-console/look', size: PHONE },
  { name: 'walk-phone', at: '/pieces/map-press/walk', size: PHONE },
  { name: 'aim-phone', at: '/pieces/book-trolley/aim', size: PHONE, tap: /^Top:/ },
  { name: 'route-phone', at: '/pieces/periodicals-bench/route', size: PHONE },
  {
    name: 'operation-phone',
    at: '/pieces/card-index/route',
    size: { width: 390, height: 1400 },
    tap: /^Step \d+: Waterborne clear, satin, coat 3/,
  },
  {
    name: 'bench-phone',
    at: '/pieces/radio-console/bench?step=right%2Fold-finish-comes-off%2F1',
    size: { width: 390, height: 1500 },
    tap: /^Time it/,
  },
  {
    name: 'turned-up-phone',
    at: '/pieces/book-trolley/turned-up?kind=fillerShrank&on=left',
    size: { width: 390, height: 1500 },
    wait: 4000,
  },
  { name: 'quote-wide', at: '/pieces/reading-table/quote', size: WIDE, wait: 5000 },
  {
    name: 'costs-phone',
    at: '/pieces/book-trolley/costs',
    size: { width: 390, height: 1300 },
    wait: 4000,
  },
  { name: 'shopping-phone', at: '/shop/shopping', size: { width: 390, height: 1100 }, wait: 4000 },
  { name: 'last-look-phone', at: '/pieces/book-trolley/last-look', size: PHONE, wait: 4000 },
  { name: 'compare-wide', at: '/pieces/reading-table/compare', size: WIDE },
  {
    name: 'look-wide-dark',
    at: '/pieces/radio-console/look?surface=doors',
    size: WIDE,
    dark: true,
  },
];

const only = process.argv[2];
const out = process.env.OUT ?? path.join(ROOT, 'docs/screenshots');
const folder = mkdtempSync(path.join(tmpdir(), 'obrik-'));
const server = spawn('node', ['--import', 'tsx', 'server/src/main.ts'], {
  cwd: ROOT,
  stdio: ['ignore', 'inherit', 'inherit'],
  env: { ...process.env, PORT: String(PORT), DB_FILE: path.join(folder, 'demo.sqlite'), DEMO: '1' },
});

const untilUp = async () => {
  for (let tries = 0; tries < 60; tries++) {
    const up = await fetch(`${base}/api/health`)
      .then((it) => it.ok)
      .catch(() => false);
    if (up) return;
    await pause(500);
  }
  throw new Error('The server did not come up.');
};

const take = async (browser, { name, at, size, tap, dark, wait = 1500 }) => {
  const context = await browser.newContext({
    viewport: size,
    colorScheme: dark ? 'dark' : 'light',
    reducedMotion: 'reduce',
  });
  const page = await context.newPage();
  await page.goto(base + at);
  await page.getByRole('main').first().waitFor();
  await page
    .getByText(/^Fetching/)
    .first()
    .waitFor({ state: 'detached' });
  await pause(wait);
  if (tap) {
    const target = page.getByRole('button', { name: tap }).first();
    await target.click();
    // A tap may lead on to where it is gone.
    if ((await target.count()) > 0) {
      await target.evaluate((it) => it.scrollIntoView({ block: 'start' }));
    }
  }
  await pause(300);
  await page
    .getByText(/^Reckoning/)
    .first()
    .waitFor({ state: 'detached' });
  await page.screenshot({ path: path.join(out, `${name}.png`) });
  const sideways = await page.evaluate(() => document.documentElement.scrollWidth > innerWidth);
  console.log(`${name}${sideways ? ' SCROLLS SIDEWAYS' : ''}`);
  await context.close();
};

try {
  await untilUp();
  const browser = await chromium.launch({
    executablePath,
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-dev-shm-usage',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      '--no-first-run',
    ],
  });
  for (const view of VIEWS) if (!only || view.name.includes(only)) await take(browser, view);
  await browser.close();
} finally {
  server.kill('SIGTERM');
  rmSync(folder, { recursive: true, force: true });
}
