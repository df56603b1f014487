import { parse, unparse } from 'papaparse';
import { MATERIALS } from '../catalog';
import { pricesTable, readPrices } from './index';

const OWN = [
  { material: 'maskingTape' as const, containers: [{ size: 50, price: 305 }] },
  {
    material: 'cabinetEnamel' as const,
    containers: [
      { size: 0.75, price: 1999 },
      { size: 2.5, price: 5450 },
    ],
  },
];
const cellsOf = (text: string) => parse<string[]>(text, { skipEmptyLines: true }).data;

describe('a price list', () => {
  it.each(['EUR', 'JPY', null])('saved as CSV and read again is the same (%s)', (currency) => {
    const { columns, rows } = pricesTable(OWN, currency);
    const text = unparse({ fields: [...columns], data: rows.map((it) => [...it]) });
    expect(readPrices(cellsOf(`\uFEFF${text}`), currency)).toEqual({ prices: OWN, problems: [] });
  });

  it('has every material that is used up, and what nobody set as a placeholder', () => {
    const { rows } = pricesTable(OWN, null);
    const named = new Set(rows.map((it) => it[0]));
    expect(named.size).toBe(MATERIALS.rows.filter((it) => !it.kept).length);
    expect(rows.filter((it) => it[5] === 'yes')).toHaveLength(3);
  });

  it('of a spreadsheet with commas and other columns is taken; what is wrong is told by its line', () => {
    const told = readPrices(
      cellsOf(
        [
          'Price;Size;Material;Where',
          '19,99;0,75;cabinetEnamel;left shelf',
          'free;1;oilClear;',
          '12.40;much;oilClear;',
          '12.40;1;clamps;',
          '12.40;1;moonDust;',
        ].join('\n'),
      ),
      'EUR',
    );
    expect(told.prices).toEqual([
      { material: 'cabinetEnamel', containers: [{ size: 0.75, price: 1999 }] },
    ]);
    expect(told.problems.map((it) => it.line)).toEqual([3, 4, 5, 6]);
    expect(told.problems.map((it) => it.message).join(' ')).toMatch(/free.*much.*clamps.*moonDust/);
  });

  it('without its columns is not guessed at', () => {
    const told = readPrices(
      [
        ['a', 'b'],
        ['1', '2'],
      ],
      null,
    );
    expect(told.prices).toEqual([]);
    expect(told.problems[0]?.message).toMatch(/material, size, price/);
    expect(readPrices([], null).problems).toHaveLength(1);
  });
});
