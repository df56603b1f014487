import { MINUTE_MS } from '@obrik/core/units';
import type { Shop } from '@obrik/core/piece';
import { inSessions, type Session, type Timetable } from '@obrik/core/schedule';
import ical, { ICalAlarmType } from 'ical-generator';

const at = (minute: number): Date => new Date(minute * MINUTE_MS);

/** A window that closes is told so long before, minutes. */
const BEFORE = 60;

/** Each sitting once: its steps, by piece. */
const stepsIn = ({ entries }: Session): string =>
  [...new Map(entries.map((it) => [`${it.pieceId}/${it.operation.id}`, it])).values()]
    .map((it) => `${it.name}: ${it.operation.title} (${Math.round(it.minutes)} min)`)
    .join('\n');

const namesIn = ({ entries }: Session): string =>
  [...new Set(entries.map((it) => it.name))].join(', ');

/**
 * The plan as a calendar to subscribe to (iCalendar, RFC 5545): sittings of each person, and windows
 * that close with an alarm before.
 */
export const asCalendar = ({ entries }: Timetable, shop: Shop, now: Date): string => {
  const calendar = ical({
    name: 'Obrik',
    prodId: { company: 'obrik', product: 'obrik', language: 'EN' },
  });
  const nameOf = new Map(shop.people.map((it) => [it.id, it.name]));
  for (const it of inSessions(entries)) {
    const who = it.personId === null ? '' : (nameOf.get(it.personId) ?? '');
    calendar.createEvent({
      id: `sitting-${it.personId ?? 'nobody'}-${it.from}@obrik`,
      start: at(it.from),
      end: at(it.to),
      stamp: now,
      summary: who === '' ? namesIn(it) : `${who}: ${namesIn(it)}`,
      description: stepsIn(it),
    });
  }
  for (const it of entries) {
    if (it.closes === null) continue;
    const event = calendar.createEvent({
      id: `closes-${it.pieceId}-${it.operation.id}@obrik`,
      start: at(it.closes),
      end: at(it.closes),
      stamp: now,
      summary: `${it.name}: window closes`,
      description: `The next coat over “${it.operation.title}” wants a scuff from then on.`,
    });
    event.createAlarm({ type: ICalAlarmType.display, triggerBefore: BEFORE * 60 });
  }
  return calendar.toString();
};
