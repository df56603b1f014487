import type { Minute } from '../../climate';

/** A stretch of time. */
export interface Span {
  readonly from: Minute;
  readonly to: Minute;
}

/** When something may be done: stretches in order that don't touch. */
export interface Calendar {
  readonly spans: readonly Span[];
}

/** Work that is left for less than this at the end of a window is begun in the next, minutes (J). */
const WORTH_BEGINNING = 15;

/** From 1970 on for two thousand years. */
export const ALWAYS: Calendar = { spans: [{ from: 0, to: 1e9 }] };

/** Puts stretches in order and joins those that touch or overlap. */
export const calendarOf = (spans: readonly Span[]): Calendar => {
  const joined: { from: Minute; to: Minute }[] = [];
  for (const { from, to } of [...spans].sort((a, b) => a.from - b.from)) {
    const last = joined.at(-1);
    if (to <= from) continue;
    if (last && from <= last.to) last.to = Math.max(last.to, to);
    else joined.push({ from, to });
  }
  return { spans: joined };
};

/** What is in both. */
export const both = (a: Calendar, b: Calendar): Calendar => {
  const spans: Span[] = [];
  let [i, j] = [0, 0];
  for (;;) {
    const [one, other] = [a.spans[i], b.spans[j]];
    if (!one || !other) return { spans };
    const from = Math.max(one.from, other.from);
    const to = Math.min(one.to, other.to);
    if (from < to) spans.push({ from, to });
    if (one.to < other.to) i++;
    else j++;
  }
};

/** What is in either. */
export const either = (all: readonly Calendar[]): Calendar =>
  calendarOf(all.flatMap((it) => it.spans));

/** What is in the first and in none of the others. */
export const freeOf = (a: Calendar, taken: readonly Span[]): Calendar => {
  const gaps: Span[] = [];
  let from = -Infinity;
  for (const it of calendarOf(taken).spans) {
    gaps.push({ from, to: it.from });
    from = it.to;
  }
  return both(a, { spans: [...gaps, { from, to: Infinity }] });
};

/** A calendar made ready for many questions. */
export interface Reader {
  /** The index of the stretch that a time lies in or that comes next; past the last, their number. */
  at(time: Minute): number;
  /**
   * The first time from some time on at which work of this length may begin, and when it is done.
   * @param whole in one stretch; else it rests between stretches
   * @returns undefined where the calendar has no room for it
   */
  room(from: Minute, minutes: number, whole: boolean): Span | undefined;
  /** Minutes of the calendar between two times. */
  within(from: Minute, to: Minute): number;
  /** When so many minutes of the calendar have passed since some time; Infinity where never. */
  after(from: Minute, minutes: number): Minute;
  /** The stretches in which such work is done. */
  segments(span: Span): readonly Span[];
  /** The longest stretch. */
  readonly longest: number;
  readonly calendar: Calendar;
}

export const readerOf = (calendar: Calendar): Reader => {
  const { spans } = calendar;
  const count = spans.length;
  const starts = spans.map((it) => it.from);
  const ends = spans.map((it) => it.to);
  /** Minutes of the calendar before each stretch. */
  const sums = new Float64Array(count + 1);
  for (let i = 0; i < count; i++) {
    sums[i + 1] = (sums[i] as number) + (ends[i] as number) - (starts[i] as number);
  }
  const at = (time: Minute): number => {
    let [low, high] = [0, count];
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((ends[middle] as number) <= time) low = middle + 1;
      else high = middle;
    }
    return low;
  };
  const sumAt = (time: Minute): number => {
    const index = at(time);
    const start = starts[index];
    if (start === undefined) return sums[count] as number;
    if (time <= start) return sums[index] as number;
    return (sums[index] as number) + time - start;
  };
  const after = (from: Minute, minutes: number): Minute => {
    let index = at(from);
    let time = Math.max(from, starts[index] ?? Infinity);
    if (index >= count) return Infinity;
    const first = (ends[index] as number) - time;
    if (minutes <= first) return time + minutes;
    const wanted = sumAt(time) + minutes;
    let [low, high] = [index + 1, count];
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((sums[middle + 1] as number) < wanted - 1e-9) low = middle + 1;
      else high = middle;
    }
    index = low;
    if (index >= count) return Infinity;
    time = starts[index] as number;
    return time + wanted - (sums[index] as number);
  };
  const room = (from: Minute, minutes: number, whole: boolean): Span | undefined => {
    for (let index = at(from); index < count; index++) {
      const begin = Math.max(from, starts[index] as number);
      const left = (ends[index] as number) - begin;
      if (left >= minutes) return { from: begin, to: begin + minutes };
      if (whole || left < WORTH_BEGINNING) continue;
      const to = after(begin, minutes);
      return to === Infinity ? undefined : { from: begin, to };
    }
    return undefined;
  };
  return {
    at,
    room,
    after,
    within: (from, to) => Math.max(0, sumAt(to) - sumAt(from)),
    segments: ({ from, to }) => {
      const found: Span[] = [];
      for (let index = at(from); index < count; index++) {
        const begin = Math.max(from, starts[index] as number);
        if (begin >= to) break;
        found.push({ from: begin, to: Math.min(to, ends[index] as number) });
      }
      return found;
    },
    longest: spans.reduce((most, it) => Math.max(most, it.to - it.from), 0),
    calendar,
  };
};
