import fc from 'fast-check';
import { paceOf, progressIn, typicalCourse } from '../climate';
import {
  both,
  calendarOf,
  type Job,
  type JobLink,
  type ScheduleProblem,
  type Way,
} from '../schedule';

const HOUR = 60;
const DAY = 24 * HOUR;
/** Monday, 23 March 2026, 0 h UTC: the week before clocks change in much of Europe. */
const START = Date.UTC(2026, 2, 23) / 60_000;
/** So much a rack holds. */
const RACK = 4;

/** Shops with evenings, set-ups, two airs, racks, work for two, appointments and recoat windows. */
export const anyShops: fc.Arbitrary<ScheduleProblem> = fc
  .record({
    people: fc.array(
      fc.record({ from: fc.integer({ min: 6, max: 18 }), hours: fc.integer({ min: 2, max: 5 }) }),
      { minLength: 1, maxLength: 3 },
    ),
    jobs: fc.array(
      fc.record({
        project: fc.integer({ min: 0, max: 2 }),
        work: fc.integer({ min: 1, max: 400 }),
        setUp: fc.integer({ min: 0, max: 30 }),
        go: fc.constantFrom('a', 'b', 'c', null),
        kind: fc.constantFrom('dust', 'coat', 'plain', 'plain'),
        dries: fc.integer({ min: 20, max: 500 }),
        room: fc.integer({ min: 1, max: RACK }),
        forTwo: fc.boolean(),
        release: fc.constantFrom(0, 0, 0, 2 * DAY),
      }),
      { minLength: 2, maxLength: 24 },
    ),
    links: fc.array(
      fc.record({
        from: fc.nat(),
        to: fc.nat(),
        min: fc.integer({ min: 0, max: 900 }),
        dries: fc.boolean(),
        max: fc.option(fc.integer({ min: 1000, max: 4000 }), { nil: null, freq: 3 }),
      }),
      { maxLength: 24 },
    ),
    fixed: fc.boolean(),
  })
  .map(({ people, jobs, links, fixed }): ScheduleProblem => {
    const calendars = people.map(({ from, hours }) =>
      calendarOf(
        Array.from({ length: 120 }, (_, day) => ({
          from: START + day * DAY + from * HOUR,
          to: START + day * DAY + (from + hours) * HOUR,
        })),
      ),
    );
    const airs = (['heated', 'coast'] as const).map((climate) =>
      typicalCourse(climate, START, 240, { south: false, offsetMinutes: 0 }),
    );
    const [one, two] = calendars;
    // Two that never meet can't work together.
    const together = one && two ? both(one, two) : { spans: [] };
    const meet = together.spans.length > 0;
    if (meet) calendars.push(together);
    const rack = (space: number) => people.length + space;
    const first = calendars[0]?.spans[0]?.from ?? START;
    return {
      from: START,
      projects: [0, 1, 2].map((it) => ({ name: `piece ${it}`, due: START + (it + 2) * DAY })),
      jobs: jobs.map((it, index): Job => {
        const alone = people.map((_, person) => ({ hands: [person], calendar: person }));
        const pair = { hands: [0, 1], calendar: people.length };
        const ways = (it.forTwo && meet ? [pair] : alone).flatMap((who) =>
          airs.map((_, space): Way => ({
            ...who,
            uses: [],
            racks: it.kind === 'coat' ? [{ resource: rack(space), amount: it.room }] : [],
            space,
          })),
        );
        return {
          key: `job ${index}`,
          project: it.project,
          work: it.work,
          setUp: it.setUp,
          batchKey: it.go,
          whole: it.kind === 'coat',
          ways,
          makesDust: it.kind === 'dust',
          wet: it.kind === 'coat' ? { minutes: it.dries, pace: 0 } : null,
          holds: it.kind === 'coat' ? { minutes: it.dries, pace: 0 } : null,
          release: START + it.release,
          fixed: fixed && index === 0 ? { start: first, end: first + it.work, way: 0 } : null,
        };
      }),
      links: links.flatMap(({ from, to, min, dries, max }): JobLink[] => {
        const [a, b] = [from % jobs.length, to % jobs.length].sort((x, y) => x - y);
        if (a === undefined || b === undefined || a === b) return [];
        const pace = dries ? 0 : null;
        return [
          {
            before: a,
            after: b,
            min: { minutes: min, pace },
            max: max === null ? null : { minutes: max, pace },
            missed: 15,
          },
        ];
      }),
      resources: [
        ...people.map((_, person) => ({ name: `person ${person}`, capacity: 1, isPerson: true })),
        ...airs.map((_, space) => ({ name: `rack ${space}`, capacity: RACK, isPerson: false })),
      ],
      spaces: ['warm', 'damp'],
      calendars,
      paces: [airs.map((air) => progressIn(air, (it) => paceOf('alcohol', it)))],
      spreads: [[0.8, 1.35]],
      dustSettles: 30,
    };
  });
