import { readFileSync } from 'node:fs';
import { expect, type Page } from '@playwright/test';
import { allAtShop, button, expectNoSidewaysScroll, open, test } from './bench';

const SHELLAC = 'Pigmented shellac blocker, white';
const gotIt = (page: Page, name: string) =>
  page.getByRole('checkbox', { name: `Got it: ${name}`, exact: true });

/** Types into a field that is stored when it is left. */
const say = async (page: Page, label: string, typed: string) => {
  const field = page.getByLabel(label, { exact: true });
  await field.fill(typed);
  await field.blur();
};

test('from the plan to the list, the shelf, the bench, the costs and what an hour earned', async ({
  page,
  context,
}) => {
  await open(page, '/pieces/card-index/costs');
  await button(page, 'Shopping list of this piece').click();
  await expect(page.getByRole('heading', { name: 'Shopping list' })).toBeVisible();
  await expectNoSidewaysScroll(page);
  // Where it comes from: two coats, each with its area and what stays in the tray.
  await button(page, `${SHELLAC}: 1 × 1 L`).click();
  await expect(page.getByText(/m² ÷ \(\S+ m²\/L × 95 %\) \+ 40 ml in tray/).first()).toBeVisible();
  await button(page, `${SHELLAC}: 1 × 1 L`).click();

  // In the paint aisle there is no net.
  await context.setOffline(true);
  const tick = gotIt(page, SHELLAC);
  const box = await tick.boundingBox();
  expect(Math.min(box?.width ?? 0, box?.height ?? 0)).toBeGreaterThanOrEqual(64);
  await tick.click();
  await expect(tick).toHaveCount(0);
  await expect(button(page, `Put back: ${SHELLAC}`)).toBeVisible();
  await button(page, `Put back: ${SHELLAC}`).click();
  await expect(tick).toBeVisible();
  await tick.click();
  await expect(tick).toHaveCount(0);
  await context.setOffline(false);
  await allAtShop(page);

  // At the bench the can that was bought is the one that is used; it is counted down.
  await open(page, '/pieces/card-index/bench?step=fronts%2Fprime-by-risk%2F1');
  await button(page, /^Material used for/).click();
  await page.getByLabel(`How much: ${SHELLAC}`).fill('0.3');
  await expect(page.getByRole('radio', { name: /On the shelf, 1\.00 L left/ })).toBeChecked();
  await button(page, 'Save what was used').click();
  await expect(page.getByText(/material written down/)).toBeVisible();
  await open(page, '/shop/stock');
  await expect(button(page, `${SHELLAC}: 0.70 L left`)).toBeVisible();

  // Three tenths of a can of 33.50.
  await open(page, '/pieces/card-index/costs');
  const materials = page.getByRole('table', { name: 'Materials' });
  const shellac = materials.getByRole('row').filter({ hasText: SHELLAC });
  await expect(shellac).toContainText('€10.05');
  await expect(shellac).toContainText('used 0.30 L');

  await page.getByLabel('Sold for (€)').fill('980');
  await button(page, 'It is sold').click();
  await expect(page.getByRole('heading', { name: 'An hour here earned' })).toBeVisible();
  await open(page, '/shop/money');
  await expect(page.getByText('One piece: says little').first()).toBeVisible();
  await expect(page.getByRole('table', { name: 'By kind of piece' })).toBeVisible();
  // Nothing is bought for what is sold.
  await open(page, '/shop/shopping');
  await expect(button(page, 'For all pieces')).toBeVisible();
  await expect(gotIt(page, 'Oil-based stain, mid')).toHaveCount(0);
  await open(page, '/pieces/card-index/costs');
  await button(page, 'It is not sold after all').click();
  await expect(page.getByRole('heading', { name: 'An hour here earns' })).toBeVisible();
});

test('who knows better says so: another quantity, another size, one for touching up', async ({
  page,
}) => {
  await open(page, '/shop/shopping?piece=reading-table');
  const row = () => button(page, /^Waterborne cabinet enamel, Oat husk: /);
  await row().click();
  await page.getByRole('radio', { name: '+ 1 L' }).click();
  await expect(row()).toHaveAccessibleName(/1 × 1 L/);
  await page.getByRole('radio', { name: 'None' }).click();
  await say(page, 'I know better: all in all, L', '2.4');
  await expect(page.getByText(/Reckoned 0\.\d\d L; you said 2\.40 L\./)).toBeVisible();
  await expect(row()).toHaveAccessibleName(/2 × 1 L and|3 × 1 L|and 2 × 1 L/);
  await say(page, 'I know better: all in all, L', 'plenty');
  await expect(page.getByText('Give a figure, 0 or more.')).toBeVisible();
  await say(page, 'I know better: all in all, L', '');
  await expect(page.getByText(/you said/)).toHaveCount(0);
  // The shop had 0.75 at 21.90 only: that becomes the price.
  await page.getByLabel('Each holds, L').fill('0.75');
  await page.getByLabel('Price of one (€)').fill('21.90');
  await button(page, 'containers: one less').click();
  await button(page, 'Got these: Waterborne cabinet enamel, Oat husk').click();
  await expect(button(page, 'Put back: Waterborne cabinet enamel, Oat husk')).toBeVisible();
  await open(page, '/shop/prices');
  await expect(button(page, /^Waterborne cabinet enamel: .*750 ml €21\.90/)).toBeVisible();
});

test('the shelf: by eye, by the scale, by its code; what is past its date comes first', async ({
  page,
}) => {
  await open(page, '/shop/stock');
  await expect(page.getByText(/past its date: \d+ \w+ 20/i)).toBeVisible();
  await button(page, 'Add a container').click();
  await page.getByLabel('Search, such as enamel or tape').fill('oil-based cl');
  await button(page, 'Oil-based clear').click();
  await page.getByLabel('Holds, L').fill('1');
  await page.getByLabel('Code or lot on it').fill('4006381333931');
  await button(page, 'Put it on the shelf').click();
  await page.getByLabel('Find by name, code or place').fill('4006381');
  const can = () => button(page, /^Oil-based clear: /);
  await can().click();
  await button(page, 'Oil-based clear, by eye: ½').click();
  await expect(can()).toHaveAccessibleName('Oil-based clear: 0.50 L left');
  // 0.9 kg a litre: 0.36 kg of it are 0.40 L.
  await page.getByLabel('As it is, kg').fill('0.51');
  await page.getByLabel('Empty can, kg').fill('0.15');
  await button(page, 'Take what the scale says').click();
  await expect(can()).toHaveAccessibleName('Oil-based clear: 0.40 L left');
  await page.getByLabel('As it is, kg').fill('9');
  await button(page, 'Take what the scale says').click();
  await expect(page.getByText(/more than it holds/)).toBeVisible();
  await button(page, 'Used up or thrown away: Oil-based clear').click();
  await expect(can()).toHaveCount(0);
  await button(page, 'Undo').click();
  await expect(can()).toBeVisible();
});

test('a colour mixed by parts is kept with the piece, and reckoned for what a coat takes', async ({
  page,
}) => {
  await open(page, '/pieces/radio-console/bench?step=left%2Fstain-into-open-wood%2F1');
  await button(page, 'Keep a mix').click();
  await page.getByLabel('Name of the mix').fill('Old walnut');
  await page.getByLabel('What, 1').fill('walnut');
  await page.getByLabel('Parts, 1').fill('3');
  await page.getByLabel('What, 2').fill('oak');
  await button(page, 'Keep this mix').click();
  await expect(page.getByText(/How many parts of each/)).toBeVisible();
  await page.getByLabel('Parts, 2').fill('1');
  await button(page, 'Keep this mix').click();
  await expect(page.getByText('Old walnut: 3 walnut to 1 oak')).toBeVisible();
  await page.reload();
  await expect(page.getByText(/^For \S+ (ml|L): walnut .*, oak /)).toBeVisible();
  await button(page, 'Remove the mix Old walnut').click();
  await expect(page.getByText('Old walnut: 3 walnut to 1 oak')).toHaveCount(0);
  await expectNoSidewaysScroll(page);
});

test.describe('on a desk', () => {
  test.use({ viewport: { width: 1280, height: 800 } });

  test('prices are set by hand and by file, and a quote is made of them', async ({ page }) => {
    await open(page, '/shop/prices');
    await page.getByLabel('Find a material').fill('paste wax');
    await button(page, 'Paste wax: no price of yours').click();
    await page.getByLabel('Price 1 (€)').fill('cheap');
    await button(page, 'Save prices: Paste wax').click();
    await expect(page.getByText(/looks like 12\.40/)).toBeVisible();
    await page.getByLabel('Price 1 (€)').fill('12,40');
    await button(page, 'Save prices: Paste wax').click();
    await expect(button(page, /^Paste wax: 250 ml €12\.40/)).toBeVisible();
    await say(page, 'What your hour costs (€)', '30');
    await say(page, 'Tax on what you sell, %', 'much');
    await expect(page.getByText('Give a share in percent.')).toBeVisible();
    await say(page, 'Tax on what you sell, %', '10');

    const saved = page.waitForEvent('download');
    await button(page, 'Save the prices as CSV').click();
    const csv = readFileSync(await (await saved).path(), 'utf8');
    expect(csv).toContain('pasteWax,Paste wax,L,0.25,12.40,yes');
    const chooser = page.waitForEvent('filechooser');
    await button(page, 'Read prices from a CSV').click();
    await (
      await chooser
    ).setFiles({
      name: 'prices.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from('material,size,price\npasteWax,0.5,19.00\nmoonDust,1,1\n'),
    });
    await expect(page.getByText('1 material priced.')).toBeVisible();
    await expect(page.getByText(/Line 3: “moonDust” is no material here/)).toBeVisible();
    await expect(button(page, /^Paste wax: 500 ml €19\.00/)).toBeVisible();

    await open(page, '/pieces/reading-table/quote');
    await expect(page.getByText('Tax, 10 %').first()).toBeVisible();
    await page.getByRole('checkbox', { name: 'In the quote: Paint all of it' }).click();
    await button(page, 'Show the quote').click();
    await expect(page.getByRole('heading', { name: 'Quote: Reading table' })).toBeVisible();
    await expect(page.getByText('Paint all of it')).toHaveCount(0);
    await expect(page.getByText(/This quote holds until/)).toBeVisible();
    await expect(page.getByText(/DRAFT/)).toBeVisible();
    const pdf = await page.request.get('/api/pieces/reading-table/quote.pdf?options=as-aimed');
    expect([pdf.status(), pdf.headers()['content-type']]).toEqual([200, 'application/pdf']);
  });
});
