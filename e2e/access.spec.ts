import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';
import { button, expectNoSidewaysScroll, open, test } from './bench';
import { SCREENS } from './screens';

// Each screen by itself, and all of them take a while: not one after the other.
test.describe.configure({ mode: 'parallel' });

/* Shapes that nobody would write, by hand from slips that were seen. */
const FORBIDDEN: readonly (readonly [string, RegExp])[] = [
  [
    'one of many',
    /(?<![\d.,–]|bay |row |column )\b1 (surfaces|doors|drawers|steps|places|coats|layers|parts|entries|looks|damages)\b/i,
  ],
  ['what was left out', /undefined|NaN|\bnull\b|\[object/],
  ['a name of the code', /\b[a-z]+[A-Z][a-z]{2,}/],
  ['an id', /\b(?=[\w-]*\d)(?=[\w-]*[A-Z])[A-Za-z0-9_-]{20,}\b/],
  ['a negative length', /(^|[\s(])-\d+ (mm|cm|in)\b/],
  ['two stops', /(?<!\.)\.\.(?!\.)|,,|\.;/],
];

/** What axe calls serious of what is shown now. */
const seriousOn = async (page: Page, ...rules: string[]): Promise<string[]> => {
  // There are no frames: looked at in the page itself, which takes half the time.
  const axe = new AxeBuilder({ page }).setLegacyMode(true).options({ resultTypes: ['violations'] });
  const { violations } = await (rules.length > 0 ? axe.withRules(rules) : axe).analyze();
  return violations
    .filter((it) => it.impact === 'serious' || it.impact === 'critical')
    .map((it) => `${it.id}: ${it.nodes.map((node) => node.html).join(' ')}`);
};

/** What a glove would miss: its name and size. */
const smallTargets = (page: Page): Promise<string[]> =>
  page.evaluate(() =>
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

/** So many screens are visited by one device: the record is fetched once for all of them. */
const AT_ONCE = 5;
const visits = Array.from({ length: Math.ceil(SCREENS.length / AT_ONCE) }, (_, nth) =>
  SCREENS.slice(nth * AT_ONCE, (nth + 1) * AT_ONCE),
);

/** What every screen owes: whole words, targets for gloves, nothing serious in light or dark, no sideways scroll at twice the size. */
const answersFor = async (page: Page, name: string, address: string): Promise<void> => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.emulateMedia({ colorScheme: 'light' });
  await open(page, address);
  await expect.soft(page.getByRole('heading', { level: 1 })).toHaveCount(1);
  const text = await page.getByRole('main').first().innerText();
  for (const [what, shape] of FORBIDDEN) expect.soft(shape.exec(text)?.[0], what).toBeUndefined();
  const rows = page.getByRole('button', { expanded: false });
  if (name === 'Look' || name === 'Route') await rows.first().click();
  expect.soft(await seriousOn(page)).toEqual([]);
  expect.soft(await smallTargets(page), 'at least 48 px').toEqual([]);
  await page.emulateMedia({ colorScheme: 'dark' });
  expect.soft(await seriousOn(page, 'color-contrast'), 'dark').toEqual([]);
  // 195 px of layout at a zoom of 2 on a phone of 390.
  await page.setViewportSize({ width: 195, height: 422 });
  await expectNoSidewaysScroll(page);
};

/* One visit answers for all that a screen owes: opening it takes longer than looking at it. */
for (const screens of visits) {
  const names = screens.map(([name]) => name).join(', ');
  test(`can be used by everybody, in light and dark, and at twice the size: ${names}`, async ({
    page,
  }) => {
    test.setTimeout(screens.length * 60_000);
    for (const [name, address] of screens) {
      await test.step(name, () => answersFor(page, name, address));
    }
  });
}

test('nothing is fetched from anywhere but the shop’s own server', async ({ page, baseURL }) => {
  const strangers: string[] = [];
  page.on('request', (request) => {
    const { origin, protocol } = new URL(request.url());
    if (origin !== baseURL && !['data:', 'blob:'].includes(protocol)) strangers.push(request.url());
  });
  await open(page, '/pieces/card-index/route');
  await button(page, /^Step \d+: /).click();
  await page.waitForLoadState('networkidle');
  expect(strangers).toEqual([]);
});
