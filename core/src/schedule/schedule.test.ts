import fc from 'fast-check';
import { anyShops } from '../testing/anyShops';
import { planFaults } from '../testing/planFaults';
import {
  OBJECTIVES,
  boundOf,
  buildPlan,
  calendarOf,
  penaltyOf,
  firstAnswer,
  improved,
  outcomeOf,
  prepare,
  readerOf,
  freeOf,
  type ScheduleProblem,
} from './index';

const ranked = fc.infiniteStream(fc.double({ min: 0, max: 1, noNaN: true }));

describe('a plan', () => {
  it('keeps hands, hours, waits, racks and dust apart, whatever the order it is built in', () => {
    fc.assert(
      fc.property(anyShops, ranked, (problem, ranks) => {
        const rank = [...ranks.take(problem.jobs.length)];
        const plan = buildPlan(prepare(problem), { rank });
        expect(planFaults(problem, plan)).toEqual([]);
        expect(plan.bookings.every((it) => it !== undefined)).toBe(true);
      }),
    );
  });

  it('made better keeps them too, for every objective, and never costs more than the first', () => {
    fc.assert(
      fc.property(anyShops, fc.constantFrom(...OBJECTIVES), (problem, objective) => {
        const prepared = prepare(problem);
        const first = firstAnswer(prepared, objective);
        const better = improved(prepared, objective, { seed: 3, rounds: 25 });
        expect(better.cost).toBeLessThanOrEqual(first.cost);
        expect(planFaults(problem, better.plan)).toEqual([]);
        expect(boundOf(prepared).finish).toBeLessThanOrEqual(better.outcome.finish + 1e-3);
      }),
      { numRuns: 40 },
    );
  });

  it('is the same for the same seed', () => {
    const [problem] = fc.sample(anyShops, { numRuns: 1, seed: 4 });
    const twice = [1, 2].map(() =>
      improved(prepare(problem as ScheduleProblem), 'finish', { seed: 9, rounds: 30 }),
    );
    expect(twice[0]?.plan).toEqual(twice[1]?.plan);
  });

  it('says of every start what it waits for', () => {
    fc.assert(
      fc.property(anyShops, (problem) => {
        const { plan } = firstAnswer(prepare(problem), 'finish');
        for (const it of plan.bookings) {
          if (!it) continue;
          const { why } = it;
          if (why.kind === 'free') expect(it.start).toBe(problem.from);
          if (why.kind === 'hands') expect(plan.bookings[why.job]?.end).toBeCloseTo(it.start, 3);
          if (why.kind === 'after')
            expect(plan.bookings[why.job]?.end).toBeLessThanOrEqual(it.start);
        }
      }),
    );
  });
});

describe('the bound', () => {
  it('never rises with one more pair of hands or with longer hours', () => {
    fc.assert(
      fc.property(anyShops, (problem) => {
        const before = boundOf(prepare(problem)).finish;
        const longer: ScheduleProblem = {
          ...problem,
          calendars: problem.calendars.map((it) =>
            calendarOf(it.spans.map(({ from, to }) => ({ from: from - 60, to: to + 90 }))),
          ),
        };
        expect(boundOf(prepare(longer)).finish).toBeLessThanOrEqual(before + 1e-3);
        const more = problem.resources.length;
        const helped: ScheduleProblem = {
          ...problem,
          resources: [...problem.resources, { name: 'help', capacity: 1, isPerson: true }],
          jobs: problem.jobs.map((it) => ({
            ...it,
            ways: [...it.ways, ...it.ways.slice(0, 1).map((way) => ({ ...way, hands: [more] }))],
          })),
        };
        expect(boundOf(prepare(helped)).finish).toBeLessThanOrEqual(before + 1e-3);
      }),
    );
  });
});

/** A shop of one person, nine to five every day, with jobs by hand. */
const byHand = (
  told: Partial<ScheduleProblem> & Pick<ScheduleProblem, 'jobs'>,
): ScheduleProblem => ({
  from: 0,
  projects: [{ name: 'piece', due: null }],
  links: [],
  resources: [{ name: 'Runa', capacity: 1, isPerson: true }],
  spaces: ['shop'],
  calendars: [
    calendarOf(
      Array.from({ length: 30 }, (_, day) => ({ from: day * 1440 + 540, to: day * 1440 + 1020 })),
    ),
  ],
  paces: [],
  spreads: [],
  dustSettles: 30,
  ...told,
});
const job = (key: string, work: number, told = {}) => ({
  key,
  project: 0,
  work,
  setUp: 0,
  batchKey: null,
  whole: false,
  ways: [{ hands: [0], uses: [], racks: [], space: 0, calendar: 0 }],
  makesDust: false,
  wet: null,
  holds: null,
  release: 0,
  fixed: null,
  ...told,
});
const after = (before: number, then: number, min: number, max: number | null = null) => ({
  before,
  after: then,
  min: { minutes: min, pace: null },
  max: max === null ? null : { minutes: max, pace: null },
  missed: 15,
});
const timesOf = (problem: ScheduleProblem) =>
  improved(prepare(problem), 'finish', { seed: 1, rounds: 60 }).plan.bookings.map((it) => [
    it?.start,
    it?.end,
  ]);

/* Small cases worked out by hand. */
describe('by hand', () => {
  it('work rests at night, waits run on', () => {
    const plan = timesOf(
      byHand({ jobs: [job('strip', 600), job('coat', 60)], links: [after(0, 1, 720)] }),
    );
    // Eight hours on the first day, two on the second until 11:00; twelve hours later is 23:00.
    expect(plan).toEqual([
      [540, 1440 + 660],
      [2 * 1440 + 540, 2 * 1440 + 600],
    ]);
  });

  it('a coat is not begun at the end of a day that it would outlast', () => {
    const plan = timesOf(
      byHand({
        jobs: [job('wash', 460), job('coat', 60, { whole: true })],
        links: [after(0, 1, 0)],
      }),
    );
    expect(plan[1]).toEqual([1440 + 540, 1440 + 600]);
  });

  it('the like follows the like, and sets up once', () => {
    const grey = { batchKey: 'grey', setUp: 20 };
    const plan = timesOf(
      byHand({ jobs: [job('top', 10, grey), job('sand', 30), job('sides', 10, grey)] }),
    );
    const ends = plan.map((it) => it[1] ?? 0);
    // 20 + 10 + 10 for the two coats, 30 for the sanding.
    expect(Math.max(...ends)).toBe(540 + 70);
  });

  it('no dust beside a wet coat; it waits until the film is dry', () => {
    const plan = timesOf(
      byHand({
        jobs: [
          job('coat', 30, { wet: { minutes: 90, pace: null } }),
          job('sand', 30, { makesDust: true }),
        ],
        links: [after(0, 1, 0)],
      }),
    );
    expect(plan[1]?.[0]).toBe(540 + 30 + 90);
  });

  it('a coat before the weekend is put off, so that its window holds', () => {
    // The window closes 16 hours after the first coat; nobody is there on the second and third day.
    const jobs = [
      job('wash', 400),
      job('first', 60, { whole: true }),
      job('second', 60, { whole: true }),
    ];
    const calendars = [
      calendarOf([0, 3, 4, 5].map((day) => ({ from: day * 1440 + 540, to: day * 1440 + 1020 }))),
    ];
    const plan = timesOf(
      byHand({ jobs, calendars, links: [after(0, 1, 0), after(1, 2, 120, 960)] }),
    );
    expect(plan[1]?.[0]).toBe(3 * 1440 + 540);
    expect(plan[2]?.[0]).toBe(3 * 1440 + 540 + 60 + 120);
  });

  it('a window that can’t be held is told, with what it costs', () => {
    const jobs = [
      job('first', 60, { fixed: { start: 600, end: 660, way: 0 } }),
      job('second', 60, { whole: true, release: 3 * 1440 }),
    ];
    const prepared = prepare(byHand({ jobs, links: [after(0, 1, 120, 960)] }));
    const { outcome } = firstAnswer(prepared, 'finish');
    expect(outcome.missed).toMatchObject([{ closes: 660 + 960, link: { missed: 15 } }]);
    expect(penaltyOf(prepared, outcome, 'finish')).toBeGreaterThan(outcome.finish);
  });

  it('what finds no hours in the calendar has no time, nor what rests on it', () => {
    const jobs = [job('long', 9000), job('after', 10), job('short', 10)];
    const calendars = [calendarOf([{ from: 540, to: 1020 }])];
    const prepared = prepare(byHand({ jobs, calendars, links: [after(0, 1, 0)] }));
    const { outcome } = firstAnswer(prepared, 'finish');
    expect(outcome.without).toEqual([0, 1]);
    expect(outcome.done).toEqual([null]);
  });

  it('few sessions: work is put together rather than spread', () => {
    const jobs = [job('a', 60), job('b', 60), job('c', 60, { release: 1440 })];
    const prepared = prepare(byHand({ jobs }));
    expect(
      outcomeOf(prepared, improved(prepared, 'sessions', { seed: 1, rounds: 200 }).plan).sessions,
    ).toBe(2);
  });
});

describe('a calendar', () => {
  const spans = fc.array(
    fc.record({
      from: fc.integer({ min: 0, max: 2000 }),
      length: fc.integer({ min: 1, max: 300 }),
    }),
    { minLength: 1, maxLength: 12 },
  );
  it('counts and finds minutes as counting one by one does', () => {
    const time = fc.integer({ min: 0, max: 2200 });
    fc.assert(
      fc.property(spans, time, fc.integer({ min: 1, max: 400 }), (told, from, minutes) => {
        const calendar = calendarOf(told.map((it) => ({ from: it.from, to: it.from + it.length })));
        const isOpen = (at: number) => told.some((it) => it.from <= at && at < it.from + it.length);
        const reader = readerOf(calendar);
        const open = Array.from({ length: 2500 }, (_, at) => isOpen(at));
        const count = (a: number, b: number) => open.slice(a, b).filter(Boolean).length;
        expect(reader.within(from, from + minutes)).toBe(count(from, from + minutes));
        const end = reader.after(from, minutes);
        if (end === Infinity) expect(count(from, 2500)).toBeLessThan(minutes);
        else {
          expect(count(from, end)).toBe(minutes);
          expect(open[end - 1]).toBe(true);
        }
      }),
    );
  });

  it('without appointments has what is left', () => {
    const day = calendarOf([{ from: 0, to: 100 }]);
    expect(
      freeOf(day, [
        { from: 20, to: 30 },
        { from: 90, to: 120 },
      ]).spans,
    ).toEqual([
      { from: 0, to: 20 },
      { from: 30, to: 90 },
    ]);
  });
});
