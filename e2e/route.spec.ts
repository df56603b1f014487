import { expect } from '@playwright/test';
import { button, expectNoSidewaysScroll, goTo, open, test } from './bench';

// From aim to handover at one demo piece: what it can become, the coats, other ways, the care sheet.

test('what a surface can’t become is said at once; a colour and an effect are chosen and planned', async ({
  page,
}) => {
  await open(page, '/pieces/book-trolley/aim');
  await button(page, /^Top:/).click();
  await page.getByRole('radio', { name: 'Stained + clear: not here' }).click();
  await expect(page.getByText(/No stain on the top\. It is .*no wood in the face/)).toBeVisible();
  await expect(page.getByText(/Lay new veneer/).first()).toBeVisible();
  await page.getByRole('radio', { name: 'Painted', exact: true }).click();
  await page.getByRole('radio', { name: 'Kingfisher' }).click();
  await page.getByRole('radio', { name: 'Glazed' }).click();
  await button(page, 'Paint 1 surface Kingfisher').click();
  await expect(
    page.getByText(/painted, mid colour, glazed, waterborne clear/).first(),
  ).toBeVisible();
  await expectNoSidewaysScroll(page);

  await goTo(page, 'Route');
  await expect(button(page, /^Step \d+: Waterborne bonding primer/)).toBeVisible();
  await button(page, /^Step \d+: Waterborne cabinet enamel, Kingfisher, coat 1/).click();
  const sample = page.getByRole('img', { name: /^From the bottom: / });
  await expect(sample).toHaveAccessibleName(/bonding primer.*cabinet enamel, 38 µm, dulled first/);
  await expect(sample).toHaveAccessibleName(/glaze, 12 µm, bonds, to come/);
  await button(page, 'Core sample: step back').click();
  await expect(sample).not.toHaveAccessibleName(/cabinet enamel, 38 µm, dulled first;/);
  await expectNoSidewaysScroll(page);
});

test('an open gate says what each answer leads to, and what it holds', async ({ page }) => {
  await open(page, '/pieces/periodicals-bench/route');
  await button(page, /^Step \d+: Test every layer for lead/).click();
  await expect(page.getByText(/^Found in some layer: Dry sanding drops out/)).toBeVisible();
  await expect(page.getByText(/^Held by step/).first()).toBeVisible();
});

test('each answer to a gate is planned in full, and what no answer changes can start', async ({
  page,
}) => {
  await open(page, '/pieces/periodicals-bench/route');
  await expect(page.getByText(/^Whatever the answers, steps 1–\d/)).toBeVisible();
  await button(page, /^Step \d+: Test every layer for lead/).click();
  await expect(page.getByText(/^Comes in: Set up for work with lead/)).toBeVisible();
  await expect(page.getByText(/^Drops out: .*Scuff P/)).toBeVisible();
  await expectNoSidewaysScroll(page);
});

test('a tool that the shop has or has not turns the route, and its worth is told before', async ({
  page,
}) => {
  await open(page, '/pieces/card-index/compare');
  await expect(page.getByText('Without a random-orbit sander')).toBeVisible();
  await open(page, '/settings');
  const sander = page.getByRole('radiogroup', { name: 'Random-orbit sander' });
  await sander.getByRole('radio', { name: 'Not here' }).click();
  await expect(page.getByText('Stored.')).toBeVisible();
  await expectNoSidewaysScroll(page);
  await open(page, '/pieces/card-index/route');
  await expect(button(page, /^Step \d+: Sand P.*by hand/)).toBeVisible();
  await open(page, '/settings');
  await sander.getByRole('radio', { name: 'Here', exact: true }).click();
  await expect(page.getByText('Stored.')).toBeVisible();
});

test('one piece is worked otherwise than the shop, and that is taken back', async ({ page }) => {
  await open(page, '/pieces/card-index/compare');
  await button(page, 'Use on this piece: Between coats: sand every coat').click();
  await expect(page.getByText('On this piece, different from your usual')).toBeVisible();
  await expectNoSidewaysScroll(page);
  await button(page, 'Back to your usual: Between coats: sand every coat').click();
  await expect(page.getByText('On this piece, different from your usual')).toHaveCount(0);
});

test('the answer to a gate is recorded from where it is asked', async ({ page }) => {
  await open(page, '/pieces/card-index/route');
  await button(page, /^Step \d+: Set a bleed patch/).click();
  await button(page, 'Record the answer').click();
  await expect(page.getByRole('heading', { name: 'Paint a bleed patch' })).toBeVisible();
});

test('how far a face is rubbed through is chosen, and its papers follow', async ({ page }) => {
  await open(page, '/pieces/stool/aim');
  await button(page, /^Seat:/).click();
  await page.getByRole('radio', { name: 'Painted', exact: true }).click();
  await page.getByRole('radio', { name: 'Distressed' }).click();
  await page.getByRole('radio', { name: 'Hard', exact: true }).click();
  await page.getByRole('radio', { name: 'Edges and flats' }).click();
  await button(page, /^Paint 1 surface /).click();
  await goTo(page, 'Route');
  await expect(button(page, /^Step \d+: Rub through, P120 · P180 · P220/)).toBeVisible();
});

test('whole-piece ways stand side by side, and one is taken', async ({ page }) => {
  await open(page, '/pieces/reading-table/aim');
  await button(page, 'Compare ways to do the whole piece').click();
  await expect(page.getByRole('heading', { name: 'Compare' })).toBeVisible();
  await expect(page.getByText(/of work · \d+ days? · €\d+\.\d\d/).first()).toBeVisible();
  await expectNoSidewaysScroll(page);
  await button(page, 'Choose this one: Show the wood everywhere').click();
  await expect(page.getByRole('heading', { name: 'Route' })).toBeVisible();
  await expect(button(page, /^Step \d+: Waterborne clear, satin, coat 1/)).toBeVisible();
  await button(page, 'Undo').click();
  await expect(page.getByText('Undone.')).toBeVisible();
});

test('a school of the shop turns the route, and what it costs is said before', async ({ page }) => {
  await open(page, '/pieces/card-index/compare');
  await expect(page.getByText('Between coats: sand every coat')).toBeVisible();
  await button(page, 'How you work').click();
  await page.getByRole('radio', { name: 'Sand every coat' }).click();
  await expect(page.getByText('Stored.')).toBeVisible();
  await open(page, '/pieces/card-index/compare');
  await expect(page.getByText('Between coats: sand only where rough')).toBeVisible();
  await open(page, '/settings');
  await page.getByRole('radio', { name: 'Sand only where rough' }).click();
  await expect(page.getByText('Stored.')).toBeVisible();
});

test('the owner gets a care sheet with coats, cure and lead', async ({ page }) => {
  await open(page, '/pieces/card-index/route');
  await button(page, 'Care sheet for the owner').click();
  await expect(page.getByRole('heading', { name: /^Care sheet/ })).toBeVisible();
  await expect(page.getByText(/^From the bottom: oil-based stain; waterborne clear/)).toBeVisible();
  await expect(page.getByText(/^Lead: /).first()).toBeVisible();
  await expectNoSidewaysScroll(page);
  const asked = page.context().waitForEvent('request', (it) => it.url().endsWith('.pdf'));
  await button(page, 'As PDF').click();
  const pdf = await page.request.get((await asked).url());
  expect(pdf.headers()['content-type']).toBe('application/pdf');
});

test('a stain by class, a bleached face and the gun are chosen, said again, and planned', async ({
  page,
}) => {
  await open(page, '/pieces/reading-table/aim');
  await button(page, /^Top:/).click();
  await page.getByRole('radio', { name: 'Stained + clear' }).click();
  await page.getByRole('radio', { name: 'Water-based' }).click();
  await button(page, 'Sheen, wear and more').click();
  await page
    .getByRole('radiogroup', { name: 'Bleach the wood first' })
    .getByRole('radio', { name: 'Yes' })
    .click();
  await page.getByRole('radio', { name: 'Spray gun' }).click();
  await button(page, /^Stain 1 surface /).click();
  await expect(
    page.getByText(/^bleached, stained \w+ with water-based stain, .*, by gun$/),
  ).toBeVisible();
  await goTo(page, 'Route');
  await expect(button(page, /^Step \d+: Bleach the wood/)).toBeVisible();
  await expect(button(page, /^Step \d+: Stain, water-based/)).toBeVisible();
  await expect(page.getByText(/Not all by gun on the top/)).toBeVisible();
  await button(page, 'Undo').click();
  await expect(page.getByText('Undone.')).toBeVisible();
});
