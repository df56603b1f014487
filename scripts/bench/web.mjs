// How soon the first screen can be used, in a browser slowed four times, and what goes over the wire.
import { setTimeout as pause } from 'node:timers/promises';
import { buildWeb, chromium as findChromium } from '../lib/prepare.mjs';
import { startServer } from './started.mjs';

const ROUNDS = 5;
const SLOWER = 4;

await buildWeb();
const executablePath = await findChromium();
const { chromium } = await import('@playwright/test');

const median = (list) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)];

const slowed = async (page) => {
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
};

/** Run in the page: notes when the list stands there, and what of scripts was asked for until then. */
const watchForList = () => {
  const noted = new MutationObserver(() => {
    if (!document.querySelector('[aria-label="Open Card-index cabinet"]')) return;
    noted.disconnect();
    // Once it is painted.
    requestAnimationFrame(() =>
      setTimeout(() => {
        const at = performance.now();
        const bytes = performance
          .getEntriesByType('resource')
          .filter((it) => it.name.endsWith('.js') && it.startTime < at)
          .reduce((sum, it) => sum + it.transferSize, 0);
        window.listStands = { at, bytes };
      }),
    );
  });
  noted.observe(document, { childList: true, subtree: true });
};

const server = await startServer({ DEMO: '1' });
await pause(4000);
const browser = await chromium.launch({
  executablePath,
  args: ['--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage', '--no-first-run'],
});
const figures = { bare: [], first: [], second: [], bytes: [] };
try {
  for (let round = 0; round < ROUNDS; round++) {
    const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
    const bare = await context.newPage();
    await slowed(bare);
    await bare.goto(`${server.url}/api/health`);
    figures.bare.push(
      await bare.evaluate(
        () => performance.timing.loadEventEnd - performance.timing.navigationStart,
      ),
    );
    await bare.close();
    const page = await context.newPage();
    await slowed(page);
    await page.addInitScript(watchForList);
    const usable = async () => {
      await page.goto(`${server.url}/pieces`, { waitUntil: 'commit' });
      await page.waitForFunction(() => window.listStands);
      return page.evaluate(() => window.listStands);
    };
    const first = await usable();
    figures.first.push(first.at);
    figures.bytes.push(first.bytes);
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await pause(3000);
    await page.goto('about:blank');
    figures.second.push((await usable()).at);
    await context.close();
  }
} finally {
  await browser.close();
  await server.stop();
}
const bare = median(figures.bare);
const line = (name, ms, aim) =>
  console.log(
    `${name.padEnd(40)} ${String(Math.round(ms)).padStart(6)} ms  ${(ms / bare).toFixed(1).padStart(6)} × bare  aim ${aim}`,
  );
console.log(`Chromium slowed ${SLOWER} times, medians of ${ROUNDS}`);
console.log(
  `${'JavaScript before the first screen'.padEnd(40)} ${String(Math.round(median(figures.bytes) / 1024)).padStart(6)} KB over the wire  aim 330 KB`,
);
line('a bare answer', bare, '–');
line('first screen, first visit', median(figures.first), '2500 ms');
line('first screen, second visit', median(figures.second), '1000 ms');
