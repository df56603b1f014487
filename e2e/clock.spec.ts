import { expect } from '@playwright/test';
import { button, expectNoSidewaysScroll, movedClock, open, test } from './bench';
import { newFolder, startServer } from './server';

test('today says what dries, which window closes, and what can be done now', async ({ page }) => {
  await open(page, '/');
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Window closes' })).toBeVisible();
  await expect(page.getByRole('img', { name: /on scuff before the next coat/ })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Drying' })).toBeVisible();
  await expect(page.getByText(/Water-based coats/).first()).toBeVisible();
  await expect(page.getByText(/^Everything finished /)).toBeVisible();
});

test('a step is begun and done with one tap each, dries, and is taken back', async ({ page }) => {
  await open(page, '/pieces/map-press/route');
  await button(page, /^Step \d+: /).click();
  const begin = button(page, /^Begin: .*, Map press/);
  const title = ((await begin.getAttribute('aria-label')) ?? '').replace(
    /^Begin: |, Map press$/g,
    '',
  );
  await begin.click();
  // Begun, it is at the bench, with the focus on what comes next.
  const done = button(page, `Done: ${title}`);
  await expect(done).toBeFocused();
  await expect(page).toHaveTitle(/^Bench · Map press · Obrik$/);
  await done.click();
  await expect(page.getByText(`${title}: done.`).first()).toBeVisible();
  await expect(page.getByRole('button', { name: `Done: ${title}` })).toHaveCount(0);
  await button(page, 'Undo').click();
  await expect(done).toBeVisible();
});

test('each step has a time and a reason; a promise has its chance', async ({ page }) => {
  await open(page, '/pieces/card-index/clock');
  await expect(page.getByText(/9 in 10/)).toBeVisible();
  const first = page.getByRole('listitem').first().getByRole('button');
  await first.click();
  await expect(
    page.getByText(/^(Begins with the working hours|Can begin|Waits for|The same hands)/).first(),
  ).toBeVisible();
  await page.getByLabel('Promised for').fill('2099-01-01');
  await expect(page.getByText(/Chance to keep it/)).toBeVisible();
  await page.getByLabel('Promised for').fill('');
  await expect(page.getByText('Due date removed.')).toBeVisible();
});

test('the week is moved by keyboard, and says what that pushes', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await open(page, '/week');
  await expect(page.getByText('How good is this plan?')).toBeVisible();
  await expect(page.getByText(/^Improving the schedule …/)).toHaveCount(0);
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
  const after = await movedClock(page);
  await after(30 * 60);
  await open(page, '/today');
  await expect(page.getByRole('heading', { name: 'Can be done now' })).toBeVisible();
  // The stool has dried over night: what follows it can be done.
  await expect(page.getByText(/^Librarian’s stool · \d place/).first()).toBeVisible();
  await after(10 * 24 * 60);
  await open(page, '/pieces/book-trolley/route');
  await button(page, /^Step \d+: Dull with P\d+/).click();
  await expect(page.getByText(/The window for the next coat has closed: P\d+ dulls/)).toBeVisible();
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

test('a device that has not read the record yet tells no plan of what it has', async ({ page }) => {
  let answer = () => {};
  const isAsked = new Promise<void>((resolve) => (answer = resolve));
  await page.route('**/api/entries?after=*', async (route) => {
    await isAsked;
    await route.continue();
  });
  const hasCards = page.waitForResponse(/\/api\/pieces\?after=0/);
  await page.goto('/week');
  await hasCards;
  // As long as a plan of nothing would need, and more.
  await page.waitForTimeout(3000);
  await expect(page.getByText('How good is this plan?')).toHaveCount(0);
  answer();
  await expect(page.getByText('How good is this plan?')).toBeVisible();
  await expect(page.getByRole('button', { name: /^\d\d .*: \d+ steps/ }).first()).toBeVisible();
});

test('a sitting is dragged with the mouse; what was moved is kept, and is free again', async ({
  page,
}) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await open(page, '/week');
  await expect(page.getByText('How good is this plan?')).toBeVisible();
  await expect(page.getByText(/^Improving the schedule …/)).toHaveCount(0);
  // Other tests at this shop may have work under way, which stays where it is: the next lane, then.
  const lanes = await page.getByRole('button', { name: /^\d\d .*: \d+ steps/ }).all();
  const moved = page.getByText(/^That (moves:|pushes nothing\.)$/);
  const dragIn = async (lane: (typeof lanes)[number]): Promise<boolean> => {
    await lane.scrollIntoViewIfNeeded();
    const box = await lane.boundingBox();
    if (!box) return false;
    // Where sittings are drawn depends on the hour at which the test runs.
    const sittings = await page.evaluate(
      ({ top, bottom, right }) =>
        [...document.querySelectorAll('svg rect')]
          .map((it) => it.getBoundingClientRect())
          .filter((it) => it.height > 20 && it.height < 40 && it.width >= 10)
          .filter((it) => it.top >= top && it.bottom <= bottom && it.right < right)
          .map((it) => ({ x: it.x + it.width / 2, y: it.y + it.height / 2 })),
      { top: box.y, bottom: box.y + box.height, right: box.x + box.width - 140 },
    );
    for (const { x, y } of sittings) {
      await page.mouse.move(x, y);
      await page.mouse.down();
      await page.mouse.move(x + 40, y, { steps: 4 });
      await page.mouse.move(x + 130, y, { steps: 4 });
      await page.mouse.up();
      // The plan with it is made beside the screen.
      const isMoved = await moved.waitFor({ timeout: 8000 }).then(
        () => true,
        () => false,
      );
      if (isMoved) return true;
    }
    return false;
  };
  // On a busy machine a drag may count as the tap that chooses the sitting: once more, then.
  for (const lane of [...lanes, ...lanes]) if (await dragIn(lane)) break;
  await expect(moved).toBeVisible();
  await button(page, 'Keep it so').click();
  await expect(page.getByText('Planned like that.')).toBeVisible();
  await expect(moved).toHaveCount(0);
  await button(page, 'No longer put off').click();
  await expect(page.getByText('Free again.')).toBeVisible();
});

test('somebody is away: what that changes is seen, then taken, then taken back', async ({
  page,
}) => {
  await open(page, '/');
  await button(page, 'Something came up').click();
  await page.getByRole('radio', { name: 'Somebody is away' }).click();
  await page.getByRole('radio', { name: 'Runa' }).click();
  await page.getByRole('radio', { name: 'Two weeks' }).click();
  await expect(page.getByText(/pieces are done on another day:/)).toBeVisible();
  await expect(page.getByText(/^The whole bench: .* becomes /)).toBeVisible();
  await expectNoSidewaysScroll(page);
  await button(page, 'Plan with it').click();
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  await expect(page.getByText('Schedule updated.')).toBeVisible();
  await button(page, 'Undo').click();
  await expect(page.getByText('Undone.')).toBeVisible();
  await open(page, '/settings');
  await expect(page.getByText('No appointments: the hours of everybody are free')).toBeVisible();
});

test('the air of the next days is put right by hand, and read from a file', async ({ page }) => {
  await open(page, '/air');
  const picture = page.getByRole('img', { name: /^From .* humidity\.$/ });
  const before = await picture.getAttribute('aria-label');
  await page
    .getByRole('radio', { name: /^\w{3} \d+$/ })
    .first()
    .click();
  await button(page, /^12:00–15:00: /).click();
  for (let tap = 0; tap < 3; tap++) await button(page, '°C outside: one less').click();
  await expect(page.getByText('By hand', { exact: true })).toBeVisible();
  await button(page, 'Forget what was put in by hand').click();
  await expect(page.getByText('By hand', { exact: true })).toHaveCount(0);
  await expect(picture).toHaveAttribute('aria-label', before ?? '');
  const choose = async (name: string, text: string) => {
    const asked = page.waitForEvent('filechooser');
    await button(page, 'Read a weather file or a logger').click();
    await (await asked).setFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
  };
  await choose('notes.csv', 'Day,Mood\nMonday,good\n');
  await expect(page.getByText(/^row 1: Name the columns/)).toBeVisible();
  const now = new Date();
  const rows = Array.from({ length: 48 }, (_, hour) => {
    const at = new Date(now.getTime() - (47 - hour) * 3_600_000);
    return `${at.toISOString()},31,40`;
  });
  await choose('logger.csv', ['time,temperature °C,humidity %', ...rows].join('\n'));
  await expect(page.getByText(/logger\.csv: 2 days/)).toBeVisible();
  await expect(picture).toHaveAttribute('aria-label', /^From 31 °C to 31 °C, from 40 to 40 %/);
  await page.getByRole('radio', { name: 'In: Drying room' }).click();
  await page.getByRole('radio', { name: 'Drying room', exact: true }).click();
  await expect(picture).toHaveAttribute('aria-label', /^From 31 °C to 31 °C/);
  await page.getByRole('radio', { name: 'Typical days' }).click();
  await page.getByRole('radio', { name: 'Outside', exact: true }).click();
  await expect(picture).toHaveAttribute('aria-label', before ?? '');
});

test('a new shop is asked three things, and plans by the answers', async ({ page }) => {
  const { folder, remove } = newFolder();
  const server = await startServer(folder, 0, false);
  await page.goto(`${server.url}/pieces/new`);
  await page
    .getByRole('button', { name: /bar cart/i })
    .first()
    .click();
  await button(page, /^(Take it in|Add|Save)/).click();
  await page.goto(`${server.url}/today`);
  await expect(page.getByText('Three questions, and the clock fits your shop')).toBeVisible();
  await page.getByRole('radio', { name: 'Weekends' }).click();
  await page.getByRole('radio', { name: 'In the house' }).click();
  await page.getByRole('radio', { name: 'Dry', exact: true }).click();
  await button(page, 'Plan with that').click();
  await expect(page.getByText('Stored. The settings have the rest.')).toBeVisible();
  await expect(page.getByText('Three questions, and the clock fits your shop')).toHaveCount(0);
  await page.goto(`${server.url}/settings`);
  await expect(page.getByLabel('Hours of Me')).toHaveValue('Sat 9:00-18:00; Sun 10:00-17:00');
  await server.kill();
  remove();
});
