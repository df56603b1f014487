import {
  COATINGS,
  PAIR_WAITS,
  RATES,
  SLOWER,
  TRANSFER,
  WAITS,
  leavesFilm,
  type Coating,
  type Rate,
  type Told,
} from '../../catalog';
import { litresFor, may } from '../../coating';
import { isForChild, movesWith } from '../../piece';
import { COAT_WORDS } from '../../words';
import { type Coat, type Lag, type Need, type Series } from '../../effect';
import { take } from '../../work';
import type { Draft } from './rule';
import { onArea, onFace, papersFor, wait } from './common';
import { type SurfaceContext, areaOfFace, hangsAsDoor } from '../context/context';
import {
  coatOver,
  coatsInSeries,
  dullsUnder,
  filmOf,
  finishPlanOf,
  gapOf,
  isToBeDulled,
  placeInPlan,
  wantsOpenWood,
} from '../finish/finishing';

/** From this area on masking and cleaning the gun are made good by its speed, m². */
const WORTH_SPRAYING =
  (RATES.spray.fixed - RATES.coat.fixed) / (RATES.coat.each - RATES.spray.each);

/**
 * Is this coat sprayed? Where the shop has a gun and the material bears it: as the user insists,
 * else where the area is worth it.
 */
export const isSprayed = (s: SurfaceContext, coating: Coating): boolean => {
  if (!s.shop.tools.includes('sprayer') || !COATINGS.get(coating).sprayable) return false;
  const wish = s.aim.applicator ?? 'best';
  return wish === 'best' ? s.sameCoatM2 >= WORTH_SPRAYING : wish === 'gun';
};

/** With what a film coat is laid, told where the user insists; sprayed steps stand by themselves. */
const applicatorWords = (s: SurfaceContext, coat: Coat, sprayed: boolean): readonly Told[] => {
  const row = COATINGS.get(coat.coating);
  const wish = s.aim.applicator;
  if (sprayed) {
    // A primer is dulled for the next coat as a step of its own, and so is every coat where the shop sands all.
    const isKnockedDown =
      coat.series !== 'prime' && coatOver(s, coat) !== undefined && !isSandedNext(s, coat);
    return [
      ...COAT_WORDS.coat.byGun(coat.nth, row.dilution),
      ...(isKnockedDown ? [COAT_WORDS.coat.knockDown] : []),
      row.sprayer,
    ];
  }
  if (wish === 'roller' && row.mechanism !== 'water') {
    return [COAT_WORDS.coat.noRoller, ...row.steps];
  }
  return wish === 'brush' || wish === 'roller'
    ? [COAT_WORDS.coat.as[wish], ...row.steps]
    : row.steps;
};

/** Until when the next coat of the same kind bites by itself. */
const windowWords = (s: SurfaceContext, coat: Coat): readonly Told[] => {
  const closes = COATINGS.get(coat.coating).closesMinutes;
  return closes !== null && coatOver(s, coat)?.coating === coat.coating
    ? [COAT_WORDS.coat.window(closes)]
    : [];
};

/** What all new film together does to the gap of a part that slides, told with its first film coat. */
const filmBuildWords = (s: SurfaceContext, coat: Coat): readonly Told[] => {
  const first = finishPlanOf(s).find(isFilm);
  if (first !== coat || movesWith(s.surface) === null) return [];
  const gap = gapOf(s);
  return [
    COAT_WORDS.coat.filmBuild(
      s.surface.name,
      {
        faceUm: filmOf(s),
        closesUm: gap.closesUm,
        leftUm: gap.leftUm,
        isEased: gap.sandDownUm > 0,
      },
      s.shop.units,
    ),
  ];
};

/** It lies by itself while it is coated, so that both its sides are reached. */
const liesLoose = (s: SurfaceContext): boolean =>
  hangsAsDoor(s) || s.surface.role === 'shelves' || (s.isNew && s.surface.part === 'back');

/** What a coat asks of the face that it goes on. */
const needsOf = (s: SurfaceContext, coat: Coat): readonly Need[] => {
  const under = finishPlanOf(s)[placeInPlan(s, coat.series, coat.nth) - 1];
  const open = wantsOpenWood(coat.coating);
  const dull =
    under !== undefined && may(coat.coating, { of: 'coat', id: under.coating }).may === 'scuff';
  return [
    'dustFree',
    'dewaxed',
    ...(open ? (['bare'] as const) : []),
    ...(dull ? (['dulled'] as const) : []),
  ];
};

/** When the next coat may follow, and until when it bites without a scuff. */
export const lagOfCoat = (coating: Coating, isSandedNext = false): Lag => {
  const row = COATINGS.get(coating);
  return {
    min: isSandedNext ? Math.max(row.recoatMinutes, row.sandMinutes ?? 0) : row.recoatMinutes,
    max: row.closesMinutes,
    mechanism: row.mechanism,
    filmUm: row.wetUm * row.solids,
    until: row.mechanism === 'wax' ? 'hazy' : 'touchDry',
  };
};

/** The wait belongs to the pair, not to the lower coat alone. */
const lagBetween = (lag: Lag, under: Coat, over: Coat | undefined): Lag => {
  if (!over) return lag;
  const [below, above] = [COATINGS.get(under.coating), COATINGS.get(over.coating)];
  const waits = PAIR_WAITS.filter(
    (it) => it.under.includes(below.ground) && it.over.includes(above.mechanism),
  );
  return { ...lag, min: Math.max(lag.min, ...waits.map((it) => it.minutes)) };
};

/** Is a coat of paint sanded before the next: with every coat, or the last one under its topcoat? */
const isSandedNext = (s: SurfaceContext, coat: Coat): boolean => {
  const over = coatOver(s, coat);
  if (over === undefined || coat.series !== 'paint') return false;
  return over.series === 'paint'
    ? sandsEveryCoat(s)
    : (over.series === 'clear' || over.series === 'effect') && dullsUnder(s, over.series);
};

/** Lays one coat of a material, with its steps, wait, protection and cautions from the catalog. */
export const layCoat = (
  s: SurfaceContext,
  coat: Coat,
  rest: Pick<Draft, 'rank' | 'title' | 'setUp'> &
    Partial<Draft> & { readonly first?: readonly Told[]; readonly rate?: Rate },
): Draft => {
  const { first = [], rate, ...draft } = rest;
  const row = COATINGS.get(coat.coating);
  const film = leavesFilm(row);
  const sprayed = rate === undefined && isSprayed(s, coat.coating);
  const { effort, consumes } = onArea(rate ?? (sprayed ? 'spray' : film ? 'coat' : 'wiped'), s);
  const litres =
    litresFor(coat.coating, s.surface.areaMm2) / TRANSFER[sprayed ? 'sprayed' : 'brushed'];
  return {
    method: `coat-${coat.coating}`,
    occurrence: `${coat.nth}`,
    effort,
    consumes: [take(coat.coating, litres, 'coats'), ...consumes],
    cautions: film && isForChild(s.piece) ? [COAT_WORDS.coat.forChild] : [],
    wait: lagBetween(lagOfCoat(coat.coating, isSandedNext(s, coat)), coat, coatOver(s, coat)),
    ...draft,
    title: sprayed ? COAT_WORDS.coat.sprayed(rest.title) : rest.title,
    setUp: { coating: coat.coating, colour: coat.colour, nth: coat.nth, sprayed, ...rest.setUp },
    how: [
      ...first,
      ...(film && liesLoose(s) ? [COAT_WORDS.coat.bothSides] : []),
      ...(film ? applicatorWords(s, coat, sprayed) : row.steps),
      ...windowWords(s, coat),
      ...filmBuildWords(s, coat),
      COAT_WORDS.coat.cleanTools(row.cleaner),
      ...(rest.how ?? []),
    ],
    traits: { lays: coat, sprayed, needs: needsOf(s, coat), ...draft.traits },
  };
};

/** Dulls a coat so that the next one grips, and takes the dust off; wet where lead lies below. */
export const dullCoat = (
  s: SurfaceContext,
  it: {
    readonly occurrence: string;
    readonly grit: number;
    readonly rank: number;
    readonly next: string;
    readonly because: string;
  } & Partial<Draft>,
): Draft => {
  const { grit, next, ...rest } = it;
  const wet = s.lead === 'found';
  const { method, effort, consumes } = onFace(wet ? 'dull-wet' : 'dull', s, wet ? SLOWER.wet : 1);
  return {
    method,
    setUp: { dulls: it.occurrence, grit, next },
    title: COAT_WORDS.dull.title(grit, wet),
    effort,
    consumes: [...papersFor([grit], areaOfFace(s)), ...consumes],
    how: COAT_WORDS.dull.how(grit, wet, next, s.shop.schools.dustCloth),
    wait: wet ? wait(WAITS.afterWetDulling, 'dry') : null,
    cautions: wet ? COAT_WORDS.dull.cautions : [],
    ...rest,
    traits: {
      grits: [grit],
      face: 'dulled',
      ...rest.traits,
    },
  };
};

/** Does the shop sand every coat, whether it is rough or not? */
export const sandsEveryCoat = (s: SurfaceContext): boolean =>
  s.shop.schools.betweenCoats === 'always';

/** A film that stays on the face, and can be sanded for the next. */
export const isFilm = (coat: Coat): boolean => leavesFilm(COATINGS.get(coat.coating));

/** Coats of a series that are sanded for the next one: films, and the last of them left alone. */
export const sandedBetween = (s: SurfaceContext, series: Series): readonly Coat[] =>
  sandsEveryCoat(s)
    ? coatsInSeries(s, series)
        .slice(0, -1)
        .filter((it) => isFilm(it) && isToBeDulled(s, it))
    : [];

/** Sanding between the coats of a series. @param rank of the first of them */
export const sandBetween = (
  s: SurfaceContext,
  series: Series,
  grit: number,
  rank: number,
): readonly Draft[] =>
  sandedBetween(s, series).map((coat) =>
    dullCoat(s, {
      occurrence: `${coat.nth}`,
      grit,
      rank: rank + 2 * (coat.nth - 1),
      next: COAT_WORDS.dull.readyFor.coat,
      because: COAT_WORDS.dull.becauseSmooth(grit, coat.coating),
    }),
  );
