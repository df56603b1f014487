import { DAY, HOUR } from '../../units';
import type { Coating } from '../../catalog';
import { airAt, misfitsFor, type AirCourse, type Minute, type Misfit } from '../../climate';
import type { Shop } from '../../piece';
import type { ShopPlan } from '../solver/shopPlan';
import type { TimetableEntry } from './timetable';

/** A coat that waits for other air. */
export interface HeldByAir {
  readonly pieceId: string;
  readonly name: string;
  /** The step that waits. */
  readonly title: string;
  readonly coating: Coating;
  /** The space where least is amiss, by name. */
  readonly place: string;
  /** What is wrong there in most of the hours to come. */
  readonly wrong: readonly Misfit['kind'][];
  /** About when it can be laid by the year's course, in working hours; null where no end is in sight. */
  readonly until: Minute | null;
}

/** A step that the air puts off for less than this needs no help, minutes. */
const PATIENCE = 2 * DAY;
/** So far ahead it is looked at what is wrong with the air, hours: nights and days. */
const LOOKED_AT = 7 * 24;

/** What is wrong with the air for a coat in most of the hours to come, and how much in all. */
const wrongAhead = (
  coating: Coating,
  course: AirCourse,
  from: Minute,
): { readonly wrong: readonly Misfit['kind'][]; readonly sum: number } => {
  const hours = Array.from({ length: LOOKED_AT }, (_, hour) =>
    misfitsFor(coating, airAt(course, from + hour * HOUR)),
  );
  const all = hours.flat();
  const often = [...new Set(all.map((it) => it.kind))].filter(
    (kind) => all.filter((it) => it.kind === kind).length > LOOKED_AT / 2,
  );
  return { wrong: often, sum: all.reduce((sum, { by }) => sum + by, 0) };
};

/** The coats that a plan puts off for the air, or has no time for: the first of each piece. */
export const heldByAir = (
  { timetable, of }: Pick<ShopPlan, 'timetable' | 'of'>,
  shop: Shop,
): readonly HeldByAir[] => {
  const now = timetable.from;
  const found = new Map<string, HeldByAir>();
  const add = (
    { pieceId, name, operation }: Pick<TimetableEntry, 'pieceId' | 'name' | 'operation'>,
    coating: Coating | null,
    until: Minute | null,
  ): void => {
    if (coating === null || found.has(pieceId)) return;
    const [best] = shop.spaces
      .flatMap((it, index) => {
        const air = of.airs[index];
        return air && it.wet ? [{ place: it.name, ...wrongAhead(coating, air, now) }] : [];
      })
      .sort((a, b) => a.sum - b.sum);
    if (!best) return;
    const { place, wrong } = best;
    found.set(pieceId, { pieceId, name, title: operation.title, coating, place, wrong, until });
  };
  for (const it of timetable.entries) {
    const isLate = it.because.kind === 'air' && it.start > now + PATIENCE;
    if (isLate) add(it, it.operation.coating, it.start);
    else if (it.neverDries) add(it, it.operation.coating, null);
  }
  for (const it of timetable.stalled) {
    if (it.by.kind === 'air') add(it, it.by.coating, null);
  }
  return [...found.values()];
};
