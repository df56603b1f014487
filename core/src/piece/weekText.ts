import { DAY } from '../units';
import { bad, good, type Result } from './problem';
import type { DayPart } from './workshop';

const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;

type Week = readonly (readonly DayPart[])[];

const clock = (minute: number): string =>
  `${Math.floor(minute / 60)}:${String(minute % 60).padStart(2, '0')}`;

const partsInText = (parts: readonly DayPart[]): string =>
  parts.map(({ from, to }) => `${clock(from)}-${clock(to)}`).join(', ');

/** The hours of a week in one line: "Mon-Fri 18:00-21:30; Sat 9:00-17:00". Empty where there are none. */
export const weekInText = (week: Week): string => {
  const groups: { first: number; last: number; text: string }[] = [];
  week.forEach((parts, day) => {
    const text = partsInText(parts);
    const open = groups.at(-1);
    if (open && open.text === text && open.last === day - 1) open.last = day;
    else groups.push({ first: day, last: day, text });
  });
  return groups
    .filter((it) => it.text !== '')
    .map(({ first, last, text }) =>
      first === last ? `${DAYS[first]} ${text}` : `${DAYS[first]}-${DAYS[last]} ${text}`,
    )
    .join('; ');
};

const dayIn = (text: string): number =>
  DAYS.findIndex((it) => it.toLowerCase() === text.slice(0, 3).toLowerCase());

const PART = /^(\d{1,2})(?:[:.](\d{2}))?\s*[-–]\s*(\d{1,2})(?:[:.](\d{2}))?$/;
const GROUP = /^([a-z]{3,9})(?:\s*[-–]\s*([a-z]{3,9}))?\s+(.+)$/i;

const partIn = (text: string): DayPart | undefined => {
  const [, h1, m1 = '0', h2, m2 = '0'] = PART.exec(text.trim()) ?? [];
  if (h1 === undefined || h2 === undefined) return undefined;
  const [from, to] = [Number(h1) * 60 + Number(m1), Number(h2) * 60 + Number(m2)];
  return Number(m1) < 60 && Number(m2) < 60 && to <= DAY && from < to ? { from, to } : undefined;
};

/**
 * Reads the hours of a week from one line.
 * @returns seven days, Monday first; or what can't be read, and how it is written
 */
export const weekFromText = (text: string): Result<DayPart[][]> => {
  const week: DayPart[][] = DAYS.map(() => []);
  for (const group of text.split(';').filter((it) => it.trim() !== '')) {
    const [, from = '', to = from, hours = ''] = GROUP.exec(group.trim()) ?? [];
    const [first, last] = [dayIn(from), dayIn(to)];
    const parts = hours.split(',').map(partIn);
    if (from === '' || first < 0 || last < first || parts.some((it) => it === undefined)) {
      return bad(
        'hours',
        `“${group.trim()}” can’t be read. Write it like: Mon-Fri 18:00-21:30; Sat 9:00-17:00.`,
      );
    }
    for (let day = first; day <= last; day++) {
      week[day] = [...(week[day] ?? []), ...parts.flatMap((it) => it ?? [])];
    }
  }
  return good(week);
};
