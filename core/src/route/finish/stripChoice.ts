import { weakMapMemoize } from 'reselect';
import {
  type Danger,
  CARVED,
  DECISIONS,
  FINISHES,
  LAYERS_A_ROUND,
  MINUTES_PER_MINOR_UNIT,
  PROFILES,
  STRIP_WAYS,
  TOOLS,
  WEIGHTS,
  WOODS,
  costOfWayPerM2,
  type StripWay,
} from '../../catalog';
import { knownLayers } from '../../inspect';
import { STRIP_WORDS } from '../../words';
import { minutesOf, type Effort } from '../../work';
import {
  areaOfFace,
  chanceOfAny,
  forbiddenBy,
  isSuspect,
  mayBe,
  type SurfaceContext,
  shows,
} from '../context/context';

export type StripWayRow = (typeof STRIP_WAYS.rows)[number];

/** Layers of the old finish, as counted or recorded; one where nobody looked. */
export const layersOn = weakMapMemoize((s: SurfaceContext): number =>
  Math.max(
    1,
    knownLayers(
      s.piece.observations.filter((it) => it.surfaceId === s.surface.id),
      s.beliefs.layers.length,
    ) ?? 1,
  ),
);

/** Rounds of stripper that the layers take. */
export const roundsOf = (s: SurfaceContext): number =>
  Math.ceil(layersOn(s) / LAYERS_A_ROUND.value);

/** How hard stripping is, as expected over what the finish may be. */
const stubbornness = (s: SurfaceContext): number => {
  const { distribution } = s.beliefs.finish;
  const films = FINISHES.rows.filter((it) => it.stripEffort > 0);
  const sum = chanceOfAny(distribution, films);
  return sum > 0
    ? films.reduce((all, it) => all + distribution[it.id] * it.stripEffort, 0) / sum
    : s.finish.stripEffort;
};

/** What flattens or gouges would ruin it: it was built so, or somebody found it. */
const isShaped = (s: SurfaceContext): boolean =>
  PROFILES.get(s.surface.profile).spares || shows(s, 'carved');

const firstLayerSlower = (s: SurfaceContext): number =>
  Math.max(PROFILES.get(s.surface.profile).stripSlower, shows(s, 'carved') ? CARVED.slower : 1);

/** Effort of a way on a surface, by area, layers and how stubborn the finish is; in carving the first
 * layer takes many times as long. */
export const stripEffort = (way: StripWayRow, s: SurfaceContext): Effort => ({
  rate: `strip-${way.id}`,
  fixed: 0,
  each: way.minutesPerM2 * firstLayerSlower(s) + way.minutesPerFurtherLayer * (layersOn(s) - 1),
  quantity: areaOfFace(s),
  unit: 'm2',
  times: stubbornness(s),
});

/** Minutes, money, hazard and likely damage in one figure, minutes. */
const burden = (way: StripWayRow, s: SurfaceContext): number =>
  minutesOf(stripEffort(way, s)) +
  costOfWayPerM2(way.id) * areaOfFace(s) * MINUTES_PER_MINOR_UNIT.value +
  way.hazardMinutes +
  way.damageMinutes;

const PAINTS = FINISHES.rows.filter((it) => it.paint);
/** In what ways a way to strip can ruin a face. */
const dangersIn = (way: StripWayRow): readonly Danger[] => [
  ...(way.heats ? (['heats'] as const) : []),
  ...(way.wets === 'caustic' ? (['caustic'] as const) : []),
];
const RICH_IN_TANNIN = WOODS.rows.filter((it) => it.bleeds.tannin >= DECISIONS.richInTannin.value);

/** Why a way is out of the question here; undefined where it may be used. */
const forbids = (way: StripWayRow, s: SurfaceContext): string | undefined => {
  const words = STRIP_WORDS.stripChoice;
  if (isSuspect(s) && !way.allowedOnLead) return words.onLead;
  if (way.tool && !s.shop.tools.includes(way.tool)) {
    return words.noTool(TOOLS.get(way.tool).phrase);
  }
  if (s.veneerUm !== null && !way.forVeneer) return words.onVeneer(way.notOn);
  if (isShaped(s) && !way.forCarving) return words.onCarving;
  const { finish, wood } = s.beliefs;
  if (mayBe(chanceOfAny(finish.distribution, PAINTS)) && !way.forPaint) return words.onPaint;
  const ruins = dangersIn(way).flatMap((it) => forbiddenBy(it, s, true) ?? [])[0];
  if (ruins !== undefined) return ruins;
  if (mayBe(chanceOfAny(wood.distribution, RICH_IN_TANNIN)) && !way.forTannin) {
    return words.onTannin;
  }
  return undefined;
};

const allowedOn = weakMapMemoize((s: SurfaceContext): readonly StripWayRow[] =>
  STRIP_WAYS.rows
    .filter((way) => forbids(way, s) === undefined)
    .sort((a, b) => burden(a, s) - burden(b, s)),
);

/** Faces that lose the same film, so that one way may serve them all. */
const sisters = (s: SurfaceContext): readonly SurfaceContext[] =>
  s.others().filter((it) => it.strips && it.worked && it.finish.id === s.finish.id);

/**
 * The one way for a film on a piece: that of least burden over all faces that lose it, a face on
 * which it is forbidden counting with its own best. The same for all of them.
 */
const commonWay = weakMapMemoize((s: SurfaceContext): StripWayRow | undefined => {
  const faces = sisters(s).map((it) => ({ it, allowed: allowedOn(it) }));
  const together = (way: StripWayRow): number =>
    faces.reduce((sum, { it, allowed }) => {
      const own = allowed.includes(way) ? way : allowed[0];
      return sum + (own ? burden(own, it) : 0);
    }, 0);
  return [...STRIP_WAYS.rows]
    .filter((way) => faces.some(({ allowed }) => allowed.includes(way)))
    .sort((a, b) => together(a) - together(b))[0];
});

export interface StripChoice {
  readonly way: StripWayRow;
  readonly insteadOf: readonly { readonly label: string; readonly because: string }[];
}

/** Chooses the way to strip a surface: the user's wish, then the shop's school, where allowed; else the least burden. */
export const chooseStripWay = weakMapMemoize((s: SurfaceContext): StripChoice => {
  const words = STRIP_WORDS.stripChoice;
  const allowed = allowedOn(s);
  const { takeOff } = s.shop.schools;
  const school = takeOff === 'leastBurden' ? undefined : takeOff;
  const isWish = s.aim.stripWish !== 'best';
  const wish: StripWay | undefined = s.aim.stripWish === 'best' ? school : s.aim.stripWish;
  const [best] = allowed;
  const common = commonWay(sisters(s)[0] ?? s);
  const saves =
    common && best && allowed.includes(common) ? burden(common, s) - burden(best, s) : Infinity;
  const chosen = saves <= WEIGHTS.anotherWayMinutes ? common : best;
  const way = allowed.find((it) => it.id === wish) ?? chosen ?? STRIP_WAYS.get('gel');
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
              : isWish || school
                ? words.less(-more, where, isWish ? 'wish' : 'shop', way.label)
                : words.oneWay(-more, where)),
        };
      }),
  };
});

/** Is the way that the user insists on forbidden here? */
export const forbiddenWish = (
  s: SurfaceContext,
): { way: StripWayRow; because: string } | undefined => {
  if (s.aim.stripWish === 'best') return undefined;
  const way = STRIP_WAYS.get(s.aim.stripWish);
  const because = forbids(way, s);
  return because === undefined ? undefined : { way, because };
};
