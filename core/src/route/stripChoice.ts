import {
  DECISIONS,
  LAYERS_A_ROUND,
  MINUTES_PER_MINOR_UNIT,
  STRIP_WAYS,
  TOOLS,
  costOfWayPerM2,
  type StripWay,
} from '../catalog';
import { countedLayers } from '../inspect';
import { STRIP_WORDS } from '../words';
import { minutesOf, type Effort } from '../work';
import { areaOfFace, isSuspect, type SurfaceContext } from './context';
import { remembered } from './memo';

export type Way = (typeof STRIP_WAYS.rows)[number];

/** Layers of the old finish, as counted or recorded; one where nobody looked. */
export const layersOn = remembered((s: SurfaceContext): number =>
  Math.max(
    1,
    countedLayers(
      s.piece.observations.filter((it) => it.surfaceId === s.surface.id),
      s.beliefs.layers.length,
    ) ?? 1,
  ),
);

/** Rounds of stripper that the layers take. */
export const roundsOf = (s: SurfaceContext): number =>
  Math.ceil(layersOn(s) / LAYERS_A_ROUND.value);

/** Effort of a way on a surface, by area, layers and how stubborn the finish is. */
export const stripEffort = (way: Way, s: SurfaceContext): Effort => ({
  rate: `strip-${way.id}`,
  fixed: 0,
  each: way.minutesPerM2 + way.minutesPerFurtherLayer * (layersOn(s) - 1),
  quantity: areaOfFace(s),
  unit: 'm2',
  times: s.finish.stripEffort,
});

/** Minutes, money, hazard and likely damage in one figure, minutes. */
const burden = (way: Way, s: SurfaceContext): number =>
  minutesOf(stripEffort(way, s)) +
  costOfWayPerM2(way.id) * areaOfFace(s) * MINUTES_PER_MINOR_UNIT.value +
  way.hazardMinutes +
  way.damageMinutes;

/** Why a way is out of the question here; undefined where it may be used. */
const forbids = (way: Way, s: SurfaceContext): string | undefined => {
  const words = STRIP_WORDS.stripChoice;
  if (isSuspect(s) && !way.allowedOnLead) return words.onLead;
  if (way.tool && !s.shop.tools.includes(way.tool)) {
    return words.noTool(TOOLS.get(way.tool).phrase);
  }
  if (s.veneerUm !== null && !way.forVeneer) return words.onVeneer(way.notOn);
  if (s.finish.paint && !way.forPaint) return words.onPaint;
  if (s.wood.bleeds.tannin >= DECISIONS.richInTannin.value && !way.forTannin) {
    return words.onTannin;
  }
  return undefined;
};

export interface StripChoice {
  readonly way: Way;
  readonly insteadOf: readonly { readonly label: string; readonly because: string }[];
}

/** Chooses the way to strip a surface: the user's wish, then the shop's school, where allowed; else the least burden. */
export const chooseStripWay = remembered((s: SurfaceContext): StripChoice => {
  const words = STRIP_WORDS.stripChoice;
  const allowed = STRIP_WAYS.rows
    .filter((way) => forbids(way, s) === undefined)
    .sort((a, b) => burden(a, s) - burden(b, s));
  const { takeOff } = s.shop.schools;
  const school = takeOff === 'leastBurden' ? undefined : takeOff;
  const isWish = s.aim.stripWish !== 'best';
  const wish: StripWay | undefined = s.aim.stripWish === 'best' ? school : s.aim.stripWish;
  const way = allowed.find((it) => it.id === wish) ?? allowed[0] ?? STRIP_WAYS.get('gel');
  const where = s.surface.name.toLowerCase();
  return {
    way,
    insteadOf: STRIP_WAYS.rows
      .filter((it) => it.id !== way.id)
      .map((other) => {
        const more = Math.round(burden(other, s) - burden(way, s));
        return {
          label: other.label,
          because:
            forbids(other, s) ??
            (more >= 0
              ? words.more(more, where)
              : words.less(-more, where, isWish ? 'wish' : 'shop', way.label)),
        };
      }),
  };
});

/** Is the way that the user insists on forbidden here? */
export const forbiddenWish = (s: SurfaceContext): { way: Way; because: string } | undefined => {
  if (s.aim.stripWish === 'best') return undefined;
  const way = STRIP_WAYS.get(s.aim.stripWish);
  const because = forbids(way, s);
  return because === undefined ? undefined : { way, because };
};
