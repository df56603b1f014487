import { expect } from '@playwright/test';
import { button, expectNoSidewaysScroll, goTo, open, test } from './bench';

test.use({ viewport: { width: 1280, height: 800 } });

test('drawing and detail stand side by side; a step opens beside the route', async ({ page }) => {
  await open(page, '/pieces');
  await button(page, 'Open Card-index cabinet').click();
  const drawing = await button(page, /^Top: /).boundingBox();
  const detail = await page.getByRole('heading', { name: 'Top' }).boundingBox();
  expect(drawing?.x ?? NaN).toBeLessThan(640);
  expect(detail?.x ?? NaN).toBeGreaterThan(640);
  await button(page, /^Drawer fronts: /).click();
  await expect(page.getByRole('heading', { name: 'Drawer fronts ×24' })).toBeVisible();
  await expectNoSidewaysScroll(page);

  await goTo(page, 'Route');
  await button(page, /^Step \d+: Set a bleed patch|^Step \d+: Pigmented shellac/).click();
  await expect(page.getByText('Why', { exact: true })).toBeVisible();
  const rail = await button(page, /^Step \d+: /).boundingBox();
  const why = await page.getByText('Why', { exact: true }).boundingBox();
  expect(why?.x ?? NaN).toBeGreaterThan((rail?.x ?? 0) + (rail?.width ?? 0));
  await expectNoSidewaysScroll(page);
});

test('lanes show every surface by phase; a cell opens its step', async ({ page }) => {
  await open(page, '/pieces/card-index/route');
  await expect(button(page, 'Top, protect: 3 coats')).toBeVisible();
  await button(page, 'Top, sand: 80·120').click();
  await expect(page.getByText(/^Chance of sanding through: under 1 %/)).toBeVisible();
  await button(page, 'Try your own papers').click();
  await page.getByRole('checkbox', { name: 'P80' }).click();
  await page.getByRole('checkbox', { name: 'P120' }).click();
  await page.getByRole('checkbox', { name: 'P240' }).click();
  await expect(page.getByText(/P240 won’t clear marks of \d+ µm: start coarser/)).toBeVisible();
  await expect(page.getByText(/It goes on to P240; the next coat wants no finer/)).toBeVisible();
  await expectNoSidewaysScroll(page);
});

test('the grit ladder is drawn, and told to those who can’t see it', async ({ page }) => {
  await open(page, '/pieces/card-index/route');
  await button(page, /^Step \d+: Sand P/).click();
  await expect(
    page.getByRole('img', { name: /^From 0\.75 mm: .*P120 takes \d+ µm\.$/ }),
  ).toBeVisible();
});

test('the keyboard alone gets from the list to a route', async ({ page }) => {
  await open(page, '/pieces/stool/look');
  await page.getByRole('link', { name: 'Route', exact: true }).focus();
  await page.keyboard.press('Enter');
  const step = button(page, /^Step \d+: /);
  await expect(step).toBeVisible();
  await step.focus();
  await page.keyboard.press('Enter');
  await expect(step).toHaveAttribute('aria-expanded', /true|false/);
});

test('a bar cart is built, looked over and planned without a mouse', async ({ page }) => {
  await open(page, '/pieces/new');
  const press = async (name: string | RegExp, role: 'button' | 'radio' = 'button') => {
    await page.getByRole(role, { name }).first().focus();
    await page.keyboard.press('Enter');
  };
  await press('Bar cart');
  await page.getByLabel('Name', { exact: true }).focus();
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('Cart for the veranda');
  await page.getByLabel('Width', { exact: true }).focus();
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('27 1/2"');
  await press('1960–78', 'radio');
  await press('Save and look it over');

  // 3: painted all over; then the first answer to each question.
  await expect(page.getByText(/Your answer counts for 4 surfaces/)).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByText(/Keys: 1–9 answer/)).toBeVisible();
  await page.keyboard.press('3');
  for (let round = 0; round < 12; round++) {
    const heading = page.getByRole('heading', { level: 1 });
    const asked = await heading.innerText();
    if (asked === 'Do you see any of this?') break;
    await page.keyboard.press('1');
    await expect(heading).not.toHaveText(asked);
  }
  await press('None of this');
  await press('Paint it');
  await press('Sage leaf', 'radio');
  await press('Paint it Sage leaf');
  await expect(button(page, /^Step 1: Test every layer for lead/)).toBeVisible();
  await expectNoSidewaysScroll(page);
});
