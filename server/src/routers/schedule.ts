import { OBJECTIVES, becauseInWords, type Entry } from '@obrik/core/schedule';
import type { Piece, Shop } from '@obrik/core/piece';
import { z } from 'zod';
import type { Heavy } from '../heavy/pool';
import { endpoint, type Endpoint } from '../http/endpoint';
import { asCalendar } from '../papers/calendar';
import type { LedgerStore } from '../store/ledger';

interface Needs {
  readonly ledger: LedgerStore;
  readonly heavy: Heavy;
  readonly now: () => Date;
}

/** Pieces that are planned together at most. */
const MOST = 80;
/** Rounds of making it better, where nobody asks for more. */
const ROUNDS = 20;
const SEED = 1;
const MS = 60_000;

const time = z.iso.datetime();

/** One operation with its times. */
const entry = z.object({
  pieceId: z.string(),
  piece: z.string(),
  operationId: z.string(),
  title: z.string(),
  surfaceIds: z.array(z.string()),
  personId: z.string().nullable(),
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
});

/** A plan of the shop. */
const schedule = z.object({
  from: time,
  /** When the last work is done. */
  finish: time,
  /** No order of the work is done before. */
  bound: time,
  /** How far the plan may be from the best there is, as a share of its length. */
  gap: z.number(),
  sessions: z.int(),
  entries: z.array(entry),
  /** Operations that find no time in these hours and this air. */
  without: z.array(z.object({ pieceId: z.string(), title: z.string() })),
  done: z.array(z.object({ pieceId: z.string(), at: time.nullable() })),
});

const iso = (minute: number): string => new Date(Math.round(minute * MS)).toISOString();
const isoOr = (minute: number | null): string | null =>
  minute === null || !Number.isFinite(minute) ? null : iso(minute);

const entryOf = (it: Entry): z.input<typeof entry> => ({
  pieceId: it.pieceId,
  piece: it.name,
  operationId: it.operation.id,
  title: it.operation.title,
  surfaceIds: [...it.operation.surfaceIds],
  personId: it.personId,
  spaceId: it.spaceId,
  start: iso(it.start),
  end: iso(it.end),
  minutes: it.minutes,
  worked: it.worked.map(({ from, to }) => ({ from: iso(from), to: iso(to) })),
  because: becauseInWords(it.because),
  opens: isoOr(it.opens),
  closes: isoOr(it.closes),
});

/** When each step of each piece can be done; nothing is stored. */
export const scheduleEndpoints = ({ ledger, heavy, now }: Needs): readonly Endpoint[] => {
  const atWork = async (): Promise<{ pieces: Piece[]; shop: Shop }> => {
    const cards = (await ledger.summaries(0, MOST)).filter((it) => !it.archived);
    const records = await Promise.all(cards.map((it) => ledger.piece(it.pieceId)));
    return {
      pieces: records.flatMap((it) => it?.piece ?? []),
      shop: (await ledger.shop()).shop,
    };
  };
  const minute = (): number => Math.floor(now().getTime() / MS);
  return [
    endpoint({
      method: 'get',
      path: '/schedule',
      summary: 'When each step of all pieces at work can be done, by these people, in this air',
      query: z.object({
        objective: z.enum(OBJECTIVES).default('finish'),
        rounds: z.coerce.number().int().min(0).max(500).default(ROUNDS),
        seed: z.coerce.number().int().default(SEED),
      }),
      reply: schedule,
      errors: [503],
      handle: async ({ query }) => {
        const { pieces, shop } = await atWork();
        const plan = await heavy.run('schedule', pieces, shop, minute(), query);
        return {
          from: iso(plan.timetable.from),
          finish: iso(plan.finish),
          bound: iso(plan.bound),
          gap: plan.gap,
          sessions: plan.sessions,
          entries: plan.timetable.entries.map(entryOf),
          without: plan.timetable.without.map((it) => ({
            pieceId: it.pieceId,
            title: it.operation.title,
          })),
          done: plan.timetable.done.map((it) => ({ pieceId: it.pieceId, at: isoOr(it.at) })),
        };
      },
    }),
    endpoint({
      method: 'get',
      path: '/calendar.ics',
      summary: 'The plan as a calendar to subscribe to, with alarms for windows that close',
      content: { reply: 'text/calendar' },
      reply: z.string(),
      errors: [503],
      handle: async () => {
        const { pieces, shop } = await atWork();
        const asked = { objective: 'finish', rounds: ROUNDS, seed: SEED } as const;
        const { timetable } = await heavy.run('schedule', pieces, shop, minute(), asked);
        return asCalendar(timetable, shop, now());
      },
    }),
  ];
};
