import { MINUTES_PER_MINOR_UNIT, STRIP_WAYS, TOOLS, type StripWay } from '../../catalog';
import { countedLayers } from '../../inspect';
import { squareMetres } from '../../units';
import { isSuspect, type SurfaceContext } from '../context';

type Way = (typeof STRIP_WAYS.rows)[number];

/** Layers of the old finish, as counted or recorded; one where nobody looked. */
export const layersOn = (s: SurfaceContext): number =>
  Math.max(
    1,
    countedLayers(
      s.piece.observations.filter((it) => it.surfaceId === s.surface.id),
      s.beliefs.layers.length,
    ) ?? 1,
  );

/** Active minutes of a way on a surface, by area, layers and how stubborn the finish is. */
export const stripMinutes = (way: Way, s: SurfaceContext): number =>
  squareMetres(s.surface.areaMm2) *
  (way.minutesPerM2 + way.minutesPerFurtherLayer * (layersOn(s) - 1)) *
  s.finish.stripEffort;

/** Minutes, money, hazard and likely damage in one figure, minutes. */
const burden = (way: Way, s: SurfaceContext): number =>
  stripMinutes(way, s) +
  way.costPerM2 * squareMetres(s.surface.areaMm2) * MINUTES_PER_MINOR_UNIT.value +
  way.hazardMinutes +
  way.damageMinutes;

/** From this chance of tannin on a wood counts as rich in it. */
const RICH_IN_TANNIN = 0.5;

/** Why a way is out of the question here; undefined where it may be used. */
const forbids = (way: Way, s: SurfaceContext): string | undefined => {
  if (isSuspect(s) && !way.allowedOnLead) return 'makes dust or fumes of paint that may hold lead';
  if (way.tool && !s.shop.tools.includes(way.tool))
    return `wants ${TOOLS.get(way.tool).phrase}, and this shop has none`;
  if (s.veneerUm !== null && !way.forVeneer) return `not on ${way.notOn}`;
  if (s.finish.paint && !way.forPaint) return 'works on clear finishes only';
  if (s.wood.bleeds.tannin >= RICH_IN_TANNIN && !way.forTannin)
    return 'darkens wood that is rich in tannin';
  return undefined;
};

export interface StripChoice {
  readonly way: Way;
  readonly minutes: number;
  readonly insteadOf: readonly { readonly label: string; readonly because: string }[];
}

/** Chooses the way to strip a surface: the user's wish, then the shop's school, where allowed; else the least burden. */
export const chooseStripWay = (s: SurfaceContext): StripChoice => {
  const allowed = STRIP_WAYS.rows
    .filter((way) => forbids(way, s) === undefined)
    .sort((a, b) => burden(a, s) - burden(b, s));
  const { takeOff } = s.shop.schools;
  const school = takeOff === 'leastBurden' ? undefined : takeOff;
  const wish: StripWay | undefined = s.aim.stripWish === 'best' ? school : s.aim.stripWish;
  const way = allowed.find((it) => it.id === wish) ?? allowed[0] ?? STRIP_WAYS.get('gel');
  const others = STRIP_WAYS.rows.filter((it) => it.id !== way.id);
  return {
    way,
    minutes: stripMinutes(way, s),
    insteadOf: others.map((other) => {
      const no = forbids(other, s);
      const more = Math.round(burden(other, s) - burden(way, s));
      return {
        label: other.label,
        because:
          no ??
          (more >= 0
            ? `about ${more} min more on ${s.surface.name.toLowerCase()}, with hazard, likely damage and cost counted in`
            : `about ${-more} min less on ${s.surface.name.toLowerCase()} with everything counted, but ${s.aim.stripWish === 'best' ? 'the shop works with' : 'you asked for'} ${way.label}`),
      };
    }),
  };
};

/** Is the way that the user insists on forbidden here? */
export const forbiddenWish = (s: SurfaceContext): { way: Way; because: string } | undefined => {
  if (s.aim.stripWish === 'best') return undefined;
  const way = STRIP_WAYS.get(s.aim.stripWish);
  const because = forbids(way, s);
  return because === undefined ? undefined : { way, because };
};
