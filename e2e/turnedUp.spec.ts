import { expect } from '@playwright/test';
import { button, movedClock, open, test } from './bench';

test('a bench timer outlives a reload and a lost connection, rings, and says what is late', async ({
  page,
  context,
}) => {
  const after = await movedClock(page);
  await after(0);
  await open(page, '/pieces/radio-console/bench?step=top%2Fold-finish-comes-off%2F1');
  await button(page, /^Time it: Stripper at work, 25 min/).click();
  const timer = page.getByRole('timer', { name: /^Stripper at work/ });
  await expect(timer).toHaveText('25:00');
  await context.setOffline(true);
  await after(10);
  await expect(timer).toHaveText('15:00');
  await context.setOffline(false);
  await page.reload();
  await expect(timer).toHaveText('15:00');
  await after(26);
  await expect(page.getByText(/Scratch a corner: wrinkled and soft/).first()).toBeVisible();
  await expect(button(page, /^Time is up: Stripper at work, Radio console/)).toBeVisible();
  await after(50);
  await expect(page.getByText(/Wet it again with fresh stripper/)).toBeVisible();
  await button(page, 'Seen: Stripper at work').click();
  await expect(timer).toHaveCount(0);
  await page.unrouteAll({ behavior: 'ignoreErrors' });
});

/** By the shop’s news, long before anything is asked for again; how fast is measured, not tested. */
const HEARD = { timeout: 5000 };

test('two devices on one piece: what one writes down the other shows by itself', async ({
  page,
  browser,
  baseURL,
}) => {
  const other = await browser.newContext({ baseURL });
  const second = await other.newPage();
  await open(page, '/pieces/map-press/bench');
  await open(second, '/pieces/map-press/bench');
  await button(page, 'Something turned up').click();
  await button(page, 'Repairs and parts').click();
  await button(page, 'A drawer sticks').click();
  await page.getByRole('checkbox', { name: 'Top' }).click();
  await button(page, 'Decide later').click();
  await expect(page.getByText('To be decided')).toBeVisible();
  await expect(second.getByText('To be decided')).toBeVisible(HEARD);
  await button(page, 'Undo').click();
  await expect(second.getByText('To be decided')).toHaveCount(0, HEARD);
  await other.close();
});

test('material with its lot and a note are written down with gloves on, and stand in the book', async ({
  page,
}) => {
  await open(page, '/pieces/card-index/bench?step=fronts%2Fprime-by-risk%2F1');
  await button(page, /^Material used for/).click();
  await page.getByLabel(/^Lot: Pigmented shellac/).fill('B 204');
  await button(page, 'Save what was used').click();
  await expect(page.getByText(/material written down/)).toBeVisible();
  await button(page, /^Note on/).click();
  await page.getByLabel('Note', { exact: true }).fill('Second hand of the brush in the drawer.');
  await button(page, 'Save note').click();
  await expect(page.getByText(/note saved/)).toBeVisible();
  await open(page, '/pieces/card-index/history');
  await expect(page.getByText(/Used: Pigmented shellac.*lot B 204/)).toBeVisible();
  await expect(page.getByText(/Second hand of the brush/)).toBeVisible();
});
