import { expect, type Page } from '@playwright/test';
import { button, expectNoSidewaysScroll, movedClock, open, test } from './bench';

const AT = '2026-03-01T08:00:00Z';

/** A small table of its own, whose top is painted white over oak varnished before: a short job. */
const takeIn = async (page: Page, pieceId: string): Promise<void> => {
  const known = { substrate: 'hardwood', wood: 'ringPorous', finish: 'varnish', bleed: 'none' };
  const deeds: readonly object[] = [
    {
      kind: 'takenIn',
      description: {
        name: 'Side table',
        templateId: 'table',
        measures: { width: 500, depth: 400, height: 550, apronHeight: 90 },
        yearFrom: 1990,
        yearTo: 1999,
      },
    },
    ...Object.entries(known).map(([variable, value]) => ({
      kind: 'confirm',
      confirmation: { surfaceId: 'top', variable, value, at: AT },
    })),
    {
      kind: 'aim',
      surfaceIds: ['top'],
      aims: [
        {
          surfaceId: 'top',
          scheme: { kind: 'painted', shade: 'white', topcoat: 'none' },
          stripWish: 'best',
        },
      ],
    },
  ];
  const response = await page.request.post('/api/entries', {
    data: {
      entries: deeds.map((deed, nth) => ({
        id: `${pieceId}-${nth}`,
        pieceId,
        deed,
        at: AT,
        device: 'test',
      })),
    },
  });
  expect(response.status()).toBe(200);
};

const title = (page: Page) => page.getByRole('heading', { level: 1 }).innerText();

/** Begins the step that is shown, ends it, and says what was seen of it. */
const doStep = async (page: Page, answers: readonly (readonly [RegExp, string])[] = []) => {
  const step = await title(page);
  await button(page, `Begin: ${step}`).click();
  await button(page, `Done: ${step}`).click();
  await expect(page.getByText(`${step}: done.`).first()).toBeVisible();
  // The word about it may come before the screen shows what is next.
  await expect(page.getByRole('button', { name: `Done: ${step}` })).toHaveCount(0);
  for (const [question, answer] of answers) {
    const row = page.getByRole('button', { name: new RegExp(`${question.source}.*${answer}`) });
    await row.first().click();
    await expect(page.getByRole('status').first()).toBeVisible();
  }
  return step;
};

/** Puts every question off that is open. */
const later = async (page: Page) => {
  while (await button(page, 'Look later').isVisible()) await button(page, 'Look later').click();
};

test('a short job is done to its end: a check that failed, a bleed, and a route planned anew', async ({
  page,
}) => {
  test.setTimeout(240_000);
  await takeIn(page, 'side-table');
  await open(page, '/pieces/side-table/bench');
  const done: string[] = [];
  let washed = 0;
  let bled = false;
  while (!(await page.getByText('Nothing to do on this piece').isVisible())) {
    const step = await title(page);
    if (/^Degrease/.test(step) && washed++ === 0) {
      // The water stayed grey: the same step comes again.
      await doStep(page, [[/Is the last wash water clear\?/, 'Grey or brown']]);
      await expect(page.getByRole('heading', { level: 1 })).toHaveText(step);
      done.push(step);
      continue;
    }
    done.push(await doStep(page));
    if (/enamel.*coat 1/.test(step) && !bled) {
      bled = true;
      await button(page, /What else meanwhile/).waitFor();
      while (!(await page.getByText('Does any place turn yellow, pink or brown?').isVisible())) {
        await button(page, 'Look later').click();
      }
      await button(page, /Does any place turn yellow.*Yes, a tint comes through/).click();
      await expect(page.getByRole('heading', { level: 1 })).toHaveText(
        'Colour comes through primer or paint',
      );
      await expect(page.getByText('Stop, and let it dry right through.')).toBeVisible();
      await expectNoSidewaysScroll(page);
      await page.getByRole('radio', { name: 'Yellow to brown' }).click();
      const seal = button(page, 'Go this way: Seal it with shellac, then paint again');
      await expect(seal).toBeVisible();
      await expect(page.getByText(/what is done stays done/)).toBeVisible();
      const box = await seal.boundingBox();
      expect((box?.height ?? 0) >= 64).toBe(true);
      await seal.click();
      await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Dull with/);
    }
    await later(page);
  }
  expect(washed).toBe(2);
  const sealed = done.filter((it) => /shellac/.test(it));
  expect(sealed).toHaveLength(2);
  // Shellac comes after the coat that bled, and enamel after the shellac.
  expect(done.findIndex((it) => /shellac/.test(it))).toBeGreaterThan(
    done.findIndex((it) => /enamel/.test(it)),
  );
  expect(done.findLastIndex((it) => /enamel/.test(it))).toBeGreaterThan(
    done.findLastIndex((it) => /shellac/.test(it)),
  );
  await button(page, 'The book of this piece').click();
  await expect(page.getByText('Decided: Seal it with shellac, then paint again.')).toBeVisible();
  await expect(
    page.getByText(/From the wood up: solid hardwood;.*shellac blocker; waterborne cabinet enamel/),
  ).toBeVisible();
  const pdf = await page.request.get('/api/pieces/side-table/book.pdf');
  expect([pdf.status(), pdf.headers()['content-type']]).toEqual([200, 'application/pdf']);
});

test('a bench timer outlives a reload and a lost connection, rings, and says what is late', async ({
  page,
  context,
}) => {
  const after = await movedClock(page);
  await after(0);
  await open(page, '/pieces/radio-console/bench?step=doors%2Fold-finish-comes-off%2F1');
  await button(page, /^Time it: Stripper at work, 25 min/).click();
  const timer = page.getByRole('timer', { name: /^Stripper at work/ });
  await expect(timer).toHaveText('25:00');
  await context.setOffline(true);
  await after(10);
  await expect(timer).toHaveText('15:00');
  await context.setOffline(false);
  await page.reload();
  await expect(timer).toHaveText('15:00');
  await after(26);
  await expect(page.getByText(/Scratch a corner: wrinkled and soft/).first()).toBeVisible();
  await expect(button(page, /^Time is up: Stripper at work, Radio console/)).toBeVisible();
  await after(50);
  await expect(page.getByText(/Wet it again with fresh stripper/)).toBeVisible();
  await button(page, 'Seen: Stripper at work').click();
  await expect(timer).toHaveCount(0);
  await page.unrouteAll({ behavior: 'ignoreErrors' });
});

test('two devices on one piece: what one writes down the other shows within a second', async ({
  page,
  browser,
  shopAt,
}) => {
  const other = await browser.newContext({ baseURL: shopAt });
  const second = await other.newPage();
  await open(page, '/pieces/map-press/bench');
  await open(second, '/pieces/map-press/bench');
  await button(page, 'Something turned up').click();
  await button(page, 'Repairs and parts').click();
  await button(page, 'A drawer sticks').click();
  await page.getByRole('checkbox', { name: 'Top' }).click();
  await button(page, 'Decide later').click();
  await expect(page.getByText('To be decided')).toBeVisible();
  await expect(second.getByText('To be decided')).toBeVisible({ timeout: 1000 });
  await button(page, 'Undo').click();
  await expect(second.getByText('To be decided')).toHaveCount(0, { timeout: 1000 });
  await other.close();
});

test('material with its lot and a note are written down with gloves on, and stand in the book', async ({
  page,
}) => {
  await open(page, '/pieces/card-index/bench?step=fronts%2Fprime-by-risk%2F1');
  await button(page, /^Material used for/).click();
  await page.getByLabel(/^Lot: Pigmented shellac/).fill('B 204');
  await button(page, 'Save what was used').click();
  await expect(page.getByText(/material written down/)).toBeVisible();
  await button(page, /^Note on/).click();
  await page.getByLabel('Note', { exact: true }).fill('Second hand of the brush in the drawer.');
  await button(page, 'Save note').click();
  await expect(page.getByText(/note saved/)).toBeVisible();
  await open(page, '/pieces/card-index/history');
  await expect(page.getByText(/Used: Pigmented shellac.*lot B 204/)).toBeVisible();
  await expect(page.getByText(/Second hand of the brush/)).toBeVisible();
});
