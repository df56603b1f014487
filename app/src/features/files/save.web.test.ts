import { parse } from 'papaparse';
import { asCsv, fileName } from './save';

describe('a table as CSV', () => {
  const cells = ['plain', 'with, comma', 'with "quotes"', 'two\nlines', 'Ümläut 🪑', 12.5, null];
  const table = { name: 't', columns: ['a', 'b', 'c', 'd', 'e', 'f', 'g'], rows: [cells] };

  it('is read back as it was, by RFC 4180', () => {
    const text = asCsv(table);
    expect(text.startsWith('\uFEFF')).toBe(true);
    const { data } = parse<string[]>(text.slice(1), { newline: '\r\n', skipEmptyLines: true });
    expect(data).toEqual([table.columns, cells.map((it) => String(it ?? ''))]);
  });

  it.each(['=1+1', '+1', '-1', '@SUM(A1)', '\t=1', '\r=1'])(
    'lets no spreadsheet reckon what was typed: %j',
    (typed) => {
      const text = asCsv({ ...table, columns: ['a'], rows: [[typed]] });
      expect(text).toContain(`'${typed}`);
    },
  );
});

it('a file is named after ticket and piece', () => {
  expect(fileName('04', 'Librarian’s stool!', '.csv')).toBe('04-librarian-s-stool.csv');
  expect(fileName('new', '///', '.csv')).toBe('new-piece.csv');
});
