import path from 'node:path';
import { USUAL_SHOP, type Piece } from '@obrik/core/piece';
import ICAL from 'ical.js';
import { inThreads } from './heavy/pool';
import { entryOf, sendPaleChest, testServer, type TestServer } from './testing/server';

let server: TestServer;
beforeEach(async () => {
  server = await testServer();
  await sendPaleChest(server);
});
afterEach(() => server.close());

interface Told {
  readonly from: string;
  readonly finish: string | null;
  readonly bound: string | null;
  readonly state: string;
  readonly stalled: readonly { readonly by: string; readonly because: string }[];
  readonly entries: readonly {
    readonly title: string;
    readonly start: string;
    readonly end: string;
    readonly because: string;
    readonly worked: readonly { readonly from: string; readonly to: string }[];
  }[];
}

it('the schedule gives every step a time in working hours, with its reason', async () => {
  const { status, body } = await server.api.get('/api/schedule?rounds=5');
  const told = body as Told;
  const route = await server.api.get('/api/pieces/chest-1/route.pdf');
  expect([status, route.status]).toEqual([200, 200]);
  expect([told.state, told.stalled]).toEqual(['planned', []]);
  expect(told.entries.length).toBeGreaterThan(5);
  expect((told.bound ?? 'z') <= (told.finish ?? '')).toBe(true);
  for (const it of told.entries) {
    expect(it.because).toMatch(/^[A-Z].+\.$/);
    expect(it.start < it.end && it.start >= told.from).toBe(true);
    for (const { from, to } of it.worked) {
      // The usual week of a shop that has said nothing: evenings and Saturday, by UTC.
      const [begin, end] = [new Date(from), new Date(to)];
      const day = begin.getUTCDay();
      expect(day).not.toBe(0);
      const hour = begin.getUTCHours() + begin.getUTCMinutes() / 60;
      expect(hour).toBeGreaterThanOrEqual(day === 6 ? 9 : 18);
      expect(end.getUTCHours() + end.getUTCMinutes() / 60).toBeLessThanOrEqual(21.51);
    }
  }
});

it.each([4, 6, 7.9])(
  'at %d °C the schedule is stalled, says by what, and has no end',
  async (celsius) => {
    const cold = { kind: 'shopSet', settings: { airCelsius: celsius } } as const;
    await server.api.post('/api/entries').send({ entries: [entryOf(cold, { pieceId: null })] });
    const { status, body } = await server.api.get('/api/schedule?rounds=2');
    const told = body as Told;
    expect([status, told.state, told.finish, told.bound]).toEqual([200, 'stalled', null, null]);
    expect(told.stalled[0]).toMatchObject({
      by: 'air',
      because: expect.stringMatching(/too cold/),
    });
    const calendar = await server.api.get('/api/calendar.ics');
    expect(calendar.status).toBe(200);
  },
);

it('a slip in what is asked says what can be asked', async () => {
  const { status, body } = await server.api.get('/api/schedule?objective=fast&rounds=-1');
  expect(status).toBe(422);
  expect(JSON.stringify(body)).toMatch(/objective.*rounds/s);
});

// Read back by ical.js, which knows the format by itself (RFC 5545).
it('the calendar is one that others can read: the same sittings, with alarms', async () => {
  const { body } = await server.api.get('/api/schedule');
  const { status, headers, text } = await server.api.get('/api/calendar.ics').buffer(true);
  expect(status).toBe(200);
  expect(headers['content-type']).toMatch('text/calendar');
  const events = new ICAL.Component(ICAL.parse(text) as unknown[])
    .getAllSubcomponents('vevent')
    .map((it) => new ICAL.Event(it));
  const worked = (body as Told).entries.flatMap((it) => it.worked);
  const first = [...worked].sort((a, b) => (a.from < b.from ? -1 : 1))[0];
  const sittings = events.filter((it) => it.uid.startsWith('sitting-'));
  expect(sittings.map((it) => it.startDate.toJSDate().getTime())).toContain(
    Math.floor(Date.parse(first?.from ?? '') / 1000) * 1000,
  );
  for (const { from, to } of worked) {
    const inside = sittings.some(
      (it) =>
        it.startDate.toJSDate().getTime() <= Date.parse(from) &&
        Date.parse(to) <= it.endDate.toJSDate().getTime() + 1000,
    );
    expect(inside).toBe(true);
  }
  const closes = events.filter((it) => it.uid.startsWith('closes-'));
  expect(closes.length).toBeGreaterThan(0);
  for (const it of closes) expect(it.component.getAllSubcomponents('valarm')).toHaveLength(1);
});

/** Events of a stream as the standard reads them: fields in any order, comments passed over. */
const saidBy = (text: string): readonly (readonly [string, Record<string, unknown>])[] =>
  text.split('\n\n').flatMap((block) => {
    const fields = new Map(
      block.split('\n').map((line) => [line.split(':')[0], line.slice(line.indexOf(':') + 1)]),
    );
    const [event, data] = [fields.get('event'), fields.get('data')];
    return event && data ? [[event, JSON.parse(data) as Record<string, unknown>] as const] : [];
  });

it('listened to, it tells each better plan and at the end the plan itself', async () => {
  const { status, text } = await server.api.get('/api/schedule/live?rounds=30').buffer(true);
  expect(status).toBe(200);
  const said = saidBy(text);
  expect(said.at(-1)?.[0]).toBe('done');
  const better = said.slice(0, -1);
  expect(better.length).toBeGreaterThan(0);
  expect(better.every(([event]) => event === 'better')).toBe(true);
  const last = better.at(-1)?.[1];
  expect(said.at(-1)?.[1]).toMatchObject({ finish: last?.finish, gap: last?.gap });
  const { body } = await server.api.get('/api/schedule?rounds=30');
  expect(said.at(-1)?.[1]).toEqual(body);
  expect((await server.api.get('/api/schedule/live?rounds=many')).status).toBe(422);
});

it('who stops listening stops the planning, and others are answered', async () => {
  const heavy = inThreads(path.join(__dirname, 'heavy/worker.mjs'));
  const own = await testServer(undefined, { heavy });
  const { body } = await server.api.get('/api/pieces/chest-1');
  const { piece } = body as { readonly piece: Piece };
  const pieces = Array.from({ length: 6 }, (_, nth) => ({ ...piece, id: `chest-${nth}` }));
  const told: number[] = [];
  const planned = heavy.follow(
    (it) => told.push(it.rounds),
    pieces,
    USUAL_SHOP,
    Date.parse('2026-03-02T09:00:00Z') / 60_000,
    { objective: 'finish', seed: 1, rounds: 500_000 },
  );
  planned.done.catch(() => undefined);
  for (let waited = 0; told.length === 0 && waited < 900; waited++) {
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  expect(told.length).toBeGreaterThan(0);
  planned.cancel();
  await expect(planned.done).rejects.toThrow();
  expect((await own.api.get('/api/schedule?rounds=0')).status).toBe(200);
  await own.close();
  await heavy.close();
}, 120_000);
