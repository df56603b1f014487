import { weakMapMemoize } from 'reselect';
import { ABOVE_DEW_POINT, COATINGS, COATING_AIR, DECISIONS, PH_LIMITS } from '../../catalog';
import { dewPoint } from '../../climate';
import { visibilityOf } from '../../piece';
import type { GateKind } from '../../work';
import {
  type SurfaceContext,
  isTouched,
  isUnstainable,
  keepsFilm,
  latestReading,
  mayBe,
} from './context';
import { coatsOf } from '../finish/finishing';
import { bleedOf, chanceSlick, primerOf } from '../finish/primed';

/** The chance that something comes through a light colour. */
export const chanceToBleed = (s: SurfaceContext): number =>
  Object.values(bleedOf(s)).reduce((sum, chance) => sum + chance, 0);

/** The latest pH that was read is one that coats don't bear. */
export const isPhOff = (s: SurfaceContext): boolean => {
  const ph = latestReading(s, 'surface-ph');
  return ph !== undefined && (ph < PH_LIMITS.from || ph > PH_LIMITS.to);
};

/** What is wrong with the shop's air for the coats of a surface; undefined where they bear it. */
export type RouteAirFault = 'cold' | 'humid' | 'dew';
export const airFault = weakMapMemoize((s: SurfaceContext): RouteAirFault | undefined => {
  const { airCelsius: celsius, airHumidity: humidity } = s.shop;
  const ranges = coatsOf(s).map((id) => COATINGS.get(id).air ?? COATING_AIR);
  if (ranges.some((it) => celsius < it.fromCelsius)) return 'cold';
  if (ranges.some((it) => humidity > it.toHumidity)) return 'humid';
  // The piece stands in the shop's air long enough to be as warm.
  const margin = celsius - dewPoint({ celsius, humidity });
  return ranges.length > 0 && margin < ABOVE_DEW_POINT.value ? 'dew' : undefined;
});

/**
 * Somebody has made one of these tests there; whatever came out, the question was answered. What
 * was taken over from an alike surface answers none.
 */
const isAnswered = (s: SurfaceContext, ...testIds: readonly string[]): boolean =>
  s.piece.observations.some(
    (it) => it.copyOf === undefined && it.surfaceId === s.surface.id && testIds.includes(it.testId),
  );

/** When each question about a surface is open: nobody has recorded an answer to it. */
const OPEN: Readonly<Record<GateKind, (s: SurfaceContext) => boolean>> = {
  lead: (s) => (s.lead === 'open' || s.oldPartLead === 'open') && isTouched(s),
  substrate: (s) =>
    !isAnswered(s, 'chip') &&
    s.showsWood &&
    !keepsFilm(s) &&
    mayBe(s.chanceUnstainable) &&
    !isUnstainable(s),
  veneer: (s) => s.showsWood && !keepsFilm(s) && s.veneerUm !== null && !s.beliefs.veneer.measured,
  bleed: (s) =>
    !isAnswered(s, 'bleed-patch', 'detector-dab') &&
    s.aim.scheme.kind === 'painted' &&
    s.aim.scheme.shade !== 'dark' &&
    !s.beliefs.bleed.confirmed &&
    chanceToBleed(s) >= DECISIONS.bleedPatchFrom.value &&
    chanceToBleed(s) <= DECISIONS.bleedPatchTo.value,
  patch: (s) =>
    s.aim.scheme.kind === 'painted' &&
    s.lead !== 'found' &&
    s.bond === undefined &&
    primerOf(s)?.primer.id === 'bonding' &&
    chanceSlick(s) >= DECISIONS.likelyForTesting.value &&
    visibilityOf(s.surface) === 'high',
  moisture: (s) => s.worked && s.beliefs.moisture?.damp === true,
  ph: (s) => s.worked && isPhOff(s),
  air: (s) => s.worked && airFault(s) !== undefined,
};

/** The questions that are open on a surface; what depends on them waits. */
export const openQuestions = weakMapMemoize((s: SurfaceContext): readonly GateKind[] =>
  (Object.keys(OPEN) as GateKind[]).filter((kind) => OPEN[kind](s)),
);

export const isOpen = (s: SurfaceContext, kind: GateKind): boolean =>
  openQuestions(s).includes(kind);
