import { weakMapMemoize } from 'reselect';
import { FACE_COLOURS, type Coating } from '../../catalog';
import { coatsOverFace, colourOf, tintFor, type Tint } from '../../coating';
import type { Scheme } from '../../piece';
import { type SurfaceContext, keepsFilm } from '../context/context';
import { primeCoatsOf, primerOf } from './primed';

type Painted = Extract<Scheme, { kind: 'painted' }>;

/** The paint that a scheme asks for; a tough one where nothing is said. */
const paintOf = (scheme: Painted): Coating => scheme.paint ?? 'cabinetEnamel';

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

/** How a surface is painted; undefined where it is not. */
export const paintPlanOf = weakMapMemoize((s: SurfaceContext): PaintPlan | undefined => {
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
export const isToned = ({ aim: { scheme } }: SurfaceContext): boolean =>
  scheme.kind === 'stained' && scheme.toned === true && !finishesInOne(scheme);

/**
 * A thin coat of shellac over the stain: filler rubbed across it would drag it out, and toner
 * would melt into it. A face that was sealed before needs none.
 */
export const isSealedOver = (s: SurfaceContext): boolean =>
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

export const decorationOf = ({ aim: { scheme } }: SurfaceContext): Coating | undefined =>
  scheme.kind === 'painted' && scheme.effect && scheme.effect in DECORATIONS
    ? DECORATIONS[scheme.effect as keyof typeof DECORATIONS]
    : undefined;
