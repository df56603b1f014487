import { readFileSync } from 'node:fs';
import { expect, type Page } from '@playwright/test';
import { button, expectNoSidewaysScroll, open, test } from './bench';

/** A piece of its own, with a look and a damage that a spreadsheet might take for a formula. */
const takeIn = async (page: Page, pieceId: string): Promise<void> => {
  const entry = (id: string, change: object) => ({
    id: `${pieceId}-${id}`,
    pieceId,
    change,
    at: '2026-03-01T08:00:00Z',
    device: 'test',
  });
  const at = '2026-03-01T08:00:00Z';
  const observation = { id: 'o1', surfaceId: 'top', testId: 'tap', outcome: 'full', at };
  const finding = { id: 'f1', surfaceId: 'top', damage: 'dent', note: '=1+1', at };
  const response = await page.request.post('/api/entries', {
    data: {
      entries: [
        entry('1', {
          kind: 'takenIn',
          description: {
            name: 'Traveller',
            templateId: 'table',
            measures: { width: 1400, depth: 800, height: 750, apronHeight: 90 },
          },
        }),
        entry('2', { kind: 'observe', observation }),
        entry('3', { kind: 'find', finding }),
      ],
    },
  });
  expect(await response.json()).toMatchObject({ receipts: [{}, {}, { outcome: 'stored' }] });
};

const pieceAt = async (page: Page, pieceId: string): Promise<unknown> => {
  const response = await page.request.get(`/api/pieces/${pieceId}`);
  return ((await response.json()) as { piece: unknown }).piece;
};

const saved = async (page: Page, press: string): Promise<{ name: string; text: string }> => {
  const download = page.waitForEvent('download');
  await button(page, press).click();
  const file = await download;
  return { name: file.suggestedFilename(), text: readFileSync(await file.path(), 'utf8') };
};

test('a piece saved, deleted for good and opened again is the same piece', async ({ page }) => {
  await takeIn(page, 'traveller');
  const before = await pieceAt(page, 'traveller');
  await open(page, '/pieces/traveller/files');
  const { name, text } = await saved(page, 'Save the piece as a file');
  expect(name).toMatch(/^\d+-traveller\.obrik\.json$/);

  await page.getByRole('link', { name: 'Edit the description' }).click();
  await button(page, 'Delete it for good …').click();
  await page.getByLabel('Type its name to go on').fill('Travel');
  await button(page, 'Delete for good').click();
  await expect(page.getByText('That is not the name of this piece.')).toBeVisible();
  await page.getByLabel('Type its name to go on').fill('Traveller');
  await button(page, 'Delete for good').click();
  await expect(page.getByText('Traveller is deleted for good.')).toBeVisible();
  await expect(button(page, 'Open Traveller')).toHaveCount(0);
  expect((await page.request.get('/api/pieces/traveller')).status()).toBe(404);

  const chooser = page.waitForEvent('filechooser');
  await button(page, 'Open a piece file').click();
  await (await chooser).setFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) });
  await expect(page.getByText(/Traveller/).first()).toBeVisible();
  await expect.poll(() => pieceAt(page, 'traveller')).toEqual(before);
});

test('a file that is none says what is wrong, and changes nothing', async ({ page }) => {
  await open(page, '/pieces');
  const chooser = page.waitForEvent('filechooser');
  await button(page, 'Open a piece file').click();
  await (
    await chooser
  ).setFiles({
    name: 'x.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"format":"obrik-piece","version":9}'),
  });
  await expect(page.getByText(/can’t be opened/)).toBeVisible();
});

test('tables, the drawing and a page for a client are saved; nothing typed is run', async ({
  page,
}) => {
  await takeIn(page, 'traveller-2');
  await open(page, '/pieces/traveller-2/files');
  await expectNoSidewaysScroll(page);
  const damages = await saved(page, 'Damages');
  expect(damages.text).toContain("'=1+1");
  const drawing = await saved(page, 'Save the drawing');
  expect(drawing.text).toMatch(/^<svg[^>]*xmlns=/);
  const shared = await saved(page, 'Share a page');
  expect(shared.name).toMatch(/\.html$/);
  await page.setContent(shared.text);
  await expect(page.getByRole('heading', { name: 'Traveller', level: 1 })).toBeVisible();
  await expect(page.locator('svg')).toHaveCount(1);
  await expect(page.getByText('=1+1')).toBeVisible();
});
