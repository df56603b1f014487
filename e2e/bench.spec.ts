import { expect } from '@playwright/test';
import { button, expectNoSidewaysScroll, movedClock, open, test } from './bench';

test('a step is done at the bench: begun, paused, gone on with, done, with its own minutes', async ({
  page,
}) => {
  const after = await movedClock(page);
  await after(0);
  await open(page, '/pieces/reading-table/bench');
  const title = await page.getByRole('heading', { level: 1 }).innerText();
  await expectNoSidewaysScroll(page);
  await button(page, `Begin: ${title}`).click();
  const timer = page.getByRole('timer');
  await expect(timer).toHaveText('0:00');
  await after(12);
  await expect(timer).toHaveText('12:00');
  await button(page, 'Pause').click();
  await expect(page.getByText('Paused', { exact: true })).toBeVisible();
  await after(72);
  await page.reload();
  // An hour's pause is no work, and outlives a reload.
  await expect(timer).toHaveText('12:00');
  await button(page, 'Go on').click();
  await after(80);
  await expect(timer).toHaveText('20:00');
  for (const name of ['Pause', `Done: ${title}`, 'Something turned up']) {
    const box = await button(page, name).boundingBox();
    expect([name, (box?.height ?? 0) >= 64]).toEqual([name, true]);
  }
  await button(page, `Done: ${title}`).click();
  await expect(page.getByText(`${title}: done.`).first()).toBeVisible();
  await expect(page.getByRole('heading', { level: 1 })).not.toHaveText(title);
  await button(page, 'Undo').click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(title);
  await expect(timer).toHaveText('20:00');
  await page.unrouteAll({ behavior: 'ignoreErrors' });
});

test('how it is done is leafed through line by line', async ({ page }) => {
  await open(page, '/pieces/card-index/bench');
  const count = page.getByText(/^\d+ of \d+$/);
  await expect(count).toHaveText(/^1 of /);
  await button(page, 'Next line').click();
  await expect(count).toHaveText(/^2 of /);
  await button(page, 'Line before').click();
  await expect(count).toHaveText(/^1 of /);
  await expect(button(page, 'Line before')).toBeDisabled();
});
