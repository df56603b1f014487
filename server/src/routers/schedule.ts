import { calendarAddress } from '@obrik/core/contracts';
import { MINUTE_MS } from '@obrik/core/units';
import {
  OBJECTIVES,
  becauseInWords,
  stalledInWords,
  type TimetableEntry,
} from '@obrik/core/schedule';
import { read } from '@obrik/core/piece';
import { createSession } from 'better-sse';
import { z } from 'zod';
import type { RequestHandler } from 'express';
import type { Heavy } from '../heavy/pool';
import type { PlannedShop } from '../heavy/tasks';
import type { DeviceStore } from '../store/devices';
import { CALENDAR_PATH } from '../pairing/pairedOnly';
import { endpoint, type Endpoint } from '../http/endpoint';
import { minuteOf } from '../http/minute';
import { invalid } from '../http/problem';
import { asCalendar } from '../papers/calendar';
import { atWork } from '../store/atWork';
import type { LedgerStore } from '../store/ledger';

interface Needs {
  readonly ledger: LedgerStore;
  readonly heavy: Heavy;
  readonly devices: DeviceStore;
  readonly now: () => Date;
}

/** Rounds of making it better, where nobody asks for more. */
const ROUNDS = 20;
const SEED = 1;

const time = z.iso.datetime();

/** One operation with its times. */
const entry = z.object({
  pieceId: z.string(),
  piece: z.string(),
  operationId: z.string(),
  title: z.string(),
  surfaceIds: z.array(z.string()),
  /** Whose hands it is in. */
  personIds: z.array(z.string()),
  spaceId: z.string().nullable(),
  start: time,
  end: time,
  /** Active minutes. */
  minutes: z.number(),
  /** The stretches of hours in which it is worked on. */
  worked: z.array(z.object({ from: time, to: time })),
  /** Why it does not begin earlier. */
  because: z.string(),
  /** When the next may follow, and until when without a scuff. */
  opens: time.nullable(),
  closes: time.nullable(),
  /** What it leaves wet never dries in this air. */
  neverDries: z.boolean(),
});

/** A plan of the shop. */
const schedule = z.object({
  from: time,
  /** Planned to its end, or stalled: some of it waits without end as things are. */
  state: z.enum(['planned', 'stalled']),
  /** When the last work is done; null where some of it is stalled. */
  finish: time.nullable(),
  /** No order of the work is done before; null where some of it is stalled. */
  bound: time.nullable(),
  /** How far the plan may be from the best there is, as a share of its length. */
  gap: z.number(),
  sessions: z.int(),
  entries: z.array(entry),
  /** Operations that wait without end in these hours and this air, and what stalls each. */
  stalled: z.array(
    z.object({
      pieceId: z.string(),
      title: z.string(),
      by: z.enum(['drying', 'air', 'hours', 'after']),
      because: z.string(),
    }),
  ),
  done: z.array(z.object({ pieceId: z.string(), at: time.nullable() })),
});

const iso = (minute: number): string => new Date(Math.round(minute * MINUTE_MS)).toISOString();
const isoOr = (minute: number | null): string | null => (minute === null ? null : iso(minute));

const entryOf = (it: TimetableEntry): z.input<typeof entry> => ({
  pieceId: it.pieceId,
  piece: it.name,
  operationId: it.operation.id,
  title: it.operation.title,
  surfaceIds: [...it.operation.surfaceIds],
  personIds: [...it.personIds],
  spaceId: it.spaceId,
  start: iso(it.start),
  end: iso(it.end),
  minutes: it.minutes,
  worked: it.worked.map(({ from, to }) => ({ from: iso(from), to: iso(to) })),
  because: becauseInWords(it.because),
  opens: isoOr(it.opens),
  closes: isoOr(it.closes),
  neverDries: it.neverDries,
});

const replyOf = (plan: PlannedShop): z.input<typeof schedule> => ({
  from: iso(plan.timetable.from),
  state: plan.finish === null ? 'stalled' : 'planned',
  finish: isoOr(plan.finish),
  bound: isoOr(plan.bound),
  gap: plan.gap,
  sessions: plan.sessions,
  entries: plan.timetable.entries.map(entryOf),
  stalled: plan.timetable.stalled.map(({ pieceId, operation, by }) => ({
    pieceId,
    title: operation.title,
    by: by.kind,
    because: stalledInWords(by),
  })),
  done: plan.timetable.done.map((it) => ({ pieceId: it.pieceId, at: isoOr(it.at) })),
});

const asked = z.object({
  objective: z.enum(OBJECTIVES).default('finish'),
  rounds: z.coerce.number().int().min(0).max(500).default(ROUNDS),
  seed: z.coerce.number().int().default(SEED),
});

/**
 * Plans while it is listened to (server-sent events): "better" each time that a better plan is
 * found, with its end and how far it may be from the best; at the end "done" with the plan. Who
 * stops listening stops the planning.
 */
export const scheduleStream =
  ({ ledger, heavy, now }: Pick<Needs, 'ledger' | 'heavy' | 'now'>): RequestHandler =>
  async (request, response) => {
    const query = read(asked, request.query);
    if (!query.ok) throw invalid(query.problems);
    const { pieces, shop } = await atWork(ledger);
    const session = await createSession(request, response);
    const say = (event: string, data: unknown) => {
      if (session.isConnected) session.push(data, event);
    };
    const { done, cancel } = heavy.follow(
      (it) => say('better', { ...it, finish: isoOr(it.finish) }),
      pieces,
      shop,
      minuteOf(now()),
      query.value,
    );
    session.on('disconnected', cancel);
    if (!session.isConnected) cancel();
    try {
      say('done', replyOf(await done));
    } catch {
      say('failed', { detail: 'The plan could not be made. Ask again.' });
    }
    response.end();
  };

/** When each step of each piece can be done; nothing is stored. */
export const scheduleEndpoints = ({ ledger, heavy, devices, now }: Needs): readonly Endpoint[] => {
  return [
    endpoint({
      method: 'get',
      path: '/schedule',
      summary: 'When each step of all pieces at work can be done, by these people, in this air',
      query: asked,
      reply: schedule,
      errors: [503],
      handle: async ({ query }) => {
        const { pieces, shop } = await atWork(ledger);
        return replyOf(await heavy.run('schedule', pieces, shop, minuteOf(now()), query));
      },
    }),
    endpoint({
      method: 'get',
      path: CALENDAR_PATH,
      summary: 'The plan as a calendar to subscribe to, with alarms for windows that close',
      query: z.object({ key: z.string().max(200).optional() }),
      content: { reply: 'text/calendar' },
      reply: z.string(),
      errors: [503],
      handle: async () => {
        const { pieces, shop } = await atWork(ledger);
        const usual = asked.parse({});
        const { timetable } = await heavy.run('schedule', pieces, shop, minuteOf(now()), usual);
        return asCalendar(timetable, shop, now());
      },
    }),
    endpoint({
      method: 'post',
      path: '/calendar/addresses',
      summary:
        'An address of the plan for a calendar that has no cookie; it is removed like a paired device',
      reply: calendarAddress,
      handle: async () => {
        const key = await devices.add('A calendar', now(), 'calendar');
        return { path: `/api${CALENDAR_PATH}?key=${key}` };
      },
    }),
  ];
};
