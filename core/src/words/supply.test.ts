import {
  DECISION_WORDS,
  containersInWords,
  needInWords,
  percentOf,
  quantityInWords,
  sizeInWords,
  tipInWords,
  wholeInWords,
  type Tip,
} from './index';

describe('how much of a material is said', () => {
  // Units by hand: 1 ft = 0.3048 m, 1 lb = 0.45359237 kg, 1 US gal = 3.785411784 L (exact).
  it.each([
    { quantity: 0.62, unit: 'L', metric: '0.62 L', us: '0.7 qt' },
    { quantity: 0.04, unit: 'L', metric: '40 ml', us: '1 fl oz' },
    { quantity: 3.785411784, unit: 'L', metric: '3.79 L', us: '1.0 gal' },
    { quantity: 0.06, unit: 'kg', metric: '60 g', us: '2.1 oz' },
    { quantity: 1.25, unit: 'kg', metric: '1.3 kg', us: '2.8 lb' },
    { quantity: 12, unit: 'm', metric: '12 m', us: '39.4 ft' },
    { quantity: 0.5, unit: 'm2', metric: '0.5 m²', us: '5.4 ft²' },
    { quantity: 1, unit: 'sheet', metric: '1 sheet', us: '1 sheet' },
    { quantity: 4.32, unit: 'sheet', metric: '4.3 sheets', us: '4.3 sheets' },
    { quantity: 12.66, unit: 'piece', metric: '12.7 pieces', us: '12.7 pieces' },
    { quantity: 0, unit: 'L', metric: '0 L', us: '0 L' },
  ] as const)('$quantity $unit', ({ quantity, unit, metric, us }) => {
    expect(quantityInWords(quantity, unit, 'metric')).toBe(metric);
    expect(quantityInWords(quantity, unit, 'us')).toBe(us);
  });

  it('sheets and pieces are bought whole', () => {
    expect(wholeInWords(4.01, 'sheet', 'metric')).toBe('5 sheets');
    expect(wholeInWords(4, 'sheet', 'metric')).toBe('4 sheets');
    expect(wholeInWords(0.2, 'piece', 'metric')).toBe('1 piece');
    expect(wholeInWords(0.2, 'L', 'metric')).toBe('0.20 L');
  });

  it.each([
    { size: 1, unit: 'L', words: '1 L' },
    { size: 0.25, unit: 'L', words: '250 ml' },
    { size: 2.5, unit: 'L', words: '2.5 L' },
    { size: 0.03, unit: 'kg', words: '30 g' },
    { size: 50, unit: 'm', words: '50 m' },
    { size: 10, unit: 'piece', words: '10 pieces' },
  ] as const)('a size of $size $unit is that of its can', ({ size, unit, words }) => {
    expect(sizeInWords(size, unit, 'metric')).toBe(words);
  });

  it('several containers are said one after the other', () => {
    const bought = [
      { size: 1, count: 2 },
      { size: 0.25, count: 1 },
    ];
    expect(containersInWords(bought, 'L', 'metric')).toBe('2 × 1 L and 1 × 250 ml');
    expect(containersInWords([], 'L', 'metric')).toBe('');
  });

  // 2 coats would be two lines: one step has one coat. 10 m²/L are about 407 ft²/gal.
  it('a coat shows its workings: area, coverage, what gets onto the piece, what stays behind', () => {
    const film = { m2: 1.18, m2PerLitre: 10, transfer: 0.95 };
    const from = { quantity: 0.124, lost: 0.04, film };
    expect(needInWords(from, 'L', 'metric')).toBe(
      '1.2 m² ÷ (10 m²/L × 95 %) + 40 ml in tray, brush or gun',
    );
    expect(needInWords(from, 'L', 'us')).toBe(
      '12.7 ft² at 407 ft²/gal, 95 % on the piece + 1 fl oz in tray, brush or gun',
    );
    expect(needInWords({ quantity: 3, lost: 0, film: null }, 'm', 'metric')).toBe('3 m');
  });
});

describe('what tips a decision', () => {
  const all: readonly (readonly [Parameters<typeof tipInWords>[0], Tip, string])[] = [
    [
      'veneerOrPaint',
      { kind: 'price', at: 8400 },
      '“New veneer on top” pays if it brings at least €84.00 more.',
    ],
    [
      'stripOrPaintOver',
      { kind: 'redo', at: 24_000 },
      '“Strip it first” pays if doing it all over would cost you more than €240.00.',
    ],
    [
      'primerOrCarcass',
      { kind: 'carcass', at: 11_107 },
      'Another carcass pays below €111.07, if it needs no primer and is alike in the rest.',
    ],
    [
      'fittings',
      { kind: 'each', at: 310, count: 24 },
      'New ones pay below €3.10 each, for 24 fittings.',
    ],
    [
      'fittings',
      { kind: 'each', at: -5, count: 1 },
      'New ones cost work as well: keeping the old ones pays at any price.',
    ],
    [
      'coatOrTint',
      { kind: 'always', side: 'b' },
      '“Tinted primer” pays in any case, as far as money and hours go.',
    ],
    [
      'coatOrTint',
      { kind: 'rate', at: 2400, below: 'a' },
      '“White primer, more coats” pays as long as your hour is worth less than €24.00.',
    ],
  ];
  it.each(all)('%s %j', (id, tip, words) => {
    expect(tipInWords(id, tip, 'EUR')).toBe(words);
  });

  it('every decision has a question and two ways', () => {
    for (const { question, a, b } of Object.values(DECISION_WORDS)) {
      expect(question).toMatch(/\?$/);
      expect(a).not.toBe(b);
    }
  });
});

it.each([
  [2000, '20'],
  [750, '7.5'],
  [1, '0.01'],
  [0, '0'],
])('%i hundredths of a percent are %s %%', (share, words) => {
  expect(percentOf(share)).toBe(words);
});
