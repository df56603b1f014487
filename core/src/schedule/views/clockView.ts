import { HOUR } from '../../units';
import { COATINGS, ROOMS } from '../../catalog';
import {
  airAt,
  dewPoint,
  isFit,
  mendsFor,
  misfitsFor,
  paceOf,
  type Air,
  type AirCourse,
  type AirMend,
  type Minute,
  type Misfit,
} from '../../climate';
import { isAtWork, type Piece, type Shop, type Space } from '../../piece';
import type { Operation, Route } from '../../route';
import { USUAL } from '../calendar/airAhead';
import { heldByAir, type HeldByAir } from './heldByAir';
import { fitHours } from '../calendar/fitHours';
import { both, either, freeOf, type Span } from '../calendar/calendar';
import { dryingNow, type DryingNow } from './drying';
import { caseOf } from '../../case';
import { clockDays, hoursOf } from '../calendar/hours';
import type { OnBench } from '../model/fromRoutes';
import { chanceBy, doneBy, livedThrough } from '../solver/promise';
import type { ShopPlan } from '../solver/shopPlan';
import type { Timetable } from './timetable';
import { readyNow, type Ready } from './today';

/** The air of a space now, and what it means for a usual coat. */
export interface AirNow {
  readonly spaceId: string;
  readonly name: string;
  readonly air: Air;
  readonly dewCelsius: number;
  /** Waterborne coats take so many times as long as on the label; null where they never dry. */
  readonly slower: number | null;
  /** What is wrong with it for a usual waterborne coat; empty where nothing is. */
  readonly wrong: readonly Misfit[];
  /** What would mend it. */
  readonly mends: readonly AirMend[];
  /** When that changes next, within two days; null where it does not. */
  readonly changesAt: Minute | null;
  /** What is wrong from then on. */
  readonly then: readonly Misfit[];
  /** When it is not fit within the next weeks. */
  readonly unfit: readonly Span[];
  /** How many times as long as on the label waterborne coats take, quarter of a day by quarter; null where they never dry. */
  readonly paces: readonly (Span & { readonly slower: number | null })[];
}

/** By when a piece is done, nine times in ten; null where it may never be. */
export interface Promised {
  readonly pieceId: string;
  readonly by: Minute | null;
  /** The chance to keep the day that it is promised for; null where none is. */
  readonly chance: number | null;
}

/** All that screens show of the clock. */
export interface ClockView {
  readonly now: Minute;
  readonly timetable: Timetable;
  readonly ready: readonly Ready[];
  readonly drying: readonly DryingNow[];
  readonly airs: readonly AirNow[];
  /** When somebody works, within the next weeks. */
  readonly open: readonly Span[];
  /** No order of the work is done before then, and what that follows from. */
  readonly bound: Minute;
  readonly boundFrom: 'chain' | 'hands';
  /** How far the plan may be from the best there is, as a share of its length. */
  readonly gap: number;
  /** When all work is done; null where some of it is stalled. */
  readonly finish: Minute | null;
  readonly sessions: number;
  readonly promised: readonly Promised[];
  /** Coats that wait for other air for long: the first of each piece. */
  readonly held: readonly HeldByAir[];
}

/** Of a piece that is worked on no more. */
const NOTHING_LEFT: Route = {
  tasks: [],
  graph: { nodes: [], firstMilestone: 0, rules: [], lags: [], edges: [], done: [], afterDone: [] },
  operations: [],
  refusals: [],
  unaimedSurfaceIds: [],
  minutes: 0,
  waitMinutes: 0,
  materials: [],
};

/**
 * Pieces with their routes, those that are put away left out. Those that have left the bench take no more time, but
 * what was timed on them still tells the pace.
 */
export const benchOf = (pieces: readonly Piece[], shop: Shop, now: Minute): readonly OnBench[] =>
  pieces
    .filter((it) => !it.archived)
    .map((piece) => ({
      piece,
      route: isAtWork(piece) ? caseOf({ piece, shop, now }).route : NOTHING_LEFT,
    }))
    .filter(({ piece, route }) => route.operations.length > 0 || piece.done.length > 0);

const HOURS_AHEAD = 48;
/** So far ahead hours and air are drawn, days. */
const DRAWN = 35;

/** A quarter of a day, minutes. */
const QUARTER = 6 * HOUR;

/** How slowly a usual coat dries, quarter of a day by quarter: by the mean pace of its hours. */
const pacesOf = (course: AirCourse, now: Minute): AirNow['paces'] => {
  const { mechanism } = COATINGS.get(USUAL);
  const first = Math.floor(now / QUARTER) * QUARTER;
  return Array.from({ length: DRAWN * 4 }, (_, quarter) => {
    const from = first + quarter * QUARTER;
    const hours = Array.from({ length: 6 }, (__, hour) =>
      paceOf(mechanism, airAt(course, from + hour * HOUR)),
    );
    const mean = hours.reduce((sum, it) => sum + it, 0) / hours.length;
    return { from, to: from + QUARTER, slower: mean > 0 ? 1 / mean : null };
  });
};

const airNow = (
  course: AirCourse,
  { id, name, room }: Pick<Space, 'id' | 'name' | 'room'>,
  now: Minute,
): AirNow => {
  const air = airAt(course, now);
  const pace = paceOf(COATINGS.get(USUAL).mechanism, air);
  const fits = isFit(USUAL, air);
  let changesAt: Minute | null = null;
  for (let hour = 1; hour <= HOURS_AHEAD && changesAt === null; hour++) {
    const at = (Math.floor(now / HOUR) + hour) * HOUR;
    if (isFit(USUAL, airAt(course, at)) !== fits) changesAt = at;
  }
  return {
    spaceId: id,
    name,
    air,
    dewCelsius: dewPoint(air),
    slower: pace > 0 ? 1 / pace : null,
    wrong: misfitsFor(USUAL, air),
    mends: mendsFor(USUAL, course, now, ROOMS.get(room).volumeM3),
    changesAt,
    then: changesAt === null ? [] : misfitsFor(USUAL, airAt(course, changesAt)),
    unfit: freeOf(
      { spans: [{ from: now, to: now + DRAWN * 24 * HOUR }] },
      fitHours(course, now, DRAWN)(USUAL).spans,
    ).spans,
    paces: pacesOf(course, now),
  };
};

/** What screens show of a plan. @param promised as it was worked out before; the runs take a while */
export const viewOf = (
  bench: readonly OnBench[],
  shop: Shop,
  now: Minute,
  plan: ShopPlan,
  promised: readonly Promised[] = [],
): ClockView => {
  const { airs } = plan.of;
  /** What would mend the air for a step, in the space where least is amiss; empty where one bears it. */
  const mends = ({ coating }: Operation): readonly AirMend[] => {
    if (coating === null || airs.some((it) => isFit(coating, airAt(it, now)))) return [];
    const amiss = airs.map((it) =>
      misfitsFor(coating, airAt(it, now)).reduce((sum, { by }) => sum + by, 0),
    );
    const best = amiss.indexOf(Math.min(...amiss));
    const [air, space] = [airs[best], shop.spaces[best]];
    return air && space ? mendsFor(coating, air, now, ROOMS.get(space.room).volumeM3) : [];
  };
  return {
    now,
    timetable: plan.timetable,
    ready: readyNow(plan.asked, mends),
    drying: bench.flatMap(({ piece }) => dryingNow(piece, shop, now, airs)),
    airs: shop.spaces.flatMap((space, index) => {
      const course = airs[index];
      return course ? [airNow(course, space, now)] : [];
    }),
    open: both(
      either(
        shop.people.map((it) => hoursOf(it, clockDays(now, DRAWN, shop.timeZone), shop.timeZone)),
      ),
      { spans: [{ from: now - 24 * HOUR, to: now + DRAWN * 24 * HOUR }] },
    ).spans,
    bound: plan.bound.finish,
    boundFrom: plan.bound.from,
    gap: plan.gap,
    finish: plan.finish,
    sessions: plan.answer.outcome.sessions,
    promised,
    held: heldByAir(plan, shop),
  };
};

const NINE_IN_TEN = 0.9;
const RUNS = 120;

/** By when the pieces of a plan are done, lived through many times. */
export const promisesOf = (
  bench: readonly OnBench[],
  { of, answer }: ShopPlan,
  seed: number,
): readonly Promised[] => {
  const runs = livedThrough(of.problem, answer.plan, { runs: RUNS, seed });
  return bench.map(({ piece }, project) => {
    const due = of.problem.projects[project]?.due ?? null;
    const by = doneBy(runs, project, NINE_IN_TEN);
    return {
      pieceId: piece.id,
      by: Number.isFinite(by) ? by : null,
      chance: due === null ? null : chanceBy(runs, project, due),
    };
  });
};
