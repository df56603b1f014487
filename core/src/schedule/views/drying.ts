import { MINUTE_MS } from '../../units';
import { USUAL_SETTING, waitBand, type AirCourse, type AirBand, type Minute } from '../../climate';
import type { Coating, Until } from '../../catalog';
import type { Piece, Shop } from '../../piece';
import { dryingOf } from '../model/fromRoutes';
import { airIn, bearsAfter, dryingIn, windowCloses } from '../../drying';

/** Something that dries, hardens or soaks now. */
export interface DryingNow {
  readonly pieceId: string;
  readonly name: string;
  readonly title: string;
  readonly surfaceIds: readonly string[];
  /** The work on record that left it so. */
  readonly doneIds: readonly string[];
  readonly coating: Coating | null;
  readonly until: Until | null;
  readonly from: Minute;
  /** When the next work may follow; null where it never may in this air. */
  readonly opens: AirBand | null;
  /** When it bears what presses on it: parts, plates, doors; null where it never does in this air. */
  readonly bears: AirBand | null;
  /** From when on the next coat may want a scuff first; null where nothing presses. */
  readonly closes: Minute | null;
}

/** Does the next work still wait for it, or has it a window that will close? What waits for an answer, or never dries, does. */
export const stillDries = ({ opens, closes }: DryingNow, now: Minute): boolean =>
  opens === null || (opens.late ?? Infinity) > now || (closes !== null && closes > now);

/**
 * What of the work on record still dries, has a window that closes, or does not bear parts yet: the last
 * work on each surface, by the air of the space where it stands. Soonest open first.
 * @param airs of the spaces, where they are at hand: reckoning them takes longer than all the rest
 */
export const settingNow = (
  piece: Piece,
  shop: Shop,
  now: Minute,
  airs: readonly AirCourse[] = shop.spaces.map((it) => airIn(shop, it, now)),
): readonly DryingNow[] => {
  const last = new Map<string, ReturnType<typeof dryingOf>[number]>();
  for (const it of dryingOf(piece, now)) {
    for (const id of it.effect.surfaceIds) last.set(id, it);
  }
  const each = [...new Set(last.values())].flatMap(({ done, effect }): DryingNow[] => {
    const place = Math.max(
      0,
      shop.spaces.findIndex((it) => it.id === done.spaceId),
    );
    const [space, air] = [shop.spaces[place], airs[place]];
    const { wait, traits } = effect;
    if (!space || !air || !wait || done.endedAt === null) return [];
    const from = Date.parse(done.endedAt) / MINUTE_MS;
    const setting = { ...USUAL_SETTING, movement: space.movement };
    const coating = traits.lays?.coating ?? null;
    const drying = dryingIn(wait);
    const after = (minutes: number): AirBand | null =>
      drying === null
        ? { early: from + minutes, expected: from + minutes, late: from + minutes }
        : waitBand(drying, air, from, minutes, setting);
    const opens = after(wait.min);
    const bears = after(bearsAfter(effect));
    const closes = coating === null ? null : windowCloses(wait, from, air);
    const surfaceIds = effect.surfaceIds.filter((id) => last.get(id)?.done === done);
    const it: DryingNow = {
      pieceId: piece.id,
      name: piece.name,
      title: done.title,
      surfaceIds,
      doneIds: [done.id],
      coating,
      until: wait.until,
      from,
      opens,
      bears,
      closes,
    };
    return stillDries(it, now) || bears === null || (bears.late ?? Infinity) > now ? [it] : [];
  });
  return together(each).sort(
    (a, b) => (a.opens?.expected ?? Infinity) - (b.opens?.expected ?? Infinity),
  );
};

/** What still dries, and what is dry but has a window that closes. */
export const dryingNow = (...of: Parameters<typeof settingNow>): readonly DryingNow[] =>
  settingNow(...of).filter((it) => stillDries(it, of[2]));

/** Work of one kind that ended within so long of each other was done in one go, minutes. */
const ONE_GO = 90;

const later = (a: AirBand | null, b: AirBand | null): AirBand | null =>
  a === null || b === null
    ? null
    : {
        early: Math.max(a.early, b.early),
        expected: Math.max(a.expected, b.expected),
        late: a.late === null || b.late === null ? null : Math.max(a.late, b.late),
      };

const sooner = (a: Minute | null, b: Minute | null): Minute | null =>
  a === null || b === null ? (a ?? b) : Math.min(a, b);

/** What was done in one go dries as one: ready with the last of it, closed with the first. */
const together = (each: readonly DryingNow[]): DryingNow[] => {
  const groups: DryingNow[] = [];
  for (const it of each) {
    const at = groups.findIndex(
      (one) =>
        one.title === it.title &&
        one.coating === it.coating &&
        Math.abs(one.from - it.from) <= ONE_GO,
    );
    const one = groups[at];
    if (!one) groups.push(it);
    else {
      groups[at] = {
        ...one,
        surfaceIds: [...one.surfaceIds, ...it.surfaceIds],
        doneIds: [...one.doneIds, ...it.doneIds],
        from: Math.max(one.from, it.from),
        opens: later(one.opens, it.opens),
        bears: later(one.bears, it.bears),
        closes: sooner(one.closes, it.closes),
      };
    }
  }
  return groups;
};
