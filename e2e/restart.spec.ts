import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect } from '@playwright/test';
import { button, test } from './bench';

const PORT = 3224;
const SHOP = `http://127.0.0.1:${PORT}`;
const folder = mkdtempSync(path.join(tmpdir(), 'obrik-restart-'));

/** A server of its own, that may be killed. */
const start = async (): Promise<ChildProcess> => {
  const child = spawn('node', ['--import', 'tsx', 'server/src/main.ts'], {
    env: {
      ...process.env,
      PORT: String(PORT),
      DB_FILE: path.join(folder, 'restart.sqlite'),
      DEMO: '1',
    },
  });
  await expect
    .poll(
      () =>
        fetch(`${SHOP}/api/health`).then(
          (it) => it.ok,
          () => false,
        ),
      { timeout: 30_000 },
    )
    .toBe(true);
  return child;
};

const kill = (child: ChildProcess): Promise<unknown> =>
  new Promise((resolve) => {
    child.once('exit', resolve);
    child.kill('SIGKILL');
  });

test.afterAll(() => rmSync(folder, { recursive: true, force: true }));

test('the server killed in the middle of the work: what was recorded is there once when it is back', async ({
  page,
}) => {
  let server = await start();
  const dents = async (): Promise<number> => {
    const response = await page.request.get(`${SHOP}/api/pieces/stool`);
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
  await page.goto(`${SHOP}/pieces/stool/look?surface=legs`);
  await mark('restart one');
  await expect.poll(dents).toBe(1);
  await kill(server);
  await mark('restart two');
  await expect(page.getByText(/No connection to the shop/)).toBeVisible();
  server = await start();
  await expect(page.getByText(/No connection to the shop/)).toHaveCount(0, { timeout: 40_000 });
  await expect.poll(dents).toBe(2);
  await kill(server);
});
