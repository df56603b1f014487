import { expect, type Page } from '@playwright/test';
import { button, expectNoSidewaysScroll, open, test } from './bench';

/** Taps what is named, and counts it. */
const counting = (page: Page) => {
  let taps = 0;
  return {
    tap: async (name: string | RegExp) => {
      await page
        .getByRole('button', { name, exact: typeof name === 'string' })
        .first()
        .click();
      taps++;
    },
    taps: () => taps,
  };
};

test('from taking a piece in to its route in under 35 taps', async ({ page }) => {
  await open(page, '/pieces');
  const { tap, taps } = counting(page);
  await tap('Add a piece');
  await page.getByLabel('Name', { exact: true }).fill('Parlour chest');
  await page.getByLabel('Made from').fill('1925');
  await page.getByLabel('Made until').fill('1935');
  await tap('Save the piece');

  // Painted all over, but for the drawer sides and the back.
  const answer = async (question: string, outcome: string) => {
    await expect(page.getByRole('heading', { name: question })).toBeVisible();
    await tap(outcome);
  };
  await expect(page.getByText(/Your answer counts for 8 surfaces/)).toBeVisible();
  await expectNoSidewaysScroll(page);
  await tap(/^Back:/);
  await tap(/^Drawer sides:/);
  await answer('Paint, clear finish or bare wood?', 'Paint: no wood to see');
  await expect(page.getByText(/Your answer counts for 2 surfaces/)).toBeVisible();
  await tap('Wood with no film on it');
  // What shows no wood is not asked about its wood.
  await answer('What does the wood look like?', 'Knots and soft, wide rings');
  await answer('Real grain, or a print?', 'Can’t tell');
  await answer('Any knots or pitch?', 'None');
  await answer('Brushed, sprayed or wiped on?', 'Brush streaks, runs');
  await answer('Any cracks in the finish?', 'Fine straight lines or net');
  await answer('White rings from cups or heat?', 'None');
  await answer('Dark rings, ink or marker?', 'None');
  await expect(
    page.getByRole('heading', { name: 'What do you want to do with it?' }),
  ).toBeVisible();
  await tap('Paint it');
  await expect(button(page, /^Step 1: Test every layer for lead/)).toBeVisible();
  expect(taps()).toBeLessThan(35);
});

test('an answer for many surfaces is undone in one step', async ({ page }) => {
  await open(page, '/pieces/radio-console/walk');
  const asked = await page.getByRole('heading', { level: 1 }).innerText();
  await page
    .getByRole('main')
    .getByRole('button')
    .filter({ has: page.locator('svg') })
    .last()
    .click();
  await expect(page.getByText(/recorded for \d+ surface/)).toBeVisible();
  await expect(page.getByRole('heading', { name: asked })).toHaveCount(0);
  await button(page, 'Undo').click();
  await expect(page.getByRole('heading', { name: asked })).toBeVisible();
});
