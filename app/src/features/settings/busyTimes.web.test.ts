import ICAL from 'ical.js';
import { busyTimes } from './busyTimes';

const FROM = new Date('2026-03-01T00:00:00Z');
const TO = new Date('2026-04-01T00:00:00Z');
const calendar = (...events: string[][]) =>
  [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//made up//EN',
    ...events.flatMap((it) => ['BEGIN:VEVENT', ...it, 'END:VEVENT']),
    'END:VCALENDAR',
    '',
  ].join('\r\n');
const read = (text: string) => {
  let id = 0;
  return busyTimes(ICAL, text, FROM, TO, () => `b${++id}`);
};

// Written by hand by RFC 5545.
it('single and weekly events are times that are taken', () => {
  const result = read(
    calendar(
      ['UID:1', 'SUMMARY:Dentist', 'DTSTART:20260305T170000Z', 'DTEND:20260305T180000Z'],
      [
        'UID:2',
        'SUMMARY:Choir',
        'DTSTART:20260203T180000Z',
        'DTEND:20260203T200000Z',
        'RRULE:FREQ=WEEKLY',
        'EXDATE:20260317T180000Z',
      ],
    ),
  );
  // Tuesdays of March 2026 are the 3rd, 10th, 17th, 24th and 31st; the 17th was taken out.
  expect(result.ok && result.value.map((it) => `${it.title} ${it.from.slice(0, 16)}`)).toEqual([
    'Dentist 2026-03-05T17:00',
    'Choir 2026-03-03T18:00',
    'Choir 2026-03-10T18:00',
    'Choir 2026-03-24T18:00',
    'Choir 2026-03-31T18:00',
  ]);
});

it('what counts as free, was called off, or is over, takes no time', () => {
  const at = ['DTSTART:20260305T170000Z', 'DTEND:20260305T180000Z'];
  const result = read(
    calendar(
      ['UID:1', 'TRANSP:TRANSPARENT', ...at],
      ['UID:2', 'STATUS:CANCELLED', ...at],
      ['UID:3', 'DTSTART:20250305T170000Z', 'DTEND:20250305T180000Z'],
    ),
  );
  expect(result).toEqual({ ok: true, value: [] });
});

it.each(['', 'no calendar', '{"a":1}'])('“%s” is no calendar, and that is said', (text) => {
  expect(read(text)).toMatchObject({
    ok: false,
    problems: [{ message: expect.stringContaining('Export it as iCalendar') }],
  });
});
