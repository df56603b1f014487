import { asShopCase } from '../testing/asCase';
import { USUAL_SHOP } from '../piece';
import { painted, pieceOf } from '../testing/pieces';
import { nameOfLine, shoppingFor, shoppingPaper, shoppingText } from './index';

const TABLE = {
  ...pieceOf({
    template: 'table',
    known: { top: { substrate: 'hardwood', wood: 'pale', finish: 'varnish', bleed: 'none' } },
    aims: { top: painted('white', 'none') },
  }),
  hardware: [
    {
      id: 'h',
      kind: 'pull' as const,
      name: 'Cup pull',
      count: 6,
      missing: 0,
      holeSpacingMm: 96,
      bag: '',
      disposition: 'replace' as const,
      replacement: null,
      priceEach: 450,
      got: false,
      note: '',
    },
  ],
};
const SHOP = { ...USUAL_SHOP, money: { ...USUAL_SHOP.money, currency: 'EUR' } };
const list = shoppingFor(asShopCase([TABLE], USUAL_SHOP), '2026-03-02');
const paper = shoppingPaper(list, SHOP, Date.parse('2026-03-02T12:00:00Z'));

it('the list as a paper has a box for each thing to buy, by aisle, and none for what is on hand', () => {
  const boxes = paper.sections.flatMap((it) => it.blocks);
  const toBuy = list.lines.filter((it) => it.bought.length > 0);
  expect(boxes).toHaveLength(toBuy.length + 1);
  expect(boxes.every((it) => it.mark === 'tick')).toBe(true);
  expect(paper.sections.map((it) => it.heading)[0]).toBe('Paint and primer');
  expect(paper.sections.every((it) => it.blocks.length > 0)).toBe(true);
});

it('says that prices are placeholders while they are', () => {
  const words = (of: typeof paper) => of.intro.map((it) => it.text).join(' ');
  expect(words(paper)).toMatch(/placeholders/);
  const prices = list.lines.map((it) => ({
    material: it.material,
    containers: [{ size: 1, price: 100 }],
  }));
  const own = shoppingFor(asShopCase([TABLE], { ...USUAL_SHOP, prices }), '2026-03-02');
  expect(words(shoppingPaper(own, USUAL_SHOP, 0))).not.toMatch(/placeholders/);
});

it('as text it can be sent to whoever is in the shop: names with colour, sizes, fittings', () => {
  const text = shoppingText(paper);
  expect(text).toMatch(/^Shopping list\n/);
  expect(text).toMatch(/- Waterborne cabinet enamel, Chalk dust: \d × \S+ (L|ml)/);
  expect(text).toMatch(/- 6 × Cup pull: Hole spacing 96 mm/);
  expect(text).not.toMatch(/undefined|NaN|null/);
});

it('materials are called as they are called where the shop measures', () => {
  // Bare wood is dusted off with alcohol.
  const bare = pieceOf({
    template: 'table',
    known: { top: { substrate: 'hardwood', wood: 'pale', finish: 'bare', bleed: 'none' } },
    aims: { top: { kind: 'clear', topcoat: 'waterborne' } },
  });
  const us = shoppingFor(asShopCase([bare], { ...USUAL_SHOP, units: 'us' }), '2026-03-02');
  const here = shoppingFor(asShopCase([bare], USUAL_SHOP), '2026-03-02');
  const labels = (of: typeof list) => of.lines.map((it) => it.label).join(', ');
  expect(labels(us)).toMatch(/Denatured alcohol/);
  expect(labels(here)).toMatch(/Methylated spirit/);
  expect(labels(here)).not.toMatch(/Denatured alcohol|Mineral spirits/);
});

it('a colour that the palette does not know is told by itself', () => {
  expect(nameOfLine({ label: 'Paint', colour: '#22303d' })).toBe('Paint, Harbour night');
  expect(nameOfLine({ label: 'Paint', colour: '#010203' })).toBe('Paint, #010203');
  expect(nameOfLine({ label: 'Glue', colour: null })).toBe('Glue');
});
