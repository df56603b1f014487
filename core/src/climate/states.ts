import { weakMapMemoize } from 'reselect';
import { DAY, ONE_IN_TEN_SIGMA } from '../units';
import {
  BEARS_PARTS,
  COATINGS,
  COAT_SHARES,
  COAT_STATES,
  DRYING,
  type CoatState,
  type Coating,
  type Drying,
} from '../catalog';
import { shifted, type AirCourse, type Minute } from './course';
import { USUAL_SETTING, curePaceOf, paceOf, type DryingSetting } from './drying';
import { progressIn, type DryingProgress } from './progress';
import type { Air } from './humidAir';

/** A time that is not known to the minute: one in ten is earlier than the first, one in ten later than the last. */
export interface AirBand {
  readonly early: Minute;
  readonly expected: Minute;
  /** Null where it may never come in this air. */
  readonly late: Minute | null;
}

/** When a coat comes to a state; null where it never does in this air, or the state is none of this coat's. */
export type CoatTimes = Readonly<Record<CoatState, AirBand | null>>;

/** Coats that go off by drying; what a state waits for, in minutes at the label's air. */
const labelMinutes = (id: Coating, state: CoatState): number | null => {
  const row = COATINGS.get(id);
  switch (state) {
    case 'touchDry':
      return row.recoatMinutes * COAT_SHARES.touchDry[row.mechanism];
    case 'sandable':
      return Math.max(row.recoatMinutes, row.sandMinutes ?? 0);
    case 'recoatOpens':
      return row.recoatMinutes;
    case 'recoatCloses':
      return row.closesMinutes;
    case 'handle':
      return row.tapeMinutes;
    case 'reassemble':
      return BEARS_PARTS[row.mechanism];
    case 'lightUse':
      return Math.max(BEARS_PARTS[row.mechanism], row.cureDays * DAY * COAT_SHARES.lightUse);
    case 'cured':
      return row.cureDays * DAY;
  }
};

/** States that come by drying; the later ones come by hardening on, which only goes by temperature. */
const BY_DRYING: readonly CoatState[] = ['touchDry', 'sandable', 'recoatOpens', 'handle'];

/** Pace of each, in the air as foreseen and as it may turn out. */
interface Paces {
  readonly expected: DryingProgress;
  readonly fast: DryingProgress;
  readonly slow: DryingProgress;
}

const pacesIn = (course: AirCourse, pace: (air: Air) => number): Paces => ({
  expected: progressIn(course, pace),
  fast: progressIn(shifted(course, ONE_IN_TEN_SIGMA), pace),
  slow: progressIn(shifted(course, -ONE_IN_TEN_SIGMA), pace),
});

/** Paces are summed up over the whole course: once for each course and kind of drying. */
const pacesOf = weakMapMemoize(
  (
    course: AirCourse,
    drying: Drying,
    movement: DryingSetting['movement'],
    film: DryingSetting['film'],
    hardener: DryingSetting['hardener'],
  ): Paces => pacesIn(course, (air) => paceOf(drying, air, { movement, film, hardener })),
);

const curePaces = weakMapMemoize((course: AirCourse): Paces => pacesIn(course, curePaceOf));

const dryingPaces = (course: AirCourse, drying: Drying, setting: DryingSetting): Paces =>
  pacesOf(course, drying, setting.movement, setting.film, setting.hardener);

/**
 * When so many label minutes have passed, with its band: the material's own spread and the doubt in
 * the air, taken as independent (they add by squares).
 * @returns null where it is never reached in this air
 */
const bandOf = (
  { expected, fast, slow }: Paces,
  start: Minute,
  minutes: number,
  { early, late }: { readonly early: number; readonly late: number },
): AirBand | null => {
  const at = expected.when(start, minutes);
  if (at === null) return null;
  const length = at - start;
  const soonest = fast.when(start, minutes) ?? at;
  const latest = slow.when(start, minutes);
  const before = Math.hypot((1 - early) * length, Math.max(0, at - soonest));
  const after = latest === null ? null : Math.hypot((late - 1) * length, Math.max(0, latest - at));
  return {
    early: Math.max(start, at - before),
    expected: at,
    late: after === null ? null : at + after,
  };
};

/**
 * When a wait of drying is over that began at a time.
 * @param minutes at the label's air
 * @returns null where it never is in this air
 */
export const waitBand = (
  drying: Drying,
  course: AirCourse,
  start: Minute,
  minutes: number,
  setting: DryingSetting = USUAL_SETTING,
): AirBand | null =>
  bandOf(dryingPaces(course, drying, setting), start, minutes, DRYING.get(drying));

/** How a window that closes is read: safe before the earliest, surely closed after the latest. */
export const coatTimes = (
  id: Coating,
  course: AirCourse,
  start: Minute,
  setting: DryingSetting = USUAL_SETTING,
): CoatTimes => {
  const { mechanism } = COATINGS.get(id);
  const spread = DRYING.get(mechanism);
  const drying = dryingPaces(course, mechanism, setting);
  const curing = curePaces(course);
  const times = COAT_STATES.ids.map((state) => {
    const minutes = labelMinutes(id, state);
    const paces = BY_DRYING.includes(state) ? drying : curing;
    return [state, minutes === null ? null : bandOf(paces, start, minutes, spread)] as const;
  });
  return inTurn(Object.fromEntries(times) as Record<CoatState, AirBand | null>);
};

const STATES_IN_TURN: readonly CoatState[] = [
  'touchDry',
  'recoatOpens',
  'sandable',
  'reassemble',
  'lightUse',
  'cured',
];

const later = (a: AirBand, b: AirBand): AirBand => ({
  early: Math.max(a.early, b.early),
  expected: Math.max(a.expected, b.expected),
  late: a.late === null || b.late === null ? null : Math.max(a.late, b.late),
});

/** No state comes before one that it rests on: in cold air hardening by temperature would. */
const inTurn = (times: Record<CoatState, AirBand | null>): CoatTimes => {
  let before: AirBand | null = null;
  for (const state of STATES_IN_TURN) {
    const band: AirBand | null = times[state];
    if (band && before) times[state] = later(band, before);
    before = times[state] ?? before;
  }
  return times;
};
