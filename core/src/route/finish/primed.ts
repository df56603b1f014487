import { weakMapMemoize } from 'reselect';
import { DECISIONS, FINISHES, REMEDIES, SUBSTRATES, WOODS, type Coating } from '../../catalog';
import { bleedPast, choosePrimer, type PrimerNeed } from '../../coating';
import { isLightColour, linesOf } from '../../piece';
import { type SurfaceContext, areaOfFace, chanceOfAny, keepsFilm, shows } from '../context/context';

const SLICK_FILMS = FINISHES.rows.filter((it) => it.glossy);
const POWDERY_FILMS = FINISHES.rows.filter(
  (it) => it.nature === 'mineral' || it.nature === 'distemper',
);
const SLICK_FACES = SUBSTRATES.rows.filter((it) => it.nature === 'slick');
const WAXY_FILMS = FINISHES.rows.filter((it) => it.id === 'shellac' || it.id === 'waxedFilm');
const OILY_WOODS = WOODS.rows.filter((it) => it.oily);
const BOARDS = SUBSTRATES.rows.filter((it) => it.family === 'board');

/**
 * What comes through: what the wood brings, all of it where colour came out on the rag, or where
 * ink or iron lies in the wood; little where paint has stood for years and shows none.
 */
export const bleedOf = (s: SurfaceContext): PrimerNeed['bleed'] => {
  const { distribution } = s.beliefs.bleed;
  const { tannin, resin, dye, stain } = distribution;
  // What came out on the rag is dye, whatever was believed before.
  if (shows(s, 'weepsDye')) return { tannin: 0, resin: 0, dye: 1, stain: 0 };
  if (shows(s, 'ironStained')) return { tannin, resin, dye, stain: 1 - tannin - resin - dye };
  const share =
    s.finish.paint && s.finish.nature !== 'distemper' && keepsFilm(s) && !s.beliefs.bleed.confirmed
      ? DECISIONS.bleedThroughOldPaint.value
      : 1;
  return { tannin: share * tannin, resin: share * resin, dye: share * dye, stain: share * stain };
};

/** Chance that the face that stays is slick. */
export const chanceSlick = (s: SurfaceContext): number =>
  s.strips
    ? 0
    : Math.max(
        chanceOfAny(s.beliefs.finish.distribution, SLICK_FILMS),
        chanceOfAny(s.beliefs.substrate.distribution, SLICK_FACES),
      );

/** It came through on this face, and somebody decided to shut it in. */
const isToBeShutIn = (s: SurfaceContext): boolean =>
  linesOf(s.piece.log, 'discovery').some(
    (it) =>
      it.remedy !== null && REMEDIES.get(it.remedy).shutsIn && it.surfaceIds.includes(s.surface.id),
  );

const needOf = (s: SurfaceContext): PrimerNeed => {
  const { finish, substrate } = s.beliefs;
  const open = s.strips || !s.finish.film;
  const board = chanceOfAny(substrate.distribution, BOARDS);
  return {
    scheme: s.aim.scheme,
    m2: areaOfFace(s),
    film: s.strips ? 'bare' : s.finish.id,
    bleed: bleedOf(s),
    slick: chanceSlick(s),
    powdery: s.strips ? 0 : chanceOfAny(finish.distribution, POWDERY_FILMS),
    bareBoard: open ? board : 0,
    odour: shows(s, 'smells'),
    silicone: shows(s, 'craters'),
    cameThrough: isToBeShutIn(s),
    waxyFilm: s.strips ? 0 : chanceOfAny(finish.distribution, WAXY_FILMS),
    oily: chanceOfAny(s.beliefs.wood.distribution, OILY_WOODS),
    schools: s.shop.schools,
  };
};

/** The primer of a surface with its reason; undefined where it needs none. */
export const primerOf = weakMapMemoize((s: SurfaceContext) => choosePrimer(needOf(s)));

/** What colour laid on the primer of a surface risks: bleed that the primer lets through. */
export const chanceOfBleed = (s: SurfaceContext): number => {
  const { distribution } = s.beliefs.bleed;
  return isLightColour(s.aim.scheme) ? bleedPast(primerOf(s)?.primer.id, distribution) : 0;
};

/** Chance that the film below is slick and what lies on it lets go. */
export const chanceOfPeeling = (s: SurfaceContext): number =>
  keepsFilm(s) ? s.beliefs.finish.distribution.factory * (1 - (primerOf(s)?.primer.grips ?? 0)) : 0;

/**
 * The coats of primer, bottom up. Over clear shellac the last one is white where it is likely to
 * bleed and no edge is rubbed through: it shows where it still comes.
 */
export const primeCoatsOf = (s: SurfaceContext): readonly Coating[] => {
  const primer = primerOf(s)?.primer;
  if (!primer) return [];
  // Between an old film and the new one a single coat is enough.
  const count = keepsFilm(s) && s.showsWood ? 1 : primer.coats;
  const coats: Coating[] = Array.from({ length: count }, () => primer.id);
  const { scheme } = s.aim;
  const detects =
    primer.id === 'clearShellac' &&
    scheme.kind === 'painted' &&
    scheme.effect !== 'distressed' &&
    isLightColour(scheme) &&
    bleedPast(undefined, bleedOf(s)) >= DECISIONS.detectorFrom.value;
  return detects ? [...coats.slice(0, -1), 'pigmentedShellac'] : coats;
};
