import { expect } from '@playwright/test';
import { button, expectNoSidewaysScroll, goTo, open, record, test } from './bench';

test('a piece is taken in by hand, looked at, aimed, planned, kept, and found again', async ({
  page,
}) => {
  await open(page, '/pieces');
  await button(page, 'Add a piece').click();
  await page.getByRole('button', { name: 'Table', exact: true }).click();
  await page.getByLabel('Name', { exact: true }).fill('Hall table');
  await page.getByLabel('Length', { exact: true }).fill('1200');
  await page.getByLabel('Width', { exact: true }).fill('400');
  await page.getByLabel('Earliest year').fill('1931');
  await page.getByLabel('Latest year').fill('1939');
  await button(page, 'Save and look it over').click();

  // Look: the top is oak under shellac, solid.
  await button(page, 'Enough for now').click();
  await page.getByRole('link', { name: 'Look', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Top' })).toBeVisible();
  await expect(page.getByText(/^\d\d · Hall table, 1931–1939$/)).toBeVisible();
  await record(
    page,
    /^Made of:/,
    /^Look at the grain along an edge/,
    'Face grain turns into end grain',
  );
  await record(page, /^On it:/, /^Can you see wood through it/, 'Wood under a clear finish');
  await record(page, /^On it:/, /^Set a drop of methylated spirit/, 'Sticky, clear');
  await record(page, /^On it:/, /^Hold an ultraviolet lamp/, 'Orange glow');
  await record(page, /^Made of:/, /^Press a thumbnail/, 'Hardly a mark');
  await expect(
    button(page, /^Made of: (Very likely|Almost certainly) solid (hard)?wood/),
  ).toBeVisible();
  await expect(button(page, /^On it: (Very likely|Almost certainly) shellac/)).toBeVisible();
  await expectNoSidewaysScroll(page);

  // The legs are painted: that asks for lead.
  await button(page, /^Legs:/).click();
  await expect(page.getByRole('heading', { name: 'Legs ×4' })).toBeVisible();
  await record(page, /^On it:/, /^Can you see wood through it/, 'Paint: no wood to see');
  await expect(button(page, /^Lead: Not tested/)).toBeVisible();

  // Aim: top stained, which takes the shellac off; legs painted.
  await goTo(page, 'Aim');
  await button(page, /^Top:/).click();
  await page.getByRole('radio', { name: 'Stained + clear', exact: true }).click();
  await button(page, /^Stain 1 surface /).click();
  await expect(page.getByText(/^Surface: stained/)).toBeVisible();
  await button(page, /^Legs:/).click();
  await page.getByRole('radio', { name: 'Painted', exact: true }).click();
  await button(page, /^Paint 1 surface /).click();
  await expect(button(page, /^Legs: painted, pale colour/)).toBeVisible();

  // Route: the gate first, dust on the legs held, the top goes ahead.
  await goTo(page, 'Route');
  await expect(button(page, /^Step 1: Test every layer for lead/)).toBeVisible();
  await expect(button(page, /Scuff .* held$/)).toBeVisible();
  const sanding = button(page, /^Step \d+: Sand P/);
  await sanding.click();
  await expect(page.getByText('How', { exact: true })).toBeVisible();
  await expect(page.getByText('Why', { exact: true })).toBeVisible();
  await expect(page.getByText(/Wood dust: extraction and P100/)).toBeVisible();
  await expectNoSidewaysScroll(page);
  await button(page, 'Save this route').click();
  await expect(page.getByText('Route saved.')).toBeVisible();
  await expect(button(page, 'Route saved')).toBeDisabled();

  await page.reload();
  await expect(button(page, /^Step 1: Test every layer for lead/)).toBeVisible();
  await expect(page.getByText(/nothing has changed since/)).toBeVisible();
  await page.getByRole('link', { name: 'Pieces', exact: true }).click();
  await button(page, 'Open Hall table').click();
  await expect(button(page, /^Made of: .* solid (hard)?wood/)).toBeVisible();
});

test('leaving the new-piece form by accident and coming back restores what was typed', async ({
  page,
}) => {
  await open(page, '/pieces/new');
  await button(page, 'Wardrobe').click();
  await page.getByLabel('Name', { exact: true }).fill('Half-written wardrobe');
  await page.getByLabel('Height with feet').fill('2010');
  await page.getByRole('link', { name: 'Shop', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Shopping list' })).toBeVisible();
  await page.goBack();
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Half-written wardrobe');
  await expect(page.getByLabel('Height with feet')).toHaveValue('2010');
  await page.reload();
  await expect(page.getByText('What you typed last time is back.')).toBeVisible();
  await expect(page.getByLabel('Front, in one line')).toHaveValue('2 doors with 1 shelf');
  await expect(page.getByLabel('Height with feet')).toHaveValue('2010');
  await button(page, 'Start over').click();
  await expect(page.getByRole('heading', { name: 'What is it?' })).toBeVisible();
});

test('what is typed into stock, prices, costs and settings outlives a reload and leaving', async ({
  page,
}) => {
  const typedAgain = async (address: string, label: string, text: string) => {
    const field = page.getByLabel(label, { exact: true });
    await field.fill(text);
    await page.waitForTimeout(700);
    await open(page, '/handbook');
    await open(page, address);
    await expect(field).toHaveValue(text);
  };
  await open(page, '/shop/stock');
  await button(page, 'Add a container').click();
  await typedAgain('/shop/stock', 'Search, such as enamel or tape', 'masking');
  await open(page, '/shop/prices');
  await page.getByRole('radio', { name: 'All' }).click();
  await button(page, /^Waterborne acrylic primer/).click();
  await page.getByLabel(/^Price 1/).fill('31.90');
  await page.waitForTimeout(700);
  await page.reload();
  await page.getByRole('radio', { name: 'All' }).click();
  await expect(page.getByLabel(/^Price 1/)).toHaveValue('31.90');
  await open(page, '/pieces/stool/costs');
  await typedAgain('/pieces/stool/costs', 'What for, such as new knobs', 'Felt pads');
  await open(page, '/settings');
  await typedAgain('/settings', 'Treat paint as suspect before', '1965');
});

test('bad input is told beside the field, and stays typed', async ({ page }) => {
  await open(page, '/pieces/new');
  await button(page, 'Bedside cabinet').click();
  await page.getByLabel('Name', { exact: true }).fill('');
  await page.getByLabel('Width', { exact: true }).fill('wide');
  await page.getByLabel('Front, in one line').fill('3 windows');
  await page.getByLabel('Earliest year').fill('1950');
  await page.getByLabel('Latest year').fill('1930');
  await button(page, 'Save and look it over').click();
  await expect(page.getByText(/“3 windows” is not known here/)).toBeVisible();
  await expect(page.getByText('Give it a name that you will know it by.')).toBeVisible();
  await expect(page.getByText('Width is missing.')).toBeVisible();
  await expect(page.getByText('The later year comes before the earlier one.')).toBeVisible();
  await expect(page.getByLabel('Width', { exact: true })).toHaveValue('wide');
  await expect(page.getByLabel('Width', { exact: true })).toHaveAttribute('aria-invalid', 'true');
  // A slip in units is noticed, and mended by a tap.
  await page.getByLabel('Width', { exact: true }).fill('45');
  await expect(page.getByText(/Meant in cm\? It would be 450 mm/)).toBeVisible();
  await button(page, 'Use 450 mm').click();
  await expect(page.getByLabel('Width', { exact: true })).toHaveValue('450');
});

test('a record is taken back and that undone; a word is given and taken back', async ({ page }) => {
  await open(page, '/pieces/map-press/look?surface=left');
  await record(page, /^Made of:/, /^Look into a chip/, 'Thin wood, then a core');
  await expect(button(page, /^Made of: .*veneer/)).toBeVisible();
  await button(page, 'Undo').click();
  await expect(page.getByText('Undone.')).toBeVisible();
  await expect(button(page, /^Take back: Look into a chip/)).toHaveCount(0);
  await button(page, 'Undo').click();
  await expect(button(page, /^Take back: Look into a chip/)).toBeVisible();
  await record(page, /^Made of:/, /^Look at the grain along an edge/, 'A thin line along the edge');

  await button(page, 'I know this: Made of').click();
  await button(page, 'I know: solid hardwood').click();
  await expect(button(page, /^Made of: Confirmed: solid hardwood/)).toBeVisible();
  await expect(
    page.getByText(/You confirmed solid hardwood; the tests speak for veneer/),
  ).toBeVisible();
  await button(page, 'Remove this').click();
  await expect(button(page, /^Made of: .*veneer/)).toBeVisible();
});

test('tests that disagree are shown as a conflict on the drawing and in words', async ({
  page,
}) => {
  await open(page, '/pieces/radio-console/look?surface=right');
  await button(page, 'Show the drawing').click();
  await expect(button(page, /^Right side: .*in conflict/)).toBeVisible();
  await button(page, /^Made of:/).click();
  await expect(
    page.getByText(/speaks for veneer on a board core.*for solid hardwood.*would settle it/),
  ).toBeVisible();
});

test('lead results for every layer open the gate; a figure out of range is refused beside it', async ({
  page,
}) => {
  await open(page, '/pieces/periodicals-bench/route');
  await expect(button(page, /^Step 1: Test every layer for lead/)).toBeVisible();
  await goTo(page, 'Look');
  await button(page, /^Backrest:/).click();
  await button(page, /^Lead:/).click();
  await page
    .getByRole('button', { name: /^Count the layers of paint/ })
    .last()
    .click();
  await page.getByLabel('Reading in layers').last().fill('300');
  await page.getByRole('button', { name: 'Record it' }).last().click();
  await expect(page.getByText(/Plausible is 0 to 30 layers/).first()).toBeVisible();
  await page.getByLabel('Reading in layers').last().fill('1');
  await page.getByRole('button', { name: 'Record it' }).last().click();
  await expect(button(page, 'Lead: Not tested in layer 1.')).toBeVisible();
  await page.getByRole('button', { name: 'Not found', exact: true }).first().click();
  await expect(button(page, 'Lead: Not found by swab in layer 1 at the backrest.')).toBeVisible();
  await goTo(page, 'Route');
  await button(page, /^Step 1: Test every layer for lead/).click();
  await expect(page.getByText(/^Backrest: may carry paint/)).toHaveCount(0);
  await expect(page.getByText(/^Seat: may carry paint/)).toBeVisible();
});

test('damage is marked, and asks for its repair on the route', async ({ page }) => {
  await open(page, '/pieces/stool/look?surface=seat');
  await button(page, 'Mark damage').click();
  await button(page, 'Show all damages').click();
  await page.getByRole('radio', { name: 'Gouge, chip or hole' }).click();
  await button(page, 'One more').click();
  await page.getByLabel('Length in mm').fill('8');
  await page.getByLabel('Note', { exact: true }).fill('Front edge');
  await button(page, 'Save damage').click();
  await expect(button(page, 'Take back: 2 × Gouge, chip or hole')).toBeVisible();
  await goTo(page, 'Route');
  await expect(button(page, /Fill with matched stainable filler/)).toBeVisible();
});

test('an aim that can’t be is refused at once, with its ways out', async ({ page }) => {
  await open(page, '/pieces/book-trolley/aim');
  await expect(page.getByText('✕ No stain on the top')).toBeVisible();
  await expect(page.getByText('→ Paint it: scuff, bonding primer, colour.')).toBeVisible();
  await button(page, /^Top:/).click();
  await page.getByRole('radio', { name: 'Painted', exact: true }).click();
  await button(page, /^Paint 1 surface /).click();
  await expect(page.getByText('✕ No stain on the top')).toHaveCount(0);
});

test('units and lead year are settings of the shop that everything follows', async ({ page }) => {
  await open(page, '/settings');
  await page.getByRole('radio', { name: /^US/ }).click();
  await expect(page.getByText('Stored.')).toBeVisible();
  await page.getByLabel('Treat paint as suspect before').fill('12');
  await button(page, 'Save the year').click();
  await expect(page.getByText('Between 1900 and 2100.')).toBeVisible();
  await open(page, '/pieces/reading-table/look?surface=top');
  await expect(page.getByText(/ft²/).first()).toBeVisible();
  await open(page, '/pieces/new');
  await button(page, 'Side table').click();
  await expect(page.getByText(/\d in to \d+/).first()).toBeVisible();
  await open(page, '/settings');
  await page.getByRole('radio', { name: /^Metric/ }).click();
  await expect(page.getByText('Stored.')).toBeVisible();
});

test('a piece is put away and brought back', async ({ page }) => {
  await open(page, '/pieces/map-press/edit');
  await button(page, 'Archive this piece').click();
  await expect(page.getByText('Map press is archived.')).toBeVisible();
  await expect(button(page, 'Open Map press')).toHaveCount(0);
  await button(page, 'Archive: 1').click();
  await button(page, 'Bring back Map press').click();
  await expect(button(page, 'Open Map press')).toBeVisible();
});

test('a list that can’t be fetched says so, and is there as soon as it can be', async ({
  page,
}) => {
  await page.route('**/api/**', (route) => route.abort());
  await open(page, '/pieces');
  await expect(page.getByText(/No connection to the shop’s server/)).toBeVisible();
  await page.unroute('**/api/**');
  await expect(button(page, 'Open Card-index cabinet')).toBeVisible();
});

test('where what is behind the list can’t be fetched either, that is said, and a tap fetches it', async ({
  page,
}) => {
  await page.route('**/api/**', (route) => route.abort());
  await page.route('**/screenBundle-*.js', (route) => route.abort());
  await open(page, '/pieces');
  await expect(page.getByText(/No connection to the shop’s server/)).toBeVisible();
  await page.unroute('**/api/**');
  await page.unroute('**/screenBundle-*.js');
  await button(page, 'Try again').click();
  await expect(button(page, 'Open Card-index cabinet')).toBeVisible();
});

test('a screen that fails says so, stays where it is, and the others go on', async ({ page }) => {
  await page.route(/screenBundle-.*\.js/, async (route) => {
    const response = await route.fetch();
    const text = await response.text();
    // Breaks one card of one screen, as a mistake in it would.
    const body = text.replace('"Tied up"', '(()=>{throw new Error("broken")})()');
    await route.fulfill({ response, body });
  });
  await page.goto('/shop/money');
  await expect(page.getByText('This screen failed')).toBeVisible();
  expect(new URL(page.url()).pathname).toBe('/shop/money');
  await button(page, 'Back to pieces').click();
  await expect(page.getByText('Reading table').first()).toBeVisible();
});
