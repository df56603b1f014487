import { CLEAR_COATS, COATINGS, FACE_COLOURS, type Coating } from '../catalog';
import {
  TOPCOATS,
  choosePrimer,
  coatsToCover,
  colourOf,
  filmUm,
  judgeTopcoat,
  may,
  tintFor,
  type PrimerNeed,
} from '../coating';
import { isCoated, isLightColour, wearOf, type Scheme } from '../piece';
import { has, keepsFilm, type SurfaceContext } from './context';

const needOf = (s: SurfaceContext): PrimerNeed => {
  const { bleed } = s.beliefs;
  const kinds = (['tannin', 'resin', 'dye'] as const).map((kind) => ({
    kind,
    p: bleed.distribution[kind],
  }));
  const worst = kinds.reduce((a, b) => (b.p > a.p ? b : a));
  const weeps = has(s, 'weepsColour');
  return {
    scheme: s.aim.scheme,
    substrate: s.substrate.id,
    film: s.strips ? 'bare' : s.finish.id,
    glossy: s.finish.glossy && !s.strips,
    // What came out on the rag is dye, whatever was believed before.
    bleed: weeps ? 'dye' : worst.kind,
    bleedChance: weeps ? 1 : 1 - bleed.distribution.none,
    knots: bleed.likeliest === 'resin',
    odour: has(s, 'mould'),
    schools: s.shop.schools,
  };
};

/** The primer of a surface with its reason; undefined where it needs none. */
export const primerOf = (s: SurfaceContext) => choosePrimer(needOf(s));

type Painted = Extract<Scheme, { kind: 'painted' }>;

/** The paint that a scheme asks for; a tough one where nothing is said. */
const paintOf = (scheme: Painted): Coating => scheme.paint ?? 'cabinetEnamel';

/** What colour laid on the primer of a surface risks: bleed that the primer lets through. */
export const chanceOfBleed = (s: SurfaceContext): number => {
  const { distribution } = s.beliefs.bleed;
  const holds = primerOf(s)?.primer.holds;
  return isLightColour(s.aim.scheme)
    ? (['tannin', 'resin', 'dye'] as const).reduce(
        (sum, kind) => sum + distribution[kind] * (1 - (holds?.[kind] ?? 0)),
        0,
      )
    : 0;
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
  readonly tint: 'white' | 'grey' | null;
  readonly neverCovers: boolean;
}

/** What the paint has to cover where no opaque primer lies below. */
const groundOf = (s: SurfaceContext): string =>
  s.finish.paint
    ? FACE_COLOURS.oldPaint
    : s.wood.dark
      ? FACE_COLOURS.darkWood
      : FACE_COLOURS.paleWood;

/** How a surface is painted; undefined where it is not. */
export const paintPlanOf = (s: SurfaceContext): PaintPlan | undefined => {
  const { scheme } = s.aim;
  if (scheme.kind !== 'painted') return undefined;
  const colour = colourOf(scheme);
  const primer = primerOf(s)?.primer.id;
  const covered = primer !== undefined && primer !== 'clearShellac';
  const { tint, cover } = covered
    ? tintFor(colour)
    : { tint: null, cover: coatsToCover(colour, groundOf(s)) };
  return {
    coating: paintOf(scheme),
    colour,
    tint,
    coats: cover.coats,
    neverCovers: cover.neverCovers,
  };
};

/** Stains in the order in which they are laid. Over a sealed face only gel takes. */
export const stainsOf = (s: SurfaceContext): readonly Coating[] => {
  const { scheme } = s.aim;
  if (scheme.kind === 'veneered') return scheme.shade ? ['oilStain'] : [];
  if (scheme.kind !== 'stained') return [];
  if (primerOf(s)) return ['gelStain'];
  return s.wood.blotches ? ['conditioner', 'oilStain'] : ['oilStain'];
};

const EFFECTS = { washed: 'wash', glazed: 'glaze', dryBrushed: 'dryBrush' } as const;

/** Are the pores filled? Under paint only where the old film is gone. */
export const fillsGrain = (s: SurfaceContext): boolean =>
  'grain' in s.aim.scheme &&
  s.aim.scheme.grain === 'filled' &&
  s.wood.openPored &&
  s.substrate.wood &&
  !keepsFilm(s);

/** The coat that makes the effect on paint or wood; undefined where there is none to lay. */
export const effectOf = ({ aim: { scheme } }: SurfaceContext): Coating | undefined => {
  if (scheme.kind === 'washed') return 'wash';
  if (scheme.kind !== 'painted' || !scheme.effect) return undefined;
  return scheme.effect in EFFECTS ? EFFECTS[scheme.effect as keyof typeof EFFECTS] : undefined;
};

/** The last coat below the topcoat; undefined where that goes on bare wood. */
export const belowTopcoat = (s: SurfaceContext): Coating | undefined =>
  effectOf(s) ??
  paintPlanOf(s)?.coating ??
  (fillsGrain(s) ? 'grainFiller' : undefined) ??
  stainsOf(s).at(-1) ??
  primerOf(s)?.primer.id;

/** Coats of the topcoat, and whether what lies below has to be dulled for it. */
export interface TopcoatPlan {
  readonly coating: Coating;
  readonly coats: number;
  readonly dullFirst: boolean;
}

/**
 * The topcoat of a surface: as wished, or a waterborne clear where the wish is refused; coats by
 * wear. Undefined where none is wanted.
 */
export const topcoatOf = (s: SurfaceContext): TopcoatPlan | undefined => {
  const { scheme } = s.aim;
  if (!isCoated(scheme) || scheme.topcoat === 'none') return undefined;
  const under = belowTopcoat(s);
  const refused = judgeTopcoat(scheme, under)?.may === 'never';
  const coating = refused ? 'waterClear' : TOPCOATS[scheme.topcoat];
  const film = COATINGS.get(coating).wetUm > 0;
  return {
    coating,
    coats: film ? CLEAR_COATS[scheme.wear ?? wearOf(s.surface)] : 2,
    dullFirst: under !== undefined && may(coating, { of: 'coat', id: under }).may === 'scuff',
  };
};

/** All coats of a surface in the order in which they are laid. */
export const coatsOf = (s: SurfaceContext): readonly Coating[] => {
  const primer = primerOf(s)?.primer;
  const paint = paintPlanOf(s);
  const topcoat = topcoatOf(s);
  const times = (coating: Coating | undefined, count: number): Coating[] =>
    coating ? Array.from({ length: count }, () => coating) : [];
  const filler = times('grainFiller', fillsGrain(s) ? 1 : 0);
  return [
    ...(paint ? filler : []),
    ...times(primer?.id, primer?.coats ?? 0),
    ...stainsOf(s),
    ...(paint ? [] : filler),
    ...times(paint?.coating, paint?.coats ?? 0),
    ...times(effectOf(s), 1),
    ...times(topcoat?.coating, topcoat?.coats ?? 0),
  ];
};

/** New film on a face, µm. */
export const filmOf = (s: SurfaceContext): number => filmUm(coatsOf(s));
