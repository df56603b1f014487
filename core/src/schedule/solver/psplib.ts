import { bad, good, type Result } from '../../piece';
import { ALWAYS } from '../calendar/calendar';
import type { Job, JobLink, ScheduleProblem, Way } from '../model/problem';

/** Lines between a heading and the next rule of stars. */
const section = (lines: readonly string[], heading: RegExp): readonly string[] | undefined => {
  const start = lines.findIndex((it) => heading.test(it));
  if (start < 0) return undefined;
  const end = lines.findIndex((it, index) => index > start && it.startsWith('****'));
  return lines.slice(start + 1, end < 0 ? undefined : end);
};

const numbersIn = (line: string): readonly number[] => (line.match(/-?\d+/g) ?? []).map(Number);

/** Rows that are nothing but figures. */
const rows = (lines: readonly string[] = []): readonly (readonly number[])[] =>
  lines.filter((it) => /^[\s\d-]+$/.test(it) && /\d/.test(it)).map(numbersIn);

/**
 * Reads an instance of the resource-constrained project scheduling problem as the library PSPLIB
 * writes it (.sm, single mode; several modes are read as ways). Times are read as minutes from 0.
 * @returns the problem, or what is wrong with the file
 */
export const readPsplib = (text: string): Result<ScheduleProblem> => {
  const lines = text.split(/\r?\n/);
  const follows = rows(section(lines, /^PRECEDENCE RELATIONS/));
  const requests = section(lines, /^REQUESTS\/DURATIONS/);
  const capacities = rows(section(lines, /^RESOURCEAVAILABILITIES/))[0];
  if (follows.length === 0) return bad('PRECEDENCE RELATIONS', 'There is no such section.');
  if (!requests) return bad('REQUESTS/DURATIONS', 'There is no such section.');
  if (!capacities) return bad('RESOURCEAVAILABILITIES', 'There is no such section.');
  const kinds = capacities.length;

  const ways = new Map<number, { minutes: number; way: Way }[]>();
  let job = 0;
  for (const row of rows(requests)) {
    // Further modes of a job leave its number out.
    const own = row.length === kinds + 3 ? row : [job, ...row];
    const [number = 0, , minutes, ...amounts] = own;
    if (minutes === undefined || amounts.length !== kinds) {
      return bad('REQUESTS/DURATIONS', `Job ${number} has ${amounts.length} of ${kinds} requests.`);
    }
    job = number;
    const way: Way = {
      hands: [],
      uses: amounts.flatMap((amount, resource) => (amount > 0 ? [{ resource, amount }] : [])),
      racks: [],
      space: null,
      calendar: 0,
    };
    ways.set(number, [...(ways.get(number) ?? []), { minutes, way }]);
  }
  const place = new Map(follows.map(([number = 0], index) => [number, index]));
  const jobs: Job[] = [];
  const links: JobLink[] = [];
  for (const [number = 0, , count = 0, ...after] of follows) {
    const modes = ways.get(number);
    if (!modes?.[0]) return bad('REQUESTS/DURATIONS', `Job ${number} has no row.`);
    const tooMuch = modes.some(({ way }) =>
      way.uses.some((it) => it.amount > (capacities[it.resource] ?? 0)),
    );
    if (tooMuch) return bad('REQUESTS/DURATIONS', `Job ${number} asks for more than there is.`);
    if (after.length !== count) {
      return bad('PRECEDENCE RELATIONS', `Job ${number} names ${after.length} of ${count} jobs.`);
    }
    jobs.push({
      key: String(number),
      project: 0,
      work: modes[0].minutes,
      setUp: 0,
      batchKey: null,
      whole: true,
      ways: modes.filter((it) => it.minutes === modes[0]?.minutes).map((it) => it.way),
      makesDust: false,
      wet: null,
      holds: null,
      release: 0,
      fixed: null,
    });
    for (const next of after) {
      const to = place.get(next);
      if (to === undefined) return bad('PRECEDENCE RELATIONS', `There is no job ${next}.`);
      const min = { minutes: 0, pace: null };
      links.push({ before: place.get(number) ?? 0, after: to, min, max: null, missed: null });
    }
  }
  return good({
    from: 0,
    projects: [{ name: 'project', due: null }],
    jobs,
    links,
    resources: capacities.map((capacity, index) => ({
      name: `R ${index + 1}`,
      capacity,
      isPerson: false,
    })),
    spaces: [],
    calendars: [ALWAYS],
    paces: [],
    spreads: [],
    dustSettles: 0,
  });
};
