import { DAY } from '../../units';
import type { Operation } from './operation';

/** A working day, minutes. */
const DAY_OF_WORK = 8 * 60;

/** Moves a time on the clock, minutes from the first morning, into working hours. */
const intoWork = (at: number): number => {
  const since = at % DAY;
  return since < DAY_OF_WORK ? at : at - since + DAY;
};

/** The end of work that starts at a time within working hours and rests at night. */
const afterWork = (start: number, minutes: number): number => {
  let at = start;
  let left = minutes;
  for (;;) {
    const today = DAY_OF_WORK - (at % DAY);
    if (left <= today) return at + left;
    left -= today;
    at = intoWork(at + today);
  }
};

/**
 * How many days a route takes one person who works eight hours a day and follows its order: work
 * rests at night, waits run on, and each wait holds up only the surfaces that it is for.
 * Model: list scheduling in the order of the route. Limits: one piece, one person, waits as
 * labelled and not by the air; the calendar proper is planned elsewhere.
 */
export const calendarDays = (operations: readonly Operation[]): number => {
  let hands = 0;
  const free = new Map<string, number>();
  for (const it of operations) {
    const waited = Math.max(hands, ...it.surfaceIds.map((id) => free.get(id) ?? 0));
    const end = afterWork(intoWork(waited), it.minutes);
    hands = end;
    for (const id of it.surfaceIds) free.set(id, end + (it.wait?.minutes ?? 0));
  }
  return Math.max(1, Math.ceil(Math.max(hands, ...free.values(), 1) / DAY));
};
