import { MINUTE_MS } from '../../units';
import { METHODS, type Coating } from '../../catalog';
import type { AirCourse, Minute } from '../../climate';
import type { Shop, Skill, Space } from '../../piece';
import type { Effect } from '../../effect';
import type { Task } from '../../work';
import { HORIZON_DAYS, airIn } from '../../drying';
import { fitHours } from '../calendar/fitHours';
import { ALWAYS, both, freeOf, type Calendar } from '../calendar/calendar';
import { clockDays, hoursOf, loudHours } from '../calendar/hours';
import type { Resource, ResourceUse, Way } from './problem';
import { coatingOf, heldOf } from './waits';

const skillOf = (it: Task): Skill | null => {
  if (it.traits.sprayed) return 'spray';
  if (it.phase === 'strip') return 'strip';
  return it.phase === 'repair' ? 'repair' : null;
};

const mayBeIn = (space: Space, { traits }: Pick<Effect, 'traits'>): boolean =>
  (!traits.makesDust || space.dust) &&
  (traits.lays === null || space.wet) &&
  (!traits.sprayed || space.spray);

/** Racks are counted in square decimetres: capacities are whole. */
const inRacks = (m2: number): number => Math.ceil(m2 * 100);

/** In whose hands a task can be: one pair, or two where it needs them and two are there at the same time. */
const handsFor = (
  it: Task,
  able: readonly number[],
  hours: readonly Calendar[],
): readonly (readonly number[])[] => {
  const alone = able.map((one) => [one]);
  if (METHODS.get(it.method).people === 1) return alone;
  const pairs = able.flatMap((one) =>
    hours.flatMap((_, other) => {
      const isNew = other > one || (other < one && !able.includes(other));
      const meet = isNew && both(hours[one] ?? ALWAYS, hours[other] ?? ALWAYS).spans.length > 0;
      return meet ? [[one, other]] : [];
    }),
  );
  return pairs.length > 0 ? pairs : alone;
};

/** Those that answer, or all where none does. */
const orAll = <T>(list: readonly T[], holds: (it: T) => boolean): readonly T[] => {
  const some = list.filter(holds);
  return some.length > 0 ? some : list;
};

/** The people, spaces and hours of a shop, as a problem has them. */
export const placesInSpaces = (shop: Shop, now: Minute, outdoor: AirCourse | undefined) => {
  const { people, spaces, timeZone, quietFrom, appointments } = shop;
  const airs = spaces.map((it) => airIn(shop, it, now, outdoor));
  const fits = airs.map((air) => fitHours(air, now, HORIZON_DAYS));
  const days = clockDays(now, HORIZON_DAYS, timeZone);
  const loud = quietFrom === null ? ALWAYS : loudHours(quietFrom, days, timeZone);
  const hours = people.map((it) =>
    freeOf(
      hoursOf(it, days, timeZone),
      appointments
        .filter(({ personId }) => personId === null || personId === it.id)
        .map(({ from, to }) => ({
          from: Date.parse(from) / MINUTE_MS,
          to: Date.parse(to) / MINUTE_MS,
        })),
    ),
  );
  const calendars: Calendar[] = [];
  const known = new Map<string, number>();
  const calendar = (key: string, make: () => Calendar): number => {
    const old = known.get(key);
    if (old !== undefined) return old;
    known.set(key, calendars.push(make()) - 1);
    return calendars.length - 1;
  };
  const fitKey = new Map<string, Calendar>();
  const fitIn = (space: number, coating: Coating): Calendar => {
    const key = `${space}/${coating}`;
    const made = fitKey.get(key) ?? fits[space]?.(coating) ?? ALWAYS;
    fitKey.set(key, made);
    return made;
  };
  const always = calendar('always', () => ALWAYS);
  const resources: Resource[] = [
    ...people.map(({ name }) => ({ name, capacity: 1, isPerson: true })),
    ...spaces.map(({ name, places }) => ({ name, capacity: places, isPerson: false })),
    ...spaces.map(({ name, clamps }) => ({ name, capacity: clamps, isPerson: false })),
    ...spaces.map(({ name, racksM2 }) => ({
      name,
      capacity: inRacks(racksM2 ?? 0),
      isPerson: false,
    })),
  ];
  const use = (group: number, space: number): ResourceUse => ({
    resource: people.length + group * spaces.length + space,
    amount: 1,
  });
  /** Drying racks are counted where the space says how much there is. */
  const racksOf = (space: number, looseM2: number): readonly ResourceUse[] => {
    const m2 = spaces[space]?.racksM2 ?? null;
    if (m2 === null || looseM2 === 0) return [];
    // What is more than all racks hold takes all of them: it is hung in turns.
    return [{ ...use(2, space), amount: Math.min(inRacks(m2), inRacks(looseM2)) }];
  };
  const wayOf = (hands: readonly number[], space: number, it: Task, looseM2: number): Way => {
    const coating = coatingOf(it);
    const loudly = it.traits.makesDust;
    const own = (): Calendar =>
      hands.map((it) => hours[it] ?? ALWAYS).reduce(both, loudly ? loud : ALWAYS);
    const hoursOfHands = calendar(`${hands.join()}/${loudly}`, own);
    const key = `${hands.join()}/${loudly}/${space}/${coating}`;
    const clamped = heldOf(it) && (spaces[space]?.clamps ?? 0) > 0;
    return {
      hands,
      uses: [use(0, space)],
      racks: [
        ...(clamped ? [use(1, space)] : []),
        ...(coating === null ? [] : racksOf(space, looseM2)),
      ],
      space,
      calendar:
        coating === null ? hoursOfHands : calendar(key, () => both(own(), fitIn(space, coating))),
      ...(coating === null ? {} : { hours: hoursOfHands }),
    };
  };
  /**
   * The ways to do a task: in whose hands, and where.
   * @param looseM2 of parts that were taken off, and dry on racks
   */
  const waysOf = (it: Task, looseM2 = 0): readonly Way[] => {
    const skill = skillOf(it);
    const able = orAll(people, ({ skills }) => skill === null || skills.includes(skill)).map(
      (one) => people.indexOf(one),
    );
    const where = orAll(spaces, (space) => mayBeIn(space, it));
    return handsFor(it, able, hours).flatMap((hands) =>
      where.map((space) => wayOf(hands, spaces.indexOf(space), it, looseM2)),
    );
  };
  const nowhere: Way = {
    hands: [],
    uses: [],
    racks: [],
    space: null,
    calendar: always,
  };
  return { airs, calendars, resources, waysOf, nowhere, spaces, people };
};
