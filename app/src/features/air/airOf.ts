import { MINUTE_MS } from '@obrik/core/units';
import { readAirLog, readEpw } from '@obrik/core/exchange';
import { bad, good, type AirFile, type Result } from '@obrik/core/piece';
import { asAirFile } from '@obrik/core/drying';
import Papa from 'papaparse';

const HOURS_OF_YEAR = 8760;
/** A year is kept every third hour; what is shorter, each hour. */
const STEP_OF_YEAR = 3;

/**
 * The air by a file that somebody chose: a weather file (EPW), or the table of a data logger.
 * @param year the year that the hours of a weather file are read as
 * @returns what the shop keeps of it, read outside until it is said otherwise; or what is wrong with it
 */
export const airOf = (name: string, text: string, year: number): Result<AirFile> => {
  const isWeather = text.startsWith('LOCATION,');
  const read = isWeather
    ? readEpw(text, year)
    : readAirLog(
        Papa.parse<string[]>(text, { skipEmptyLines: true }).data,
        (cell) => Date.parse(cell) / MINUTE_MS,
      );
  if (!read.ok) return read;
  const { length } = read.value.hours;
  if (length > HOURS_OF_YEAR + 24) {
    return bad('(file)', `It has ${length} hours; a year is kept at the most. Cut it shorter.`);
  }
  return good(
    asAirFile(read.value, {
      name: name.slice(0, 120),
      comesAgain: isWeather,
      spaceId: null,
      stepHours: length > HOURS_OF_YEAR / 2 ? STEP_OF_YEAR : 1,
    }),
  );
};
