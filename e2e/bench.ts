import { test as base, expect, type Locator, type Page } from '@playwright/test';
import { newFolder, startServer } from './server';

/** How many entries wait on the device of a page; none on one that has no such device. */
const waitingOn = (page: Page): Promise<number> =>
  page
    .evaluate(
      () =>
        new Promise<number>((resolve) => {
          const asked = indexedDB.open('obrik');
          asked.onerror = () => resolve(0);
          asked.onsuccess = () => {
            const store = asked.result;
            const none = !store.objectStoreNames.contains('outbox');
            const count = none
              ? undefined
              : store.transaction('outbox').objectStore('outbox').count();
            if (!count) return resolve(0);
            count.onsuccess = () => {
              store.close();
              resolve(count.result);
            };
          };
        }),
    )
    .catch(() => 0);

/** Waits until all that was recorded on a page is at the shop: tests share one. */
export const allAtShop = (page: Page): Promise<void> => expect.poll(() => waitingOn(page)).toBe(0);

/** The shop in which the tests of a file are done, one after the other. */
interface Shops {
  readonly of: (file: string) => Promise<string>;
}

/**
 * A test at the shop of its file: what another file leaves behind is never met, whichever worker does it.
 * A device is thrown away only when what it recorded is at the shop.
 */
export const test = base.extend<{ readonly settled: void }, { readonly shops: Shops }>({
  shops: [
    // eslint-disable-next-line no-empty-pattern -- Playwright reads from it what is needed
    async ({}, use) => {
      let open: { readonly file: string; readonly url: string } | undefined;
      let close = async () => {};
      await use({
        of: async (file) => {
          if (open?.file === file) return open.url;
          await close();
          const { folder, remove } = newFolder();
          const server = await startServer(folder);
          close = async () => {
            await server.kill();
            remove();
          };
          open = { file, url: server.url };
          return server.url;
        },
      });
      await close();
    },
    { scope: 'worker', timeout: 60_000 },
  ],
  baseURL: async ({ shops }, give, { file }) => give(await shops.of(file)),
  settled: [
    async ({ page }, use) => {
      await use();
      await allAtShop(page);
    },
    { auto: true },
  ],
});

/** What is on the screen, by its accessible name. */
export const button = (page: Page, name: string | RegExp): Locator =>
  page.getByRole('button', { name }).first();

/** Goes to a station of the piece that is open. */
export const goTo = async (page: Page, station: 'Look' | 'Aim' | 'Route'): Promise<void> => {
  await page.getByRole('link', { name: station, exact: true }).click();
  await expect(page.getByRole('link', { name: station, exact: true })).toHaveAttribute(
    'aria-current',
    'page',
  );
};

/** Opens a screen and waits until it has something to show. */
export const open = async (page: Page, address: string): Promise<void> => {
  await page.goto(address);
  await page.getByRole('main').first().waitFor();
  await expect(page.getByText(/^(Fetching|Working out)/)).toHaveCount(0);
};

/** Records an outcome of a test on the surface that is shown. */
export const record = async (page: Page, question: RegExp, test: RegExp, outcome: string) => {
  const row = button(page, question);
  if ((await row.getAttribute('aria-expanded')) === 'false') await row.click();
  const cards = page.getByRole('button', { name: test });
  const card = cards.last();
  if ((await card.getAttribute('aria-expanded')) === 'false') await card.click();
  await page.getByRole('button', { name: outcome, exact: true }).last().click();
  await expect(page.getByRole('status').filter({ hasText: `${outcome}: recorded.` })).toBeVisible();
};

/** Nothing may be wider than the screen, once a drawing has found its width. */
export const expectNoSidewaysScroll = async (page: Page): Promise<void> => {
  const tooWide = () =>
    page.evaluate(() =>
      [...document.querySelectorAll<HTMLElement>('#root *')]
        .filter((it) => it.getBoundingClientRect().right > window.innerWidth + 1)
        .map((it) => it.textContent?.slice(0, 40)),
    );
  await expect.poll(tooWide).toEqual([]);
};

/**
 * Lets a test say what the time is, in minutes from now on. The browser's clock is moved; the shop's
 * server keeps its own, so its date is kept from the page.
 */
export const movedClock = async (page: Page): Promise<(minutes: number) => Promise<void>> => {
  await page.route(/\/api\/(?!news)/, async (route) => {
    const response = await route.fetch();
    const headers = { ...response.headers() };
    delete headers.date;
    await route.fulfill({ response, headers });
  });
  const now = Date.now();
  return (minutes) => page.clock.setFixedTime(now + minutes * 60_000);
};
