import { expect } from '@playwright/test';
import { button, open, test } from './bench';

test('today says what dries, which window closes, and what can be done now', async ({ page }) => {
  await open(page, '/');
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Window closes' })).toBeVisible();
  await expect(page.getByRole('img', { name: /on scuff before the next coat/ })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Drying' })).toBeVisible();
  await expect(page.getByText(/Water-based coats/).first()).toBeVisible();
  await expect(page.getByText(/The whole bench is done/)).toBeVisible();
});

test('a step is begun and done with one tap each, dries, and is taken back', async ({ page }) => {
  await open(page, '/pieces/map-press/route');
  await button(page, /^Step 1: /).click();
  const done = button(page, /^Done: .*, Map press/);
  const title = ((await done.getAttribute('aria-label')) ?? '').replace(
    /^Done: |, Map press$/g,
    '',
  );
  await button(page, /^Begin: .*, Map press/).click();
  await expect(page.getByText('Under way').first()).toBeVisible();
  await done.click();
  await expect(page.getByText(`${title}: done.`)).toBeVisible();
  await expect(
    button(page, new RegExp(`^Done: ${title.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}, Map press`)),
  ).toHaveCount(0);
  await button(page, 'Undo').click();
  await expect(page.getByText('Under way').first()).toBeVisible();
});

test('each step has a time and a reason; a promise has its chance', async ({ page }) => {
  await open(page, '/pieces/card-index/clock');
  await expect(page.getByText(/9 in 10/)).toBeVisible();
  const first = page.getByRole('listitem').first().getByRole('button');
  await first.click();
  await expect(
    page.getByText(/^(Begins with the working hours|Can begin|Waits for|The same hands)/).first(),
  ).toBeVisible();
  await page.getByLabel('Promised for').fill('soon');
  await page.getByLabel('Promised for').press('Enter');
  await expect(page.getByText('Give a day like 2026-12-24, or nothing.')).toBeVisible();
  await page.getByLabel('Promised for').fill('2099-01-01');
  await page.getByLabel('Promised for').press('Enter');
  await expect(page.getByText(/Chance to keep it/)).toBeVisible();
  await page.getByLabel('Promised for').fill('');
  await page.getByLabel('Promised for').press('Enter');
  await expect(page.getByText('Nothing is promised any more.')).toBeVisible();
});

test('the week is moved by keyboard, and says what that pushes', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await open(page, '/week');
  await expect(page.getByText('How good is this plan?')).toBeVisible();
  await expect(page.getByText('Looking for a better order …')).toHaveCount(0);
  await expect(button(page, 'An hour later')).toBeEnabled();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText(/^That (moves:|pushes nothing\.)$/)).toBeVisible();
  await button(page, 'Back to the plan').click();
  await expect(page.getByText(/^That (moves:|pushes nothing\.)$/)).toHaveCount(0);
  await page.getByRole('radio', { name: 'By person' }).click();
  await expect(page.getByRole('button', { name: /^Runa: \d+ steps/ })).toBeVisible();
  await button(page, /^Compare: heater/).click();
  await expect(page.getByText('Sundays as well')).toBeVisible();
});

test('later in the day the film is ready, and the next day its window is closed', async ({
  page,
}) => {
  // The browser's clock is moved; the shop's server keeps its own, so its date is kept from the page.
  await page.route(/\/api\/(?!news)/, async (route) => {
    const response = await route.fetch();
    const headers = { ...response.headers() };
    delete headers.date;
    await route.fulfill({ response, headers });
  });
  const now = Date.now();
  await page.clock.setFixedTime(now + 30 * 60 * 60 * 1000);
  await open(page, '/today');
  await expect(page.getByRole('heading', { name: 'Can be done now' })).toBeVisible();
  // The stool has dried over night: what follows it can be done.
  await expect(page.getByText(/^Librarian’s stool · \d place/).first()).toBeVisible();
  await page.clock.setFixedTime(now + 10 * 24 * 60 * 60 * 1000);
  await open(page, '/pieces/book-trolley/clock');
  await expect(page.getByText(/scuff first/i).first()).toBeVisible();
  await page.unrouteAll({ behavior: 'ignoreErrors' });
});

test('hours are typed in one line; a slip is told and stays typed', async ({ page }) => {
  await open(page, '/settings');
  const hours = page.getByLabel('Hours of Tove');
  await hours.fill('evenings');
  await hours.press('Enter');
  await expect(page.getByText(/Write it like: Mon-Fri 18:00-21:30/)).toBeVisible();
  await expect(hours).toHaveValue('evenings');
  await hours.fill('Mon-Fri 18:30-21:30; Sat 9-17');
  await hours.press('Enter');
  await expect(page.getByText('Stored.')).toBeVisible();
  await expect(page.getByLabel('Hours of Tove')).toHaveValue('Mon-Fri 18:30-21:30; Sat 9:00-17:00');
});
