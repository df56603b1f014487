import fc from 'fast-check';
import {
  lengthToTyped,
  moneyToTyped,
  showArea,
  showDuration,
  showLength,
  showMoney,
  showPercent,
  showTemperature,
  showThickness,
  typedToLength,
  typedToMoney,
  unitSlip,
} from './index';

describe('lengths', () => {
  // Exact: 1 in = 25.4 mm (NIST Special Publication 811).
  it.each([
    [25.4, '1 in'],
    [600.075, '23 5/8 in'],
    [450, '17 11/16 in'],
    [6.35, '1/4 in'],
    [0, '0 in'],
  ])('shows %d mm as a tape does: %s', (mm, shown) => {
    expect(showLength(mm, 'us')).toBe(shown);
  });

  it.each([
    ['450', 'metric', 450],
    ['45,5', 'metric', 45.5],
    ['450 mm', 'metric', 450],
    ['1', 'us', 25.4],
    ['17 3/4', 'us', 450.85],
    ['17-3/4', 'us', 450.85],
    ['3/8"', 'us', 9.525],
    ['12.5 in', 'us', 317.5],
  ] as const)('reads "%s" in %s as %d mm', (typed, system, mm) => {
    expect(typedToLength(typed, system)).toBeCloseTo(mm, 6);
  });

  it.each(['', 'wide', '1/0', '12 x 4', '--3'])('says that "%s" is no length', (typed) => {
    expect(typedToLength(typed, 'us')).toBeUndefined();
  });

  it.each([
    ['34 1/2"', 'metric', 876.3],
    ['34 1/2 in', 'metric', 876.3],
    ['87.6 cm', 'us', 876],
    ['876mm', 'us', 876],
    ['0,9 m', 'metric', 900],
    ['5″', 'metric', 127],
  ] as const)('%s in %s units is %d mm: a unit that is typed stands', (typed, system, mm) => {
    expect(typedToLength(typed, system)).toBeCloseTo(mm, 6);
  });

  // A bedside cabinet is some 450 mm wide and 620 mm high; a table 1400 mm long (common practice).
  it.each([
    [900 * 25.4, 450, 'us', 900, 'mm'],
    [62, 620, 'metric', 620, 'cm'],
    [24, 620, 'metric', 610, 'in'],
    [55, 1400, 'metric', 1397, 'in'],
    [140 * 25.4, 1400, 'us', 1400, 'cm'],
  ] as const)(
    '%d mm where %d mm is usual was typed in the wrong unit',
    (mm, usual, system, meant, unit) => {
      expect(unitSlip(mm, usual, system)).toEqual({ meantMm: meant, unit });
    },
  );

  it.each([
    [900, 450, 'metric'],
    [2200, 1400, 'metric'],
    [5, 450, 'us'],
    [0, 100, 'metric'],
  ] as const)('%d mm where %d mm is usual is left alone', (mm, usual, system) => {
    expect(unitSlip(mm, usual, system)).toBeUndefined();
  });

  it('types back what was read, to a hundredth of an inch or a millimetre', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 5000 }),
        fc.constantFrom('metric', 'us'),
        (mm, system) => {
          const again = typedToLength(lengthToTyped(mm, system), system) ?? NaN;
          expect(Math.abs(again - mm)).toBeLessThanOrEqual(system === 'us' ? 0.128 : 0);
        },
      ),
    );
  });
});

describe('other quantities', () => {
  it('shows areas in both systems', () => {
    expect(showArea(420_000, 'metric')).toBe('0.42 m²');
    // 1 ft² = 92 903.04 mm², exact.
    expect(showArea(929_030.4, 'us')).toBe('10.0 ft²');
  });

  it('shows thin things in µm, thicker in mm, or in mil', () => {
    expect(showThickness(29.25, 'metric')).toBe('29 µm');
    expect(showThickness(600, 'metric')).toBe('0.60 mm');
    expect(showThickness(25.4, 'us')).toBe('1.0 mil');
  });

  it('gives the forbidden heat of 40 CFR 745.85 in both systems: 593 °C is 1100 °F', () => {
    expect(showTemperature(593, 'metric')).toBe('593 °C');
    expect(showTemperature(593.33, 'us')).toBe('1100 °F');
  });

  it.each([
    [0, '0 min'],
    [59.4, '59 min'],
    [60, '1 h'],
    [95, '1 h 35'],
    [125, '2 h 05'],
    [18 * 60, '18 h'],
    [6 * 1440, '6 days'],
  ])('shows %d minutes as %s', (minutes, shown) => {
    expect(showDuration(minutes)).toBe(shown);
  });

  it('never rounds a doubt away', () => {
    expect(showPercent(0.9999)).toBe('over 99 %');
    expect(showPercent(0.0001)).toBe('under 1 %');
    expect(showPercent(0.92)).toBe('92 %');
    expect(showPercent(1)).toBe('100 %');
  });
});

describe('money', () => {
  // ISO 4217: two digits for most, none for yen, three for the Bahraini dinar.
  it.each([
    { minor: 1240, currency: null, shown: '12.40' },
    { minor: 5, currency: 'EUR', shown: '€0.05' },
    { minor: -300, currency: 'EUR', shown: '−€3.00' },
    { minor: 123_456_789, currency: 'USD', shown: '$1,234,567.89' },
    { minor: 1240, currency: 'JPY', shown: '¥1,240' },
    { minor: 1240, currency: 'BHD', shown: 'BHD 1.240' },
    { minor: 0, currency: null, shown: '0.00' },
  ])('$minor of $currency is shown as $shown', ({ minor, currency, shown }) => {
    expect(showMoney(minor, currency).replace(/\u00a0/g, ' ')).toBe(shown);
  });

  it.each([
    { typed: '12', minor: 1200 },
    { typed: '12.4', minor: 1240 },
    { typed: '12,40', minor: 1240 },
    { typed: '1 200', minor: 120_000 },
    { typed: '1.200,50', minor: 120_050 },
    { typed: '1,200.50', minor: 120_050 },
    { typed: '1.200', minor: 120_000 },
    { typed: '€ 3.05', minor: 305 },
    { typed: '', minor: undefined },
    { typed: 'free', minor: undefined },
    { typed: '1.2.3', minor: undefined },
    { typed: '12.405', minor: 1_240_500 },
    { typed: '12.4051', minor: undefined },
    { typed: '-3', minor: undefined },
  ])('“$typed” is read as $minor', ({ typed, minor }) => {
    expect(typedToMoney(typed, 'EUR')).toBe(minor);
  });

  it('is read back as it is typed, for any sum and any number of digits', () => {
    fc.assert(
      fc.property(
        fc.nat(1_000_000_000),
        fc.constantFrom(null, 'EUR', 'JPY', 'BHD'),
        (minor, currency) => {
          expect(typedToMoney(moneyToTyped(minor, currency), currency)).toBe(minor);
        },
      ),
    );
  });
});
