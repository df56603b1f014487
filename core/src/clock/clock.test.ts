import { dayAfter, dayInWords, monthsAfter, placeClock, weekdayOf } from './index';

// As the time-zone database has it (values from memory): in December Auckland is 13 hours ahead of UTC,
// Berlin one, and New York five behind.
const berlin = placeClock('Europe/Berlin');
const auckland = placeClock('Pacific/Auckland');

it('tells day and time by the clock of the place, not of the machine', () => {
  const at = Date.UTC(2026, 11, 1, 23, 5);
  expect(auckland.dayAndTime(at)).toBe('2 Dec 2026, 12:05');
  expect(berlin.iso(at)).toBe('2026-12-02');
  expect(placeClock('America/New_York').weekdayAndTime(at)).toBe('Tue 18:05');
  expect(auckland.isSameDay(at, Date.UTC(2026, 11, 2, 10, 59))).toBe(true);
  expect(auckland.isSameDay(at, Date.UTC(2026, 11, 2, 11, 0))).toBe(false);
});

// Clocks change on 29 March and 25 October 2026 in Europe, on 8 March in New York, on 5 April in Sydney.
it.each([
  ['Europe/Oslo', '2026-03-28', 24],
  ['Europe/Oslo', '2026-03-29', 23],
  ['Europe/Oslo', '2026-10-25', 25],
  ['America/New_York', '2026-03-08', 23],
  ['Australia/Sydney', '2026-04-05', 25],
])('in %s the day %s has %d hours', (zone, day, hours) => {
  const clock = placeClock(zone);
  const begins = clock.minutesInto(day, 0);
  expect(clock.minutesInto(dayAfter(day, 1), 0) - begins).toBe(hours * 3_600_000);
  expect(clock.midnight(begins, 1) - begins).toBe(hours * 3_600_000);
  // Noon stays noon.
  expect(clock.time(clock.daysLater(clock.minutesInto(day, 720), 1))).toBe('12:00');
});

it('counts days and months of the calendar', () => {
  expect(dayAfter('2028-02-28', 1)).toBe('2028-02-29');
  expect(dayAfter('2026-01-01', -1)).toBe('2025-12-31');
  expect(monthsAfter('2026-08-31', 6)).toBe('2027-02-28');
  expect(dayInWords('2026-03-29')).toBe('29 Mar 2026');
  // A Sunday.
  expect(weekdayOf('2026-03-29')).toBe(6);
  expect(placeClock('Asia/Kolkata').aheadOfUtc(0)).toBe(330);
});
