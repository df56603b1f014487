import { appointment, bad, good, type Appointment, type Result } from '@obrik/core/piece';
import type ICAL from 'ical.js';

/** The package that reads calendars: fetched by whoever needs it, when a file is chosen. */
type Reader = typeof ICAL;

/** Of what comes again and again, so many are read at most. */
const MOST_TIMES = 400;
/** No shop keeps more. */
const MOST = 500;

const taken = (title: string, from: Date, to: Date, id: string): Appointment[] => {
  const read = appointment.safeParse({
    id,
    title: title.slice(0, 120),
    from: from.toISOString(),
    to: to.toISOString(),
  });
  return read.success && to > from ? [read.data] : [];
};

/** The times of one event within a stretch; what comes again is spread out. */
const timesOf = (event: ICAL.Event, from: Date, to: Date, nextId: () => string): Appointment[] => {
  if (!event.isRecurring()) {
    const [start, end] = [event.startDate.toJSDate(), event.endDate.toJSDate()];
    return end > from && start < to ? taken(event.summary, start, end, nextId()) : [];
  }
  const found: Appointment[] = [];
  const times = event.iterator();
  for (let count = 0; count < MOST_TIMES; count++) {
    const next = times.next() as ICAL.Time | undefined;
    if (!next || next.toJSDate() > to) break;
    const { startDate, endDate, item } = event.getOccurrenceDetails(next);
    if (endDate.toJSDate() > from) {
      found.push(...taken(item.summary, startDate.toJSDate(), endDate.toJSDate(), nextId()));
    }
  }
  return found;
};

/**
 * Times that are taken, from a calendar file (iCalendar, RFC 5545): events that count as free and
 * those that were called off are passed over.
 * @returns the appointments within a stretch, or what is wrong with the file
 */
export const busyTimes = (
  { Component, Event, parse }: Reader,
  text: string,
  from: Date,
  to: Date,
  nextId: () => string,
): Result<Appointment[]> => {
  let events: ICAL.Component[];
  try {
    events = new Component(parse(text) as unknown[]).getAllSubcomponents('vevent');
  } catch {
    return bad('(file)', 'That is no calendar file. Export it as iCalendar (.ics).');
  }
  const busy = events.filter(
    (it) =>
      it.getFirstPropertyValue('transp') !== 'TRANSPARENT' &&
      it.getFirstPropertyValue('status') !== 'CANCELLED' &&
      !it.hasProperty('recurrence-id'),
  );
  const times = busy.flatMap((it) => timesOf(new Event(it), from, to, nextId));
  return times.length > MOST
    ? bad('(file)', `The calendar has ${times.length} times; a shop keeps ${MOST} at the most.`)
    : good(times);
};
