import type { ScheduleProblem } from '../schedule';
import { SLOT } from './smallShops';

/** What a solver of mixed-integer programmes answers. */
export interface Solver {
  solve(programme: string): { readonly Status: string; readonly ObjectiveValue: number };
}

/**
 * The soonest end of a small shop, by a time-indexed programme: a binary for each job, way and slot
 * in which it may begin. Written for itself; shares nothing with the engine but the problem.
 * @returns the end in minutes; null where there is no plan
 */
export const exactFinish = (
  problem: ScheduleProblem,
  horizon: number,
  solver: Solver,
  slotMinutes: number = SLOT,
): number | null => {
  const { jobs, links, calendars, resources, spaces } = problem;
  const slots = (minutes: number) => minutes / slotMinutes;
  interface Choice {
    readonly name: string;
    readonly job: number;
    readonly way: number;
    readonly start: number;
    readonly end: number;
    readonly dry: number;
  }
  const choices = jobs.flatMap((job, j) =>
    job.ways.flatMap((way, w) => {
      const inHours = (slot: number) =>
        (calendars[way.calendar]?.spans ?? []).some(
          (it) => it.from <= slot * slotMinutes && (slot + 1) * slotMinutes <= it.to,
        );
      const length = slots(job.work);
      const wet = job.wet ? slots(job.wet.minutes) : 0;
      return Array.from({ length: horizon - length + 1 }, (_, start): Choice => ({
        name: `x_${j}_${w}_${start}`,
        job: j,
        way: w,
        start,
        end: start + length,
        dry: start + length + wet,
      })).filter(
        (it) =>
          it.start >= slots(job.release) &&
          Array.from({ length }, (_, i) => it.start + i).every(inHours),
      );
    }),
  );
  const rows: string[] = [];
  const sum = (terms: readonly (readonly [number, string])[]) =>
    terms
      .map(([factor, name]) => `${factor < 0 ? '-' : '+'} ${Math.abs(factor)} ${name}`)
      .join(' ');
  const ofJob = (j: number) => choices.filter((it) => it.job === j);
  const ones = (some: readonly Choice[]) => some.map((it) => [1, it.name] as const);
  for (const [j] of jobs.entries()) {
    if (ofJob(j).length === 0) return null;
    rows.push(`${sum(ones(ofJob(j)))} = 1`);
    rows.push(`${sum([...ofJob(j).map((it) => [it.end, it.name] as const), [-1, 'C']])} <= 0`);
  }
  for (const { before, after, min, max } of links) {
    const gap = [
      ...ofJob(after).map((it) => [it.start, it.name] as const),
      ...ofJob(before).map((it) => [-it.end, it.name] as const),
    ];
    rows.push(`${sum(gap)} >= ${slots(min.minutes)}`);
    if (max) rows.push(`${sum(gap)} <= ${slots(max.minutes)}`);
  }
  const wayOf = (it: Choice) => jobs[it.job]?.ways[it.way];
  for (let slot = 0; slot < horizon + 10; slot++) {
    resources.forEach(({ capacity, isPerson }, resource) => {
      const taking = choices.flatMap((it): (readonly [number, string])[] => {
        const way = wayOf(it);
        const isIn = (end: number) => it.start <= slot && slot < end;
        const used = way?.uses.find((use) => use.resource === resource)?.amount ?? 0;
        const held = way?.racks.find((use) => use.resource === resource)?.amount ?? 0;
        const amount = isPerson
          ? Number(way?.hands.includes(resource) === true && isIn(it.end))
          : (isIn(it.end) ? used : 0) + (isIn(it.dry) ? held : 0);
        return amount > 0 ? [[amount, it.name]] : [];
      });
      if (taking.length > 0) rows.push(`${sum(taking)} <= ${capacity}`);
    });
    spaces.forEach((_, space) => {
      const here = choices.filter((it) => wayOf(it)?.space === space && it.start <= slot);
      const dusty = here.filter((it) => jobs[it.job]?.makesDust && slot < it.end + 1);
      const wet = here.filter((it) => jobs[it.job]?.wet && slot < it.dry);
      for (const d of new Set(dusty.map((it) => it.job))) {
        for (const w of new Set(wet.map((it) => it.job))) {
          const two = [...dusty.filter((it) => it.job === d), ...wet.filter((it) => it.job === w)];
          rows.push(`${sum(ones(two))} <= 1`);
        }
      }
    });
  }
  const programme = [
    'Minimize',
    ' obj: C',
    'Subject To',
    ...rows.map((row, index) => ` r${index}: ${row}`),
    'Bounds',
    ` 0 <= C <= ${horizon}`,
    'Binary',
    ...choices.map((it) => ` ${it.name}`),
    'End',
  ].join('\n');
  const { Status, ObjectiveValue } = solver.solve(programme);
  return Status === 'Optimal' ? Math.round(ObjectiveValue) * slotMinutes : null;
};
