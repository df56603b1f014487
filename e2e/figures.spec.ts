import { expect, type Page } from '@playwright/test';
import { open, test } from './bench';

/* Figures that stand on more than one screen say the same on each of them. */

/** What a screen says, in one line; once it has nothing more to work out. */
const textOf = async (page: Page, address: string, until: RegExp): Promise<string> => {
  await open(page, address);
  const main = page.getByRole('main').first();
  await expect(main).toContainText(until, { timeout: 30_000 });
  return (await main.innerText()).replaceAll(/\s*\n+\s*/g, ' | ');
};

const found = (text: string, shape: RegExp): string =>
  shape.exec(text)?.[1] ?? `no ${shape.source}`;

/** "1 h 27", "52 min". */
const TIME = String.raw`\d+ h \d+|\d+ h|\d+ min`;
/** "25 h of work" and its like. */
const work = (after: string): RegExp => new RegExp(`(${TIME}) ${after}`);

/** Risks as they are listed under a heading, up to the next. */
const risksAfter = (text: string): readonly string[] =>
  [
    ...(text.split(/May go wrong \| /i)[1] ?? '').matchAll(
      /([A-Z][^|]*: \d+ %, [^|]*?)\.?(?: \||$)/g,
    ),
  ]
    .map((it) => it[1] ?? '')
    .slice(0, 3);

for (const [id, name] of [
  ['card-index', 'Card-index cabinet'],
  ['book-trolley', 'Book trolley'],
] as const) {
  test(`work, steps, risks and days agree on all screens: ${name}`, async ({ page }) => {
    test.setTimeout(240_000);
    const at = (place: string) => `/pieces/${id}/${place}`;
    const route = await textOf(page, at('route'), /of work/);
    const steps = new Map(
      (
        await page
          .getByRole('button', { name: /^Step \d+: / })
          .evaluateAll((all) => all.map((it) => it.getAttribute('aria-label') ?? ''))
      ).map((label) => {
        const [, number = '', title = '', time = ''] =
          new RegExp(`^Step (\\d+): (.*), (${TIME})(?:, held)?$`).exec(label) ?? [];
        return [number, { title, time }] as const;
      }),
    );
    const hours = found(route, work('of work'));
    expect(steps.size).toBeGreaterThan(3);

    const print = await textOf(page, at('print'), /hands on/);
    expect(found(print, work('hands on'))).toBe(hours);
    const printed = [...print.matchAll(new RegExp(`\\| (\\d+)\\. ([^|]*?) \\((${TIME})[,)]`, 'g'))];
    expect(printed.map(([, number, title, time]) => [number, { title, time }])).toEqual([...steps]);

    const bench = await textOf(page, at('bench'), /Planned|planned|Something turned up/);
    const planned = found(bench, new RegExp(`Planned (${TIME})`));
    if (!planned.startsWith('no ')) {
      const title = await page.getByRole('heading', { level: 1 }).innerText();
      expect([...steps.values()]).toContainEqual({ title, time: planned });
    }

    const compare = await textOf(page, at('compare'), /As aimed now/);
    const [asAimed = ''] = compare.split('As aimed now').slice(1);
    expect(found(asAimed, work('of work'))).toBe(hours);
    const risks = risksAfter(route);
    expect(risks).toEqual(risksAfter(asAimed).slice(0, risks.length));

    // A wish that is refused is priced for nobody.
    const quote = await textOf(page, at('quote'), /To pay/);
    if (/not in these figures/i.test(asAimed.split('Choose this one')[0] ?? '')) {
      expect(quote).not.toContain('As discussed');
    } else expect(found(quote.split('As discussed')[1] ?? '', work('of work'))).toBe(hours);
    const costs = await textOf(page, at('costs'), /Still to come/);
    expect(found(costs, new RegExp(`Still to come: [^|]*?(?:and )?(${TIME})\\.`))).toBe(hours);
    const clock = await textOf(page, at('clock'), /9 in 10/);
    const day = found(clock, /Done (.*?) · 9 in 10/);
    await expect(async () => {
      expect(await textOf(page, at('quote'), /9 in 10/)).toContain(`done ${day} (9 in 10)`);
    }).toPass();

    const cards = await textOf(page, '/pieces', new RegExp(name));
    const card = cards.slice(cards.indexOf(name), cards.indexOf(name) + 200);
    expect(found(card, new RegExp(`(?:\\||${name}) (?:\\| )?(${TIME}) \\|`))).toBe(hours);
  });
}

test('what is on the shelf is on hand in the shopping list', async ({ page }) => {
  const stock = await textOf(page, '/shop/stock', /Paste wax/);
  const left = found(stock, /Paste wax \| ([\d.]+ \w+) of/);
  const list = await textOf(page, '/shop/shopping', /Paste wax/);
  expect(found(list, /Paste wax \|[^|]*\| need [^|]*on hand ([\d.]+ \w+)/)).toBe(left);
});
