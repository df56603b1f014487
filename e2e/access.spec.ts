import AxeBuilder from '@axe-core/playwright';
import { expect } from '@playwright/test';
import { button, expectNoSidewaysScroll, open, test } from './bench';

const SCREENS = [
  ['Pieces', '/pieces'],
  ['New piece', '/pieces/new'],
  ['Look', '/pieces/radio-console/look?surface=right'],
  ['Walk round', '/pieces/map-press/walk'],
  ['Aim', '/pieces/reading-table/aim'],
  ['Route', '/pieces/periodicals-bench/route'],
  ['Test', '/pieces/radio-console/test/alcohol?surface=left'],
  ['Hardware', '/pieces/card-index/hardware'],
  ['Labels', '/pieces/card-index/labels'],
  ['What we know', '/pieces/periodicals-bench/known'],
  ['Handbook', '/handbook'],
  ['Print', '/pieces/card-index/print'],
  ['Compare', '/pieces/reading-table/compare'],
  ['Care sheet', '/pieces/card-index/care'],
  ['Edit', '/pieces/stool/edit'],
  ['History', '/pieces/card-index/history'],
  ['History sheet', '/pieces/card-index/history-sheet'],
  ['Files', '/pieces/card-index/files'],
  ['What waits', '/waiting'],
  ['Pairing', '/pair'],
  ['Settings', '/settings'],
  ['a piece that is not there', '/pieces/nobody/look'],
  ['an address that leads nowhere', '/nowhere'],
] as const;

for (const colorScheme of ['light', 'dark'] as const) {
  test.describe(colorScheme, () => {
    test.use({ colorScheme });
    for (const [name, address] of SCREENS) {
      test(`${name} has no violation that axe calls serious`, async ({ page }) => {
        await open(page, address);
        const rows = page.getByRole('button', { expanded: false });
        if (name === 'Look' || name === 'Route') await rows.first().click();
        const { violations } = await new AxeBuilder({ page }).analyze();
        const serious = violations.filter(
          (it) => it.impact === 'serious' || it.impact === 'critical',
        );
        expect(
          serious.map((it) => `${it.id}: ${it.nodes.map((node) => node.html).join(' ')}`),
        ).toEqual([]);
      });
    }
  });
}

test('every target on the phone is at least 48 px', async ({ page }) => {
  for (const [, address] of SCREENS.slice(0, 7)) {
    await open(page, address);
    const small = await page.evaluate(() =>
      [
        ...document.querySelectorAll<HTMLElement>(
          '[role=button],[role=radio],[role=link],button,input',
        ),
      ]
        .filter((it) => it.offsetParent !== null && !it.closest('[inert]'))
        .filter((it) => !(it instanceof HTMLInputElement))
        .map((it) => ({ name: it.getAttribute('aria-label'), box: it.getBoundingClientRect() }))
        .filter(({ box }) => box.width > 0 && Math.min(box.width, box.height) < 47.5)
        .map(({ name, box }) => `${name} ${Math.round(box.width)}×${Math.round(box.height)}`),
    );
    expect(small).toEqual([]);
  }
});

test('text at twice its size still fits across the phone', async ({ page }) => {
  // 195 px of layout at a zoom of 2 on a phone of 390.
  await page.setViewportSize({ width: 195, height: 422 });
  for (const [, address] of SCREENS) {
    await open(page, address);
    await expectNoSidewaysScroll(page);
  }
});

test('nothing is fetched from anywhere but the shop’s own server', async ({ page, baseURL }) => {
  const strangers: string[] = [];
  page.on('request', (request) => {
    const { origin, protocol } = new URL(request.url());
    if (origin !== baseURL && !['data:', 'blob:'].includes(protocol)) strangers.push(request.url());
  });
  await open(page, '/pieces/card-index/route');
  await button(page, /^Step 1: /).click();
  await page.waitForLoadState('networkidle');
  expect(strangers).toEqual([]);
});
