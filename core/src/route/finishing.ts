import {
  CLEAR_COATS,
  COATINGS,
  DECISIONS,
  FACE_COLOURS,
  FINISHES,
  GAPS,
  RENEWED_COATS,
  SUBSTRATES,
  WIPED_ROUNDS,
  WOODS,
  leavesFilm,
  type Coating,
} from '../catalog';
import {
  TOPCOATS,
  bleedPast,
  checkGap,
  choosePrimer,
  coatsOverFace,
  colourOf,
  filmUm,
  judgeTopcoat,
  may,
  tintFor,
  topcoatInstead,
  type PrimerNeed,
  type GapCheck,
  type Tint,
  type TopcoatVerdict,
} from '../coating';
import { isCoated, isLightColour, wearOf, type Scheme } from '../piece';
import { coatsOn, type Coat, type Series } from '../work';
import {
  areaOfFace,
  chanceOfAny,
  has,
  keepsFilm,
  renewsClear,
  type SurfaceContext,
} from './context';
import { remembered } from './memo';

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
  if (has(s, 'weepsColour')) return { tannin: 0, resin: 0, dye: 1, stain: 0 };
  if (has(s, 'darkRing')) return { tannin, resin, dye, stain: 1 - tannin - resin - dye };
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
    odour: has(s, 'mould', 'odour'),
    silicone: has(s, 'silicone'),
    waxyFilm: s.strips ? 0 : chanceOfAny(finish.distribution, WAXY_FILMS),
    oily: chanceOfAny(s.beliefs.wood.distribution, OILY_WOODS),
    schools: s.shop.schools,
  };
};

/** The primer of a surface with its reason; undefined where it needs none. */
export const primerOf = remembered((s: SurfaceContext) => choosePrimer(needOf(s)));

type Painted = Extract<Scheme, { kind: 'painted' }>;

/** The paint that a scheme asks for; a tough one where nothing is said. */
const paintOf = (scheme: Painted): Coating => scheme.paint ?? 'cabinetEnamel';

/** What colour laid on the primer of a surface risks: bleed that the primer lets through. */
export const chanceOfBleed = (s: SurfaceContext): number => {
  const { distribution } = s.beliefs.bleed;
  return isLightColour(s.aim.scheme) ? bleedPast(primerOf(s)?.primer.id, distribution) : 0;
};

/** Chance that the film below is slick and what lies on it lets go. */
export const chanceOfPeeling = (s: SurfaceContext): number =>
  keepsFilm(s) ? s.beliefs.finish.distribution.factory * (1 - (primerOf(s)?.primer.grips ?? 0)) : 0;

/** Coats of paint, the colour, and the tint of primer under it. */
export interface PaintPlan {
  readonly coating: Coating;
  readonly colour: string;
  readonly coats: number;
  /** Null where no opaque primer lies below. */
  readonly tint: Tint['tint'] | null;
  readonly neverCovers: boolean;
}

/** What the paint has to cover where no opaque primer lies below. */
const groundOf = (s: SurfaceContext): string =>
  s.finish.paint && !s.strips
    ? FACE_COLOURS.oldPaint
    : s.wood.dark
      ? FACE_COLOURS.darkWood
      : FACE_COLOURS.paleWood;

/**
 * The coats of primer, bottom up. Over clear shellac the last one is white where it is likely to
 * bleed and no edge is rubbed through: it shows where it still comes.
 */
const primeCoatsOf = (s: SurfaceContext): readonly Coating[] => {
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

/** How a surface is painted; undefined where it is not. */
export const paintPlanOf = remembered((s: SurfaceContext): PaintPlan | undefined => {
  const { scheme } = s.aim;
  if (scheme.kind !== 'painted') return undefined;
  const colour = colourOf(scheme);
  const primer = primeCoatsOf(s).at(-1);
  const covered = primer !== undefined && primer !== 'clearShellac';
  const { tint, cover } = covered
    ? tintFor(colour)
    : { tint: null, cover: coatsOverFace(colour, groundOf(s)) };
  return {
    coating: paintOf(scheme),
    colour,
    tint,
    coats: cover.coats,
    neverCovers: cover.neverCovers,
  };
});

type StainClass = NonNullable<Extract<Scheme, { kind: 'stained' }>['stain']>;

/** What a class of stain is laid with, coat by coat. Gel lies on the wood, and needs no conditioner. */
const STAINS: Readonly<Record<StainClass, readonly Coating[]>> = {
  oil: ['oilStain'],
  water: ['waterStain'],
  gel: ['gelStain'],
  varnish: ['tintedVarnish', 'tintedVarnish'],
  tintedOil: ['tintedOil'],
};

/** Stains in the order in which they are laid. Over a sealed face only gel takes. */
export const stainsOf = (s: SurfaceContext): readonly Coating[] => {
  const { scheme } = s.aim;
  if (scheme.kind === 'veneered') return scheme.shade ? ['oilStain'] : [];
  if (scheme.kind !== 'stained') return [];
  if (primerOf(s)) return ['gelStain'];
  const stain = scheme.stain ?? 'oil';
  return stain === 'oil' && s.wood.blotches ? ['conditioner', 'oilStain'] : STAINS[stain];
};

/** Colour and finish in one: they leave the pores as they are, and take no toner. */
export const finishesInOne = (scheme: Scheme): boolean =>
  scheme.kind === 'stained' && (scheme.stain === 'varnish' || scheme.stain === 'tintedOil');

/** Is the stain evened out with toner? */
const isToned = ({ aim: { scheme } }: SurfaceContext): boolean =>
  scheme.kind === 'stained' && scheme.toned === true && !finishesInOne(scheme);

/**
 * A thin coat of shellac over the stain: filler rubbed across it would drag it out, and toner
 * would melt into it. A face that was sealed before needs none.
 */
const isSealedOver = (s: SurfaceContext): boolean =>
  stainsOf(s).length > 0 && (fillsGrain(s) || isToned(s));

const EFFECTS = { washed: 'wash', glazed: 'glaze', dryBrushed: 'dryBrush' } as const;

/** Are the pores filled? Under paint only where the old film is gone. */
export const fillsGrain = (s: SurfaceContext): boolean =>
  'grain' in s.aim.scheme &&
  s.aim.scheme.grain === 'filled' &&
  !finishesInOne(s.aim.scheme) &&
  s.wood.openPored &&
  s.substrate.wood &&
  !keepsFilm(s);

/** What comes last of all, since nothing sticks over it. */
const DECORATIONS = { stencilled: 'stencilPaint', gilded: 'metalWax' } as const;

/** The coats that make the effect on paint or wood, in their order. */
export const effectsOf = ({ aim: { scheme } }: SurfaceContext): readonly Coating[] => {
  if (scheme.kind === 'washed') return scheme.stainOver ? ['wash', 'gelStain'] : ['wash'];
  if (scheme.kind !== 'painted' || !scheme.effect) return [];
  return scheme.effect in EFFECTS ? [EFFECTS[scheme.effect as keyof typeof EFFECTS]] : [];
};

const decorationOf = ({ aim: { scheme } }: SurfaceContext): Coating | undefined =>
  scheme.kind === 'painted' && scheme.effect && scheme.effect in DECORATIONS
    ? DECORATIONS[scheme.effect as keyof typeof DECORATIONS]
    : undefined;

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
  const soaks = wantsOpenWood(TOPCOATS[scheme.topcoat]);
  const overSealer = soaks ? judgeTopcoat(scheme, primerOf(s)?.primer.id) : undefined;
  return overSealer ?? overLast;
};

/**
 * The topcoat of a surface: as wished, or a waterborne clear where the wish is refused; coats by
 * wear. Undefined where none is wanted.
 */
export const topcoatOf = remembered((s: SurfaceContext): TopcoatPlan | undefined => {
  const { scheme } = s.aim;
  if (!isCoated(scheme) || scheme.topcoat === 'none') return undefined;
  const refused = topcoatVerdictOf(s)?.may === 'never';
  const coating = refused ? topcoatInstead(scheme, belowTopcoat(s)) : TOPCOATS[scheme.topcoat];
  return {
    coating,
    coats: leavesFilm(COATINGS.get(coating))
      ? Math.min(
          CLEAR_COATS[scheme.wear ?? wearOf(s.surface)],
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
export const finishPlanOf = remembered((s: SurfaceContext): readonly Coat[] => {
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
  checkGap(has(s, 'catchingDrawer') ? GAPS.catches : GAPS.runs, filmOf(s), 2, GAPS.keep);

const sameCoat = (a: Coat | undefined, b: Coat | undefined): boolean =>
  a !== undefined && b !== undefined && a.coating === b.coating && a.colour === b.colour;

/**
 * How many coats of its finish plan a surface has got: as many as the last coats on it are the
 * first of the plan. Coats of another plan below them count for nothing: they are a film like any
 * other.
 */
export const laidOf = remembered((s: SurfaceContext): number => {
  const plan = finishPlanOf(s);
  const laid = coatsOn(s.now);
  for (let count = Math.min(plan.length, laid.length); count > 0; count--) {
    const last = laid.slice(-count);
    if (last.every((it, index) => sameCoat(it, plan[index]))) return count;
  }
  return 0;
});

/** Coats lie on the face that are none of its finish plan: its aim was changed on the way. */
export const hasOtherCoats = (s: SurfaceContext): boolean => coatsOn(s.now).length > laidOf(s);

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
  return place >= laidOf(s) || (place === laidOf(s) - 1 && !s.now.dulled);
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
