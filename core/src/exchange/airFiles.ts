import { HOUR, MINUTE_MS } from '../units';
import { inRange, type Air, type AirCourse, type Minute } from '../climate';
import { bad, good, type Result } from '../piece';

/** A reading of the air at a time. */
interface Reading {
  readonly at: Minute;
  readonly air: Air;
}

/** The last reading before each hour, from the first to the last; gaps keep what was read last. */
const hourly = (readings: readonly Reading[], measured: boolean): AirCourse => {
  const sorted = [...readings].sort((a, b) => a.at - b.at);
  const from = Math.floor((sorted[0]?.at ?? 0) / HOUR) * HOUR;
  const last = sorted.at(-1)?.at ?? from;
  const hours: Air[] = [];
  let next = 0;
  let air = sorted[0]?.air ?? { celsius: 20, humidity: 50 };
  for (let at = from; at <= last; at += HOUR) {
    for (let it = sorted[next]; it && it.at < at + HOUR; it = sorted[++next]) ({ air } = it);
    hours.push(inRange(air));
  }
  return { from, hours, madeAt: last, measured };
};

/** The cells of an EPW line: month, day, hour, dry bulb and humidity (from 0 on). */
const EPW = { month: 1, day: 2, hour: 3, celsius: 6, humidity: 8, header: 8 } as const;
/** What EPW writes where nothing is known. */
const EPW_MISSING = { celsius: 99, humidity: 999 } as const;

/**
 * Reads a weather file in EnergyPlus' EPW format: eight lines of header, then an hour a line, with
 * hours from 1 to 24 in the local time of the place. The year of the file is passed over: its hours
 * are those of the year that is asked for.
 * @param year the year that the hours are read as
 * @returns a course in UTC, or what is wrong with the file and where
 */
export const readEpw = (text: string, year: number): Result<AirCourse> => {
  const lines = text.split(/\r?\n/);
  const [first = ''] = lines;
  if (!first.startsWith('LOCATION,')) {
    return bad(
      'line 1',
      'A weather file begins with LOCATION. This is none, or not in EPW format.',
    );
  }
  const zone = Number(first.split(',')[8]);
  if (!Number.isFinite(zone)) return bad('line 1', 'The time zone, its ninth cell, is no figure.');
  const readings: Reading[] = [];
  for (const [index, line] of lines.entries()) {
    if (index < EPW.header || line.trim() === '') continue;
    const cells = line.split(',').map(Number);
    const [month, day, hour, celsius, humidity] = [
      cells[EPW.month],
      cells[EPW.day],
      cells[EPW.hour],
      cells[EPW.celsius],
      cells[EPW.humidity],
    ];
    const all = [month, day, hour, celsius, humidity];
    if (!all.every((it): it is number => it !== undefined && Number.isFinite(it))) {
      return bad(`line ${index + 1}`, 'Date, temperature or humidity is no figure.');
    }
    const [m, d, h, t, rh] = all;
    if ((t ?? 99) > EPW_MISSING.celsius - 0.1 || (rh ?? 999) >= EPW_MISSING.humidity) continue;
    const at = Date.UTC(year, (m ?? 1) - 1, d ?? 1, (h ?? 1) - 1) / MINUTE_MS - zone * HOUR;
    readings.push({ at, air: { celsius: t ?? 0, humidity: rh ?? 0 } });
  }
  return readings.length === 0
    ? bad('line 9', 'The file has no hours with temperature and humidity.')
    : good(hourly(readings, false));
};

/** Words by which the columns of a data logger are known, in small letters. */
const COLUMNS = {
  time: ['time', 'date', 'timestamp', 'datetime'],
  celsius: ['temp', '°c', 'celsius'],
  fahrenheit: ['°f', 'fahrenheit'],
  humidity: ['hum', 'rh', '%'],
} as const;

const columnOf = (head: readonly string[], words: readonly string[]): number =>
  head.findIndex((it) => words.some((word) => it.toLowerCase().includes(word)));

const figure = (cell: string | undefined): number =>
  cell === undefined || cell.trim() === '' ? NaN : Number(cell.trim().replace(',', '.'));

/**
 * Reads the table of a data logger: a head that names time, temperature and humidity, then a reading
 * a row. °F is known by its head.
 * @param table cells as text, by row; a table of text is read by whoever calls
 * @param timeOf minute of a time as it is written; NaN where it is none
 * @returns a measured course, or what is wrong and in which row
 */
export const readAirLog = (
  table: readonly (readonly string[])[],
  timeOf: (cell: string) => Minute,
): Result<AirCourse> => {
  const [head = [], ...body] = table;
  const time = columnOf(head, COLUMNS.time);
  const fahrenheit = columnOf(head, COLUMNS.fahrenheit);
  const warmth = fahrenheit >= 0 ? fahrenheit : columnOf(head, COLUMNS.celsius);
  const humidity = columnOf(head, COLUMNS.humidity);
  if (time < 0 || warmth < 0 || humidity < 0) {
    return bad('row 1', 'Name the columns: time, temperature in °C or °F, humidity in %.');
  }
  const readings: Reading[] = [];
  for (const [index, row] of body.entries()) {
    if (row.every((it) => it.trim() === '')) continue;
    const at = timeOf(row[time] ?? '');
    const warm = figure(row[warmth]);
    const damp = figure(row[humidity]);
    if (![at, warm, damp].every(Number.isFinite)) {
      return bad(`row ${index + 2}`, 'Time, temperature or humidity can’t be read.');
    }
    if (damp < 0 || damp > 100) {
      return bad(`row ${index + 2}`, `The humidity is ${damp} %: between 0 and 100 is possible.`);
    }
    const celsius = fahrenheit >= 0 ? (warm - 32) / 1.8 : warm;
    readings.push({ at, air: { celsius, humidity: damp } });
  }
  return readings.length === 0
    ? bad('row 2', 'There is no reading.')
    : good(hourly(readings, true));
};
