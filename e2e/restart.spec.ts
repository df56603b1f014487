import { expect } from '@playwright/test';
import { button, test } from './bench';
import { newFolder, startServer } from './server';

const { folder, remove } = newFolder();

test.afterAll(remove);

test('the server killed in the middle of the work: what was recorded is there once when it is back', async ({
  page,
}) => {
  let server = await startServer(folder);
  const { url: shop } = server;
  const again = () => startServer(folder, Number(new URL(shop).port));
  const dents = async (): Promise<number> => {
    const response = await page.request.get(`${shop}/api/pieces/stool`);
    const { piece } = (await response.json()) as { piece: { findings: { note: string }[] } };
    return piece.findings.filter((it) => it.note.startsWith('restart')).length;
  };
  const mark = async (note: string): Promise<void> => {
    await button(page, 'Mark damage').click();
    await page.getByRole('radio', { name: 'Dent' }).click();
    await page.getByLabel('Note').fill(note);
    await button(page, 'Save damage').click();
    await expect(page.getByText(/Dent recorded on legs/)).toBeVisible();
  };
  await page.goto(`${shop}/pieces/stool/look?surface=legs`);
  await mark('restart one');
  await expect.poll(dents).toBe(1);
  await server.kill();
  await mark('restart two');
  await expect(page.getByText(/No connection to the shop/)).toBeVisible();
  server = await again();
  await expect(page.getByText(/No connection to the shop/)).toHaveCount(0, { timeout: 40_000 });
  await expect.poll(dents).toBe(2);
  await server.kill();
});
