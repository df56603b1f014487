import { expect } from '@playwright/test';
import sharp from 'sharp';
import { button, expectNoSidewaysScroll, open, record, test } from './bench';

// A complete look at one demo piece on phone size: steps with a timer over a reload, layers, a
// photo of a damage with its place, a meter, hardware, and the sheet of all that is known.

test('a test is done step by step; its timer outlives a reload and rings', async ({ page }) => {
  // The clock stands still but for what the test sets; everything else runs on.
  await page.clock.setFixedTime('2026-05-01T10:00:00Z');
  await open(page, '/pieces/map-press/test/alcohol?surface=right');
  await expect(page.getByRole('heading', { name: /methylated spirit/ })).toBeVisible();
  await expect(page.getByRole('timer', { name: /^1:00, until the drop/ })).toBeVisible();
  await button(page, /^Start the timer/).click();
  await page.clock.setFixedTime('2026-05-01T10:00:20Z');
  await expect(page.getByRole('timer', { name: /^0:40, / })).toBeVisible();

  await page.reload();
  await expect(page.getByRole('timer', { name: /^0:40, / })).toBeVisible();
  await page.getByRole('link', { name: 'Handbook', exact: true }).click();
  await expect(button(page, /^Timer running: Set a drop of methylated spirit/)).toBeVisible();

  await page.clock.setFixedTime('2026-05-01T10:01:20Z');
  await button(page, /^Time is up: Set a drop of methylated spirit/).click();
  await expect(page.getByRole('timer', { name: /Time is up/ })).toBeVisible();
  await page.getByRole('button', { name: 'Sticky, clear', exact: true }).click();
  await expect(page.getByText('Sticky, clear: recorded.')).toBeVisible();
  await expect(button(page, /^Time is up/)).toHaveCount(0);
  await expect(
    button(page, 'Take back: Set a drop of methylated spirit on it: Sticky, clear'),
  ).toBeVisible();
});

test('the advice says what it could change, and follows what is recorded', async ({ page }) => {
  await open(page, '/pieces/map-press/look?surface=left');
  await expect(page.getByText('Do next')).toBeVisible();
  await expect(page.getByText(/would turn|Narrows down/).first()).toBeVisible();
  const before = await page.getByText(/^Then: /).textContent();
  await record(page, /^Made of:/, /^Look into a chip/, 'Paper or resin, then chips or fibre');
  await expect(page.getByText(/^Then: /)).not.toHaveText(before ?? '');
  await button(page, 'Undo').click();
  await expect(page.getByText('Undone.')).toBeVisible();
  await expect(page.getByText(/^Then: /)).toHaveText(before ?? '');
});

test('layers are recorded from the top down, and a solvent result attaches to one', async ({
  page,
}) => {
  await open(page, '/pieces/periodicals-bench/look?surface=legs');
  await button(page, /^Layers below:/).click();
  await button(page, 'Add this layer').click();
  await expect(page.getByText('Name its colour.')).toBeVisible();
  await page.getByLabel('Colour of layer 1').fill('white');
  await page.getByRole('radio', { name: 'Rubbery' }).click();
  await button(page, 'Add this layer').click();
  await page.getByLabel('Colour of layer 2').fill('green');
  await page.getByRole('radio', { name: 'Brittle' }).click();
  await button(page, 'Add this layer').click();
  await expect(page.getByText(/^1\. white: acrylic or latex paint/)).toBeVisible();
  await expect(page.getByText(/^2\. green: alkyd or enamel paint/)).toBeVisible();
  await expect(button(page, /^Lead: There are at least 2 layers, and maybe more/)).toBeVisible();
  await button(page, 'Remove the lowest').click();
  await expect(button(page, /^Lead: There is at least 1 layer, and maybe more/)).toBeVisible();
  await button(page, 'Undo').click();
  await expect(button(page, /^Lead: There are at least 2 layers, and maybe more/)).toBeVisible();
});

test('damage is measured, placed on the drawing and photographed; what it rules out is said', async ({
  page,
}) => {
  const photo = await sharp({
    create: { width: 4000, height: 3000, channels: 3, background: '#8a5a33' },
  })
    .withExifMerge({ IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '10/1 0/1 0/1' } })
    .jpeg()
    .toBuffer();
  await open(page, '/pieces/card-index/look?surface=top');
  await button(page, 'Mark damage').click();
  await page.getByLabel('Search by any word').fill('veneer gone');
  await page.getByRole('radio', { name: 'Missing veneer' }).click();
  await page.getByLabel('Length in mm').fill('9999');
  await button(page, 'Save damage').click();
  await expect(page.getByText('At most 5000 mm.')).toBeVisible();
  await page.getByLabel('Length in mm').fill('40');
  await page.getByLabel('Width in mm').fill('25');
  await button(page, 'Top: no place tapped yet').click({ position: { x: 60, y: 30 } });
  await expect(button(page, /^Top: \d+ % from the left/)).toBeVisible();

  const choose = async (file: { name: string; mimeType: string; buffer: Buffer }) => {
    const chooser = page.waitForEvent('filechooser');
    await button(page, /^(Add a|Another) photo/).click();
    await (await chooser).setFiles(file);
  };
  await choose({ name: 'notes.txt', mimeType: 'text/plain', buffer: Buffer.from('not a photo') });
  await expect(page.getByRole('alert').filter({ hasText: /Send/ })).toBeVisible();
  await choose({ name: 'top.jpg', mimeType: 'image/jpeg', buffer: photo });
  await expect(page.getByLabel('The photo of this damage')).toBeVisible();
  await button(page, 'Save damage').click();
  await expect(
    page.getByText(/Missing veneer 40 × 25 mm on a face in full view: stain would show the patch/),
  ).toBeVisible();
  await expect(page.getByLabel('Photo: 1 × Missing veneer')).toBeVisible();
  await expectNoSidewaysScroll(page);
});

test('a meter is read, and says that it is simulated', async ({ page }) => {
  await open(page, '/pieces/stool/look?surface=seat');
  await button(page, /^Readings:/).click();
  await page
    .getByRole('button', { name: /^Measure the wood’s moisture/ })
    .last()
    .click();
  await page.getByRole('button', { name: 'Read the meter' }).last().click();
  await expect(page.getByText(/^The meter shows [\d.]+ % \(simulated/)).toBeVisible();
  await page.getByRole('button', { name: 'Record it' }).last().click();
  await expect(page.getByText(/at rest in this air/).first()).toBeVisible();
});

test('hardware is listed, and its bags and drawers get labels', async ({ page }) => {
  await open(page, '/pieces/radio-console/look?surface=top');
  await button(page, 'Hardware').click();
  await page.getByLabel('What it looks like').fill('Cast foot');
  await page.getByLabel('How many').fill('0');
  await button(page, 'Add it').click();
  await expect(page.getByText('At least one.')).toBeVisible();
  await page.getByLabel('How many').fill('4');
  await page.getByLabel('Missing').fill('1');
  await page.getByLabel('Bag', { exact: true }).fill('E');
  await button(page, 'Add it').click();
  await expect(page.getByText('4 × Cast foot', { exact: true })).toBeVisible();
  await button(page, 'Change: 4 × Cast foot').click();
  await page.getByLabel('Bag', { exact: true }).first().fill('F');
  await button(page, 'Keep the change').click();
  await expect(page.getByText('4 × Cast foot: changed.')).toBeVisible();
  await button(page, 'Map and labels to print').click();
  await expect(page.getByText('07 · bag F')).toBeVisible();
  await expect(page.getByText('07 · 2 ↑')).toBeVisible();
  await expect(page.getByLabel(/^2 parts, numbered row by row/)).toBeVisible();
});

test('what we know is one sheet, lead with its layers, method and date', async ({ page }) => {
  await open(page, '/pieces/periodicals-bench/known');
  await expect(
    page.getByText(/^Lead: Not found by swab in layers 1–2 at the seat\. Not tested in layers 3–4/),
  ).toBeVisible();
  await expect(
    page.getByText(/^Layer 1: lead not found by swab \(\w+\), \d+ \w+ 20\d\d\.$/).first(),
  ).toBeVisible();
  await expect(page.getByText(/\bsafe\b/)).toHaveCount(1);
  await expectNoSidewaysScroll(page);
});

test('the handbook is looked up by word, and shows where each entry comes from', async ({
  page,
}) => {
  await open(page, '/handbook');
  await page.getByLabel('Look up').fill('oxalic');
  await button(page, /^Dark ring, ink or iron stain/).click();
  await expect(page.getByText(/Poison/)).toBeVisible();
  await expect(page.getByText('Common practice of the trade, no source.')).toBeVisible();
  await page.getByLabel('Look up').fill('P150');
  await button(page, /^P150: Median grain 100 µm/).click();
  await expect(page.getByText(/ISO 6344.*value from memory/)).toBeVisible();
  await page.getByLabel('Look up').fill('xyzzy');
  await expect(page.getByText('Nothing found')).toBeVisible();
});
