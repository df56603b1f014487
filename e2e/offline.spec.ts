import { expect } from '@playwright/test';
import { button, open, test } from './bench';

test.use({ serviceWorkers: 'allow' });

test('without any network the app starts from the device, records, and prints', async ({
  page,
  context,
}) => {
  await open(page, '/pieces/stool/look?surface=seat');
  // The shell is stored while the first page is read.
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  await expect
    .poll(() => page.evaluate(() => caches.keys().then((keys) => keys.length)))
    .toBeGreaterThan(0);
  await page.reload();
  await expect(button(page, /^Wood:/)).toBeVisible();
  await context.setOffline(true);
  await page.reload();
  await expect(page.getByText(/No connection to the shop/)).toBeVisible();
  await button(page, 'Mark damage').click();
  await page.getByRole('radio', { name: 'Dent' }).click();
  await button(page, 'Save damage').click();
  await expect(page.getByText(/Dent recorded on seat/)).toBeVisible();
  await page.goto('/pieces/stool/print');
  await expect(page.getByText(/Librarian’s stool/).first()).toBeVisible();
  await page.goto('/pieces');
  await expect(button(page, 'Open Librarian’s stool')).toContainText('Not yet at the shop');
  await context.setOffline(false);
  await expect(page.getByText('Not yet at the shop')).toHaveCount(0);
});
