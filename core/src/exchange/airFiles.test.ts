import fc from 'fast-check';
import { airAt } from '../climate';
import { readAirLog, readEpw } from './index';

const HEAD = [
  'LOCATION,Nowhere,-,XXX,Made up,000000,59.9,10.7,1.0,20.0',
  'DESIGN CONDITIONS,0',
  'TYPICAL/EXTREME PERIODS,0',
  'GROUND TEMPERATURES,0',
  'HOLIDAYS/DAYLIGHT SAVINGS,No,0,0,0',
  'COMMENTS 1,made up',
  'COMMENTS 2,',
  'DATA PERIODS,1,1,Data,Sunday,1/1,12/31',
];
/** An hour as EnergyPlus writes it: year, month, day, hour, minute, flags, dry bulb, dew point, humidity … */
const line = (month: number, day: number, hour: number, celsius: number, humidity: number) =>
  `1999,${month},${day},${hour},60,?9?9,${celsius},${celsius - 5},${humidity},101325,0,0,0`;
const minute = (iso: string) => Date.parse(iso) / 60_000;

describe('a weather file', () => {
  it('is read hour by hour, in the local time of its place', () => {
    const read = readEpw(
      [...HEAD, line(3, 1, 1, -2.5, 80), line(3, 1, 2, -3, 85)].join('\r\n'),
      2026,
    );
    if (!read.ok) throw new Error(JSON.stringify(read.problems));
    // The hour 1 of 1 March at UTC+1 is from 23 h UTC of the day before.
    expect(airAt(read.value, minute('2026-02-28T23:30:00Z'))).toEqual({
      celsius: -2.5,
      humidity: 80,
    });
    expect(airAt(read.value, minute('2026-03-01T00:10:00Z'))).toEqual({
      celsius: -3,
      humidity: 85,
    });
  });

  it('passes over hours of which nothing is known', () => {
    const read = readEpw(
      [...HEAD, line(3, 1, 1, 4, 70), line(3, 1, 2, 99.9, 999), line(3, 1, 3, 6, 60)].join('\n'),
      2026,
    );
    expect(read.ok && read.value.hours.map((it) => it.celsius)).toEqual([4, 4, 6]);
  });

  it.each([
    ['no header', 'date,temp\n1,2', 'line 1'],
    ['no hours', HEAD.join('\n'), 'line 9'],
    ['no zone', HEAD.join('\n').replace('1.0,20.0', 'x,20.0'), 'line 1'],
    [
      'a word for a figure',
      [...HEAD, line(3, 1, 1, 4, 70).replace(',70,', ',wet,')].join('\n'),
      'line 9',
    ],
  ])('with %s says where', (_, text, path) => {
    expect(readEpw(text, 2026)).toMatchObject({ ok: false, problems: [{ path }] });
  });

  it('never throws, whatever the text', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        expect(readEpw(`LOCATION,a,b,c,d,e,f,g,1\n${text}`, 2026)).toHaveProperty('ok');
      }),
    );
  });
});

describe('the table of a data logger', () => {
  const read = (table: string[][]) => readAirLog(table, (cell) => minute(cell));
  it('in °F with decimal commas is read as what it was', () => {
    const result = read([
      ['Date/time', 'Temperature (°F)', 'Humidity (%RH)'],
      ['2026-03-01T10:05:00Z', '50,0', '61,5'],
      ['', '', ''],
      ['2026-03-01T11:35:00Z', '68', '40'],
    ]);
    if (!result.ok) throw new Error(JSON.stringify(result.problems));
    expect(result.value.measured).toBe(true);
    expect(result.value.hours[0]?.celsius).toBeCloseTo(10, 6);
    expect(result.value.hours[0]?.humidity).toBe(61.5);
    expect(result.value.hours[1]?.celsius).toBeCloseTo(20, 6);
  });

  it.each([
    [[['a', 'b']], 'row 1'],
    [
      [
        ['time', 'temp', 'rh'],
        ['2026-03-01T10:00:00Z', 'x', '50'],
      ],
      'row 2',
    ],
    [
      [
        ['time', 'temp', 'rh'],
        ['2026-03-01T10:00:00Z', '20', '150'],
      ],
      'row 2',
    ],
    [[['time', 'temp', 'rh']], 'row 2'],
  ])('that can’t be read says in which row', (table, path) => {
    expect(read(table)).toMatchObject({ ok: false, problems: [{ path }] });
  });
});
