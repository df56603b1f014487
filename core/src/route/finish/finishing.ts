import { weakMapMemoize } from 'reselect';
import {
  CLEAR_COATS,
  COATINGS,
  GAPS,
  RENEWED_COATS,
  WIPED_ROUNDS,
  leavesFilm,
  type Coating,
} from '../../catalog';
import {
  topcoatCoating,
  checkGap,
  filmUm,
  judgeTopcoat,
  may,
  topcoatInstead,
  type GapCheck,
  type TopcoatVerdict,
} from '../../coating';
import { isCoated } from '../../piece';
import { type Coat, type Series } from '../../effect';
import { coatsOn, hasSpoiledCoats } from '../../work';
import {
  decorationOf,
  effectsOf,
  fillsGrain,
  isSealedOver,
  isToned,
  paintPlanOf,
  stainsOf,
} from './coloured';
import { type SurfaceContext, renewsClear, wearOn, shows } from '../context/context';
import { primeCoatsOf, primerOf } from './primed';

/** The last coat below the topcoat; undefined where that goes on bare wood. */
export const belowTopcoat = (s: SurfaceContext): Coating | undefined =>
  effectsOf(s).at(-1) ??
  paintPlanOf(s)?.coating ??
  (isToned(s) ? 'toner' : undefined) ??
  (fillsGrain(s) ? 'grainFiller' : undefined) ??
  stainsOf(s).at(-1) ??
  primerOf(s)?.primer.id;

/** Does a coating go into the wood, so that a film shuts it out? */
export const wantsOpenWood = (coating: Coating): boolean =>
  COATINGS.get(coating).over.oilFilm === 'closed';

/** Coats of the topcoat. */
export interface TopcoatPlan {
  readonly coating: Coating;
  readonly coats: number;
}

/**
 * What stands against the topcoat wished for over the coat below it. What soaks into the wood is
 * shut out by a sealer too, whatever stain lies between.
 */
export const topcoatVerdictOf = (s: SurfaceContext): TopcoatVerdict | undefined => {
  const { scheme } = s.aim;
  const overLast = judgeTopcoat(scheme, belowTopcoat(s));
  if (!isCoated(scheme) || scheme.topcoat === 'none' || overLast?.may === 'never') return overLast;
  const soaks = wantsOpenWood(topcoatCoating(scheme.topcoat));
  const overSealer = soaks ? judgeTopcoat(scheme, primerOf(s)?.primer.id) : undefined;
  return overSealer ?? overLast;
};

/**
 * The topcoat of a surface: as wished, or a waterborne clear where the wish is refused; coats by
 * wear. Undefined where none is wanted.
 */
export const topcoatOf = weakMapMemoize((s: SurfaceContext): TopcoatPlan | undefined => {
  const { scheme } = s.aim;
  if (!isCoated(scheme) || scheme.topcoat === 'none') return undefined;
  const refused = topcoatVerdictOf(s)?.may === 'never';
  const coating = refused
    ? topcoatInstead(scheme, belowTopcoat(s))
    : topcoatCoating(scheme.topcoat);
  return {
    coating,
    coats: leavesFilm(COATINGS.get(coating))
      ? Math.min(
          CLEAR_COATS[scheme.wear ?? wearOn(s)],
          renewsClear(s) ? RENEWED_COATS.value : Infinity,
        )
      : WIPED_ROUNDS.value,
  };
});

const times = (
  series: Series,
  coating: Coating | undefined,
  count: number,
  colour: string | null = null,
): readonly Coat[] =>
  coating
    ? Array.from({ length: count }, (_, index) => ({ series, nth: index + 1, coating, colour }))
    : [];

/** All coats of a surface in the order in which they are laid: its finish plan. */
export const finishPlanOf = weakMapMemoize((s: SurfaceContext): readonly Coat[] => {
  const paint = paintPlanOf(s);
  const topcoat = topcoatOf(s);
  const filled = fillsGrain(s) ? 1 : 0;
  return [
    ...times('grain', 'grainFiller', paint ? filled : 0),
    ...primeCoatsOf(s).map((coating, index): Coat => ({
      series: 'prime',
      nth: index + 1,
      coating,
      colour: coating === 'clearShellac' ? null : (paint?.tint ?? null),
    })),
    ...stainsOf(s).map((coating, index): Coat => ({
      series: 'stain',
      nth: index + 1,
      coating,
      colour: 'shade' in s.aim.scheme ? (s.aim.scheme.shade ?? null) : null,
    })),
    ...times('seal', 'washcoat', isSealedOver(s) ? 1 : 0),
    ...times('grainOverStain', 'grainFiller', paint ? 0 : filled),
    ...times('tone', 'toner', isToned(s) ? 1 : 0),
    ...times('paint', paint?.coating, paint?.coats ?? 0, paint?.colour ?? null),
    ...effectsOf(s).map((coating, index): Coat => ({
      series: 'effect',
      nth: index + 1,
      coating,
      colour: index > 0 && 'stainOver' in s.aim.scheme ? (s.aim.scheme.stainOver ?? null) : null,
    })),
    ...times('clear', topcoat?.coating, topcoat?.coats ?? 0),
    ...times('decorate', decorationOf(s), 1),
  ];
});

/** The coatings of a surface, bottom up. */
export const coatsOf = (s: SurfaceContext): readonly Coating[] =>
  finishPlanOf(s).map((it) => it.coating);

/** New film on a face, µm. */
export const filmOf = (s: SurfaceContext): number => filmUm(coatsOf(s));

/** What new film does to the gap of a part that runs in an opening. */
export const gapOf = (s: SurfaceContext): GapCheck =>
  checkGap(shows(s, 'catches') ? GAPS.catches : GAPS.runs, filmOf(s), 2, GAPS.keep);

const sameCoat = (a: Coat | undefined, b: Coat | undefined): boolean =>
  a !== undefined && b !== undefined && a.coating === b.coating && a.colour === b.colour;

/** The last so many coats of a face are those of the plan from a place on. */
const runFrom = (plan: readonly Coat[], laid: readonly Coat[], from: number): number => {
  for (let count = Math.min(plan.length - from, laid.length); count > 0; count--) {
    const last = laid.slice(-count);
    if (last.every((it, index) => sameCoat(it, plan[from + index]))) return count;
  }
  return 0;
};

/**
 * The same paint in another colour is ground enough for the new one, where it lies on all that is
 * planned below: the place of the first paint; undefined where it is not so.
 */
const overOtherColour = (plan: readonly Coat[], laid: readonly Coat[]): number | undefined => {
  const first = plan.findIndex((it) => it.series === 'paint');
  if (first < 0) return undefined;
  const under = laid.slice(0, laid.length - runFrom(plan, laid, first)).at(-1);
  const isGround = under?.series === 'paint' && under.coating === plan[first]?.coating;
  const isPrimed = plan
    .slice(0, first)
    .every((it) => laid.some((one) => one.series === it.series && one.coating === it.coating));
  return isGround && isPrimed ? first : undefined;
};

/**
 * How many coats of its finish plan a surface has got: as many as the last coats on it are the
 * first of the plan. Coats of another plan below them count for nothing: they are a film like any
 * other; but the same paint in another colour spares what is planned below it.
 */
export const laidOf = weakMapMemoize((s: SurfaceContext): number => {
  const plan = finishPlanOf(s);
  const laid = coatsOn(s.now);
  // Where wood is to be seen, what is foreign below comes off, and all that lies on it goes with it.
  if (s.showsWood && foreignIn(plan, laid)) return 0;
  const own = runFrom(plan, laid, 0);
  if (own > 0) return own;
  const ground = overOtherColour(plan, laid);
  return ground === undefined ? 0 : ground + runFrom(plan, laid, ground);
});

/** Lie there coats of another plan? One more of the first coat of this one is no other. */
const foreignIn = (plan: readonly Coat[], laid: readonly Coat[]): boolean => {
  const own = runFrom(plan, laid, 0);
  return laid.slice(0, laid.length - own).some((it) => own === 0 || !sameCoat(it, plan[0]));
};

/** Coats lie on the face that are none of its finish plan: its aim was changed on the way. */
export const hasOtherCoats = (s: SurfaceContext): boolean =>
  foreignIn(finishPlanOf(s), coatsOn(s.now));

/** What was laid for another aim bears no coat of this one: it has to come off. */
export const bearsNoneOfThePlan = (s: SurfaceContext): boolean => {
  const plan = finishPlanOf(s);
  const [first] = plan;
  const top = s.now.layers.at(-1);
  const others = hasOtherCoats(s) || hasSpoiledCoats(s.now);
  if (!first || !top || !others || laidOf(s) > 0) return false;
  const meets = may(first.coating, top.layer).may;
  return meets === 'never' || meets === 'barrier';
};

/** The coat on top is none of the finish plan, or counts no longer: the next one goes over what was laid before. */
export const isOverOtherCoats = (s: SurfaceContext): boolean => {
  const laid = laidOf(s);
  const top = coatsOn(s.now).at(-1);
  return (
    (hasOtherCoats(s) && !sameCoat(top, finishPlanOf(s)[laid - 1])) ||
    (laid === 0 && hasSpoiledCoats(s.now))
  );
};

/** Place of a coat in the finish plan, from 0 on. */
export const placeInPlan = (s: SurfaceContext, series: Series, nth: number): number =>
  finishPlanOf(s).findIndex((it) => it.series === series && it.nth === nth);

/** Is this coat of the plan still to be laid? */
export const isPending = (s: SurfaceContext, coat: Coat): boolean =>
  placeInPlan(s, coat.series, coat.nth) >= laidOf(s);

/** The coat that comes next over a coat of the plan; undefined over the last. */
export const coatOver = (s: SurfaceContext, coat: Coat): Coat | undefined =>
  finishPlanOf(s)[placeInPlan(s, coat.series, coat.nth) + 1];

/**
 * Is a coat still to be dulled for the next? It is while it has yet to be laid, or lies on top
 * with its gloss.
 */
export const isToBeDulled = (s: SurfaceContext, coat: Coat): boolean => {
  const place = placeInPlan(s, coat.series, coat.nth);
  return place >= laidOf(s) || (place === laidOf(s) - 1 && !s.now.dulled && !isOverOtherCoats(s));
};

/** The coats of one series that are still to be laid. */
export const pendingOf = (s: SurfaceContext, ...series: readonly Series[]): readonly Coat[] =>
  finishPlanOf(s).filter((it) => series.includes(it.series) && isPending(s, it));

/** Coats that were laid, or are planned, in one series. */
export const coatsInSeries = (s: SurfaceContext, series: Series): readonly Coat[] =>
  finishPlanOf(s).filter((it) => it.series === series);

/**
 * Does the first coat of a series want the coat below it dulled? A primer was dulled already; over
 * any other coat it hangs on how the two meet.
 */
export const dullsUnder = (s: SurfaceContext, series: 'effect' | 'clear'): boolean => {
  const place = placeInPlan(s, series, 1);
  const [over, under] = [finishPlanOf(s)[place], finishPlanOf(s)[place - 1]];
  return (
    over !== undefined &&
    under !== undefined &&
    under.series !== 'prime' &&
    may(over.coating, { of: 'coat', id: under.coating }).may === 'scuff'
  );
};

/** It is still to be dulled: the coat above is yet to be laid, and the face has its gloss. */
export const isToBeDulledUnder = (s: SurfaceContext, series: 'effect' | 'clear'): boolean => {
  const place = placeInPlan(s, series, 1);
  return dullsUnder(s, series) && place >= laidOf(s) && !(s.now.dulled && place === laidOf(s));
};
