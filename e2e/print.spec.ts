import { expect } from '@playwright/test';
import { button, open, test } from './bench';

test('the route card is printed whole, without the screen around it', async ({ page }) => {
  await open(page, '/pieces/card-index/route');
  await button(page, 'Print the route card').click();
  await expect(page.getByRole('heading', { name: '01 · Card-index cabinet' })).toBeVisible();
  await page.evaluate(() => {
    window.print = () => document.body.setAttribute('data-printed', 'yes');
  });
  await button(page, 'Print it').click();
  await expect(page.locator('body')).toHaveAttribute('data-printed', 'yes');

  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('navigation', { name: 'Top level' })).toBeHidden();
  await expect(button(page, 'Print it')).toBeHidden();
  const steps = page.getByText(/^\d+\. /);
  expect(await steps.count()).toBeGreaterThan(10);
  await expect(page.getByText(/Product label and safety data sheet win/)).toBeVisible();
  // A card of this length takes several pages; a screen cut off at one would be a single page.
  const pdf = await page.pdf({ format: 'A4' });
  const pages = pdf.toString('latin1').match(/\/Type\s*\/Page\b/g) ?? [];
  expect(pages.length).toBeGreaterThan(1);
});
