import { expect, type Page } from '@playwright/test';
import sharp from 'sharp';
import { allAtShop, button, goTo, open, record, test } from './bench';

const OFFLINE = /No connection to the shop/;

/** Records what knots look like, without waiting for the shop. */
const look = async (page: Page, outcome: string): Promise<void> => {
  const question = button(page, /^Wood:/);
  if ((await question.getAttribute('aria-expanded')) === 'false') await question.click();
  const card = page.getByRole('button', { name: /^Look for knots and pitch/ }).last();
  if ((await card.getAttribute('aria-expanded')) === 'false') await card.click();
  await page.getByRole('button', { name: outcome, exact: true }).last().click();
};

/** What the shop has on record of the looks at knots on a surface. */
const atShop = async (page: Page, pieceId: string, surfaceId: string): Promise<number> => {
  const response = await page.request.get(`/api/pieces/${pieceId}`);
  const { piece } = (await response.json()) as {
    piece: { observations: { testId: string; surfaceId: string }[] };
  };
  return piece.observations.filter((it) => it.testId === 'knots' && it.surfaceId === surfaceId)
    .length;
};

test('without a connection a look is recorded, outlives a reload, and gets to the shop once', async ({
  page,
}) => {
  await open(page, '/pieces/stool/look?surface=legs');
  const before = await atShop(page, 'stool', 'legs');
  await page.route('**/api/**', (route) => route.abort());
  await look(page, 'None');
  await expect(page.getByRole('status').filter({ hasText: 'None: recorded.' })).toBeVisible();
  await expect(button(page, /^Take back: Look for knots/)).toBeVisible();
  await expect(page.getByText(OFFLINE)).toBeVisible();
  await expect(page.getByText(/saved here, not yet at the shop/).first()).toBeVisible();
  await page.reload();
  await expect(button(page, /^Take back: Look for knots/)).toBeVisible();
  expect(await atShop(page, 'stool', 'legs')).toBe(before);
  await page.unroute('**/api/**');
  await expect(page.getByText(OFFLINE)).toHaveCount(0);
  await expect(page.getByText(/not yet at the shop/)).toHaveCount(0);
  expect(await atShop(page, 'stool', 'legs')).toBe(before + 1);
});

test.describe('with the shop in trouble', () => {
  const troubles = [
    [
      'an answer of 500',
      (page: Page) => page.route('**/api/entries', (it) => it.fulfill({ status: 500 })),
    ],
    [
      'an answer that gets lost',
      (page: Page) =>
        page.route('**/api/entries', async (it) => {
          // The test may have ended the trouble while this was under way.
          await it.fetch().catch(() => undefined);
          await it.abort().catch(() => undefined);
        }),
    ],
  ] as const;
  for (const [name, cause] of troubles) {
    test(`${name}: what was typed is safe, and is at the shop once`, async ({ page }) => {
      await open(page, '/pieces/map-press/look?surface=top');
      const before = await atShop(page, 'map-press', 'top');
      await cause(page);
      await look(page, 'None');
      await expect(page.getByRole('status').filter({ hasText: 'None: recorded.' })).toBeVisible();
      await expect(page.getByText(OFFLINE)).toBeVisible();
      await page.unroute('**/api/entries');
      await expect(page.getByText(OFFLINE)).toHaveCount(0);
      expect(await atShop(page, 'map-press', 'top')).toBe(before + 1);
      await button(page, /^Take back: Look for knots/).click();
      await expect(button(page, /^Take back: Look for knots/)).toHaveCount(0);
    });
  }
});

test('an answer that takes twenty seconds: recorded once, and nothing is held up', async ({
  page,
}) => {
  test.setTimeout(90_000);
  await open(page, '/pieces/map-press/look?surface=back');
  const before = await atShop(page, 'map-press', 'back');
  let late = 0;
  await page.route('**/api/entries', async (it) => {
    const reply = await it.fetch();
    if (late++ === 0) await new Promise((go) => setTimeout(go, 21_000));
    await it.fulfill({ response: reply }).catch(() => undefined);
  });
  await look(page, 'None');
  await expect(page.getByRole('status').filter({ hasText: 'None: recorded.' })).toBeVisible();
  await goTo(page, 'Aim');
  await expect.poll(() => late, { timeout: 40_000 }).toBe(2);
  await allAtShop(page);
  expect(await atShop(page, 'map-press', 'back')).toBe(before + 1);
});

test('a device whose clock is a day ahead records by the shop’s time, and its timer runs', async ({
  page,
}) => {
  const day = 24 * 60 * 60 * 1000;
  await page.clock.setFixedTime(Date.now() + day);
  await open(page, '/pieces/map-press/test/alcohol?surface=legs');
  await button(page, /^Start the timer/).click();
  await page.clock.setFixedTime(Date.now() + day + 20_000);
  await expect(page.getByRole('timer', { name: /^0:[34]\d, / })).toBeVisible();
  await open(page, '/pieces/map-press/look?surface=frontFrame');
  await look(page, 'None');
  await allAtShop(page);
  const { entries } = (await (await page.request.get('/api/pieces/map-press/entries')).json()) as {
    entries: { sent: { at: string }; receivedAt: string }[];
  };
  const last = entries.at(-1);
  const apart = Date.parse(last?.receivedAt ?? '') - Date.parse(last?.sent.at ?? '');
  expect(Math.abs(apart)).toBeLessThan(60_000);
});

test('a double tap records once', async ({ page }) => {
  await open(page, '/pieces/map-press/look?surface=left');
  const before = await atShop(page, 'map-press', 'left');
  await button(page, /^Wood:/).click();
  await page
    .getByRole('button', { name: /^Look for knots and pitch/ })
    .last()
    .click();
  await page.getByRole('button', { name: 'None', exact: true }).last().dblclick();
  await expect(button(page, /^Take back: Look for knots/)).toHaveCount(1);
  await expect.poll(() => atShop(page, 'map-press', 'left')).toBe(before + 1);
});

test('a photo taken without a connection is shown, and is at the shop later', async ({ page }) => {
  const photo = await sharp({
    create: { width: 400, height: 300, channels: 3, background: '#8a5a33' },
  })
    .jpeg()
    .toBuffer();
  await open(page, '/pieces/stool/look?surface=legs');
  await page.route('**/api/**', (route) => route.abort());
  await button(page, 'Mark damage').click();
  await page.getByRole('radio', { name: 'Dent' }).click();
  const chooser = page.waitForEvent('filechooser');
  await button(page, 'Add a photo').click();
  await (await chooser).setFiles({ name: 'leg.jpg', mimeType: 'image/jpeg', buffer: photo });
  await expect(page.getByLabel('The photo of this damage')).toBeVisible();
  await button(page, 'Save damage').click();
  await expect(page.getByLabel('Photo: 1 × Dent')).toBeVisible();
  await page.unroute('**/api/**');
  await expect(page.getByText(OFFLINE)).toHaveCount(0);
  // The mark of a lost connection gives way to a message for a while: the outbox tells.
  await allAtShop(page);
  const { piece } = (await (await page.request.get('/api/pieces/stool')).json()) as {
    piece: { findings: { photoId: string | null }[] };
  };
  const photoId = piece.findings.at(-1)?.photoId;
  // Pictures have a queue of their own, behind that of the entries.
  const kept = async () =>
    (await page.request.get(`/api/photos/${photoId}`)).headers()['content-type'];
  await expect.poll(kept).toBe('image/jpeg');
});

test('two tabs see each other’s entries', async ({ context }) => {
  const [one, two] = [await context.newPage(), await context.newPage()];
  await open(one, '/pieces/map-press/look?surface=right');
  await open(two, '/pieces/map-press/look?surface=right');
  await record(one, /^Wood:/, /^Look for knots and pitch/, 'None');
  await expect(button(two, /^Take back: Look for knots/)).toBeVisible();
});

test('two devices that name a piece otherwise while apart both see it, and one tap settles it', async ({
  browser,
}) => {
  const yard = await (await browser.newContext()).newPage();
  const bench = await (await browser.newContext()).newPage();
  const rename = async (page: Page, name: string) => {
    await page.getByLabel('Name').fill(name);
    await button(page, 'Save changes').click();
    await expect(page.getByText('Description changed.')).toBeVisible();
  };
  await open(yard, '/pieces/map-press/edit');
  await open(bench, '/pieces/map-press/edit');
  await yard.route('**/api/**', (route) => route.abort());
  await rename(bench, 'Map press, hall');
  await allAtShop(bench);
  await rename(yard, 'Map press, yard');
  await yard.unroute('**/api/**');
  for (const page of [bench, yard]) {
    await expect(page.getByText('Changed on two devices')).toBeVisible();
    await expect(page.getByText(/Stands: Name: Map press, yard/)).toBeVisible();
  }
  await button(bench, 'Use the other: Name: Map press, hall').click();
  for (const page of [bench, yard]) {
    await expect(page.getByText('Changed on two devices')).toHaveCount(0);
    await expect(page.getByText(/Map press, hall/).first()).toBeVisible();
  }
  await giveBack(bench);
  await allAtShop(bench);
  await bench.context().close();
  await yard.context().close();
});

/** The demo's name is given back, for the tests after this one. */
const giveBack = async (page: Page): Promise<void> => {
  await open(page, '/pieces/map-press/edit');
  await page.getByLabel('Name').fill('Map press');
  await button(page, 'Save changes').click();
  await expect(page.getByText('Description changed.')).toBeVisible();
  await expect(page.getByText(OFFLINE)).toHaveCount(0);
};

test('the history tells who did what, and sets a surface back', async ({ page }) => {
  await open(page, '/pieces/stool/look?surface=seat');
  await record(page, /^Wood:/, /^Look for knots and pitch/, 'None');
  await page.getByRole('link', { name: 'History of this piece' }).click();
  const line = page.getByRole('listitem').first();
  await expect(line).toContainText('Seat: Look for knots and pitch: None');
  await line.getByRole('button', { name: /^Seat: Look for knots/ }).click();
  await line.getByRole('button', { name: /^Set Seat back to before/ }).click();
  await expect(page.getByRole('listitem').first()).toContainText('An entry taken back');
  await expect(page.getByRole('listitem').nth(1)).toContainText('taken back');
  await button(page, 'Print this').click();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('heading', { name: /stool: history/ })).toBeVisible();
  await expect(page.getByText('Seat: Look for knots and pitch: None (taken back)')).toBeVisible();
  await expect(button(page, 'Print it')).toBeHidden();
});
