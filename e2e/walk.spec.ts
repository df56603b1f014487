import { expect, type Page } from '@playwright/test';
import { button, expectNoSidewaysScroll, open, record, test } from './bench';

/** Taps what is named, and counts it. */
const counting = (page: Page) => {
  let taps = 0;
  return {
    tap: async (name: string | RegExp, role: 'button' | 'radio' | 'checkbox' = 'button') => {
      await page
        .getByRole(role, { name, exact: typeof name === 'string' })
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
  await tap('Chest of drawers');
  await page.getByLabel('Name', { exact: true }).fill('Parlour chest');
  await tap('Before 1940', 'radio');
  await tap('Save and look it over');

  // Painted all over, but for the drawer sides and the back.
  const answer = async (question: string, outcome: string) => {
    await expect(page.getByRole('heading', { name: question })).toBeVisible();
    await tap(outcome);
  };
  await expect(page.getByText(/Your answer counts for 8 surfaces/)).toBeVisible();
  await expectNoSidewaysScroll(page);
  await tap('All that shows', 'checkbox');
  await answer('Paint, clear finish or bare wood?', 'Paint: no wood to see');
  await expect(page.getByText(/Your answer counts for 2 surfaces/)).toBeVisible();
  await tap('Wood with no film on it');
  // What shows no wood is not asked about its wood.
  await answer('What does the wood look like?', 'Knots and soft, wide rings');
  await answer('Real grain, or a print?', 'Can’t tell');
  await answer('Any knots or pitch?', 'None');
  await answer('Glossy, satin or dull?', 'Glossy: the lamp is sharp in it');
  await answer('How many colours show at chips and edges?', 'Three');
  await answer('Brushed, sprayed or wiped on?', 'Brush streaks, runs');
  await answer('Any cracks in the finish?', 'Fine straight lines or net');
  await answer('White rings from cups or heat?', 'None');
  await answer('Dark rings, ink or marker?', 'None');
  await expect(page.getByRole('heading', { name: 'Do you see any of this?' })).toBeVisible();
  await tap('All that shows', 'checkbox');
  await tap('Greasy or sticky', 'checkbox');
  await tap('That is all');
  await expect(
    page.getByRole('heading', { name: 'What do you want to do with it?' }),
  ).toBeVisible();
  await tap('Paint it');
  await tap('Sage leaf', 'radio');
  await tap('Paint it Sage leaf');
  await expect(button(page, /^Step 1: Test every layer for lead/)).toBeVisible();
  expect(taps()).toBeLessThan(37);
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

test('the demo’s chest of drawers is walked round in at most 12 taps', async ({ page }) => {
  await open(page, '/pieces/card-index/walk');
  const { tap, taps } = counting(page);
  for (let round = 0; round < 12; round++) {
    if (await button(page, 'None of this').or(button(page, 'That is all')).isVisible()) break;
    const asked = await page.getByRole('heading', { level: 1 }).innerText();
    await tap('Can’t tell');
    await expect(page.getByRole('heading', { name: asked })).toHaveCount(0);
  }
  await tap(/^(None of this|That is all)$/);
  await expect(
    page.getByRole('heading', { name: 'What do you want to do with it?' }),
  ).toBeVisible();
  expect(taps()).toBeLessThanOrEqual(12);
});

test('what one side showed is copied to the other, counts as a copy, and is undone in one step', async ({
  page,
}) => {
  await open(page, '/pieces/radio-console/look?surface=left');
  await record(page, /^On it:/, /^Look for marks of the brush/, 'Brush streaks, runs');
  await page.goto('/pieces/radio-console/look?surface=right');
  await button(page, /^Same as left side/).click();
  await expect(page.getByText(/copied from left side/)).toBeVisible();
  await expect(page.getByText(/not looked at here/).first()).toBeVisible();
  await button(page, 'Undo').click();
  await expect(button(page, /^Same as left side/)).toBeVisible();
});

test('one look is recorded for several surfaces', async ({ page }) => {
  await open(page, '/pieces/stool/look?surface=apron');
  await button(page, 'Record for more surfaces').click();
  await page.getByRole('checkbox', { name: 'Legs', exact: true }).click();
  await button(page, 'Close the list of surfaces').click();
  await button(page, /^On it:/).click();
  const card = page.getByRole('button', { name: /^Look for marks of the brush/ }).last();
  if ((await card.getAttribute('aria-expanded')) === 'false') await card.click();
  await page.getByRole('button', { name: 'Neither, dull and flat', exact: true }).last().click();
  await expect(page.getByText(/recorded for 2 surfaces/)).toBeVisible();
});
