import fc from 'fast-check';
import { calendarOf, type Job, type JobLink, type ScheduleProblem, type Way } from '../schedule';

/** Unit of time in small shops, minutes: what an exact solver counts in. */
export const SLOT = 60;

/** A shop of a few jobs in whole slots: small enough to be solved exactly. */
export const smallShops = (jobCount: { min: number; max: number }): fc.Arbitrary<ScheduleProblem> =>
  fc
    .record({
      people: fc.integer({ min: 1, max: 2 }),
      spaces: fc.integer({ min: 1, max: 2 }),
      rack: fc.integer({ min: 1, max: 3 }),
      jobs: fc.array(
        fc.record({
          work: fc.integer({ min: 1, max: 3 }),
          kind: fc.constantFrom('dust', 'coat', 'plain', 'plain'),
          dries: fc.integer({ min: 1, max: 5 }),
          only: fc.integer({ min: 0, max: 3 }),
          release: fc.constantFrom(0, 0, 0, 3),
        }),
        { minLength: jobCount.min, maxLength: jobCount.max },
      ),
      links: fc.array(
        fc.record({
          from: fc.nat(),
          to: fc.nat(),
          min: fc.integer({ min: 0, max: 8 }),
          max: fc.option(fc.integer({ min: 12, max: 30 }), { nil: null, freq: 4 }),
        }),
        { maxLength: jobCount.max },
      ),
    })
    .map(({ people, spaces, rack, jobs, links }): ScheduleProblem => {
      // Evenings of four hours for one, mornings of five for the other; days of sixteen hours.
      const hours = [
        { from: 0, to: 4 },
        { from: 7, to: 12 },
      ].slice(0, people);
      const calendars = hours.map(({ from, to }) =>
        calendarOf(
          Array.from({ length: 30 }, (_, day) => ({
            from: (day * 16 + from) * SLOT,
            to: (day * 16 + to) * SLOT,
          })),
        ),
      );
      const rackOf = (space: number) => people + space;
      return {
        from: 0,
        projects: [{ name: 'all', due: null }],
        jobs: jobs.map((it, index): Job => {
          const ways = Array.from({ length: people * spaces }, (_, number): Way => {
            const [person, space] = [number % people, Math.floor(number / people)];
            return {
              hands: [person],
              uses: [],
              racks: it.kind === 'coat' ? [{ resource: rackOf(space), amount: 1 }] : [],
              space,
              calendar: person,
            };
          });
          return {
            key: `job ${index}`,
            project: 0,
            work: it.work * SLOT,
            setUp: 0,
            batchKey: null,
            whole: true,
            ways: it.only < ways.length ? ways.slice(it.only, it.only + 1) : ways,
            makesDust: it.kind === 'dust',
            wet: it.kind === 'coat' ? { minutes: it.dries * SLOT, pace: null } : null,
            holds: it.kind === 'coat' ? { minutes: it.dries * SLOT, pace: null } : null,
            release: it.release * SLOT,
            fixed: null,
          };
        }),
        links: links.flatMap(({ from, to, min, max }): JobLink[] => {
          const [a, b] = [from % jobs.length, to % jobs.length].sort((x, y) => x - y);
          if (a === undefined || b === undefined || a === b) return [];
          return [
            {
              before: a,
              after: b,
              min: { minutes: min * SLOT, pace: null },
              max: max === null ? null : { minutes: max * SLOT, pace: null },
              missed: null,
            },
          ];
        }),
        resources: [
          ...hours.map((_, person) => ({ name: `person ${person}`, capacity: 1, isPerson: true })),
          ...Array.from({ length: spaces }, (_, space) => ({
            name: `rack ${space}`,
            capacity: rack,
            isPerson: false,
          })),
        ],
        spaces: Array.from({ length: spaces }, (_, space) => `space ${space}`),
        calendars,
        paces: [],
        spreads: [],
        dustSettles: SLOT,
      };
    });
