import { z } from 'zod';
import { PAINTS, SHEENS, TOPCOATS } from '../catalog';

/** How light the colour to come is: light ones show bleed and yellowing. */
export const shade = z.enum(['white', 'pale', 'mid', 'dark']);
export type Shade = z.infer<typeof shade>;

export const topcoat = z.enum(['none', ...TOPCOATS.ids]);
export type Topcoat = z.infer<typeof topcoat>;

/** What paint by class. */
export const paintClass = PAINTS.id;

/** What is done to a painted face on top of the paint; stencil and metal wax come last of all. */
export const effect = z.enum([
  'plain',
  'distressed',
  'washed',
  'glazed',
  'dryBrushed',
  'stencilled',
  'gilded',
]);
export type PaintEffect = z.infer<typeof effect>;

/** How far a distressed face is rubbed through, and where. */
export const distress = z.object({
  strength: z.enum(['light', 'usual', 'hard']),
  where: z.enum(['edges', 'edgesAndFields']),
});
export type Distress = z.infer<typeof distress>;

/** Gloss levels at 60°, from dead flat to high gloss (MPI). */
export const sheen = SHEENS.id;
export type Sheen = z.infer<typeof sheen>;

/** How hard a surface is used. */
export const wear = z.enum(['low', 'middle', 'high']);
export type Wear = z.infer<typeof wear>;

/** What may be left open; then the usual is taken. */
const details = {
  /** By the place of the surface where left open. */
  wear: wear.optional(),
  /** Satin where left open. */
  sheen: sheen.optional(),
};
const colour = z
  .string()
  .regex(/^#[0-9a-f]{6}$/i, 'Give a colour as #rrggbb.')
  .optional();
/** Pores are left open where not said otherwise. */
const grain = z.enum(['open', 'filled']).optional();
const stainShade = z.enum(['pale', 'mid', 'dark']);
/** What stain by class; "varnish" and "tintedOil" colour and finish in one. */
export const stainClass = z.enum(['oil', 'water', 'gel', 'varnish', 'tintedOil']);
export type StainClass = z.infer<typeof stainClass>;
/** The colour of the wood itself is taken out first, with a two-part wood bleach. */
const bleached = z.boolean().optional();

/** What a surface shall become. */
export const scheme = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('painted'),
    shade,
    colour,
    paint: paintClass.optional(),
    effect: effect.optional(),
    /** Of a distressed face; usual, and at edges, where left open. */
    distress: distress.optional(),
    grain,
    topcoat,
    ...details,
  }),
  z.object({
    kind: z.literal('stained'),
    shade: stainShade,
    /** Oil-based where left open. */
    stain: stainClass.optional(),
    /** Pale places are evened out with toner over the stain. */
    toned: z.boolean().optional(),
    bleached,
    grain,
    topcoat,
    ...details,
  }),
  z.object({ kind: z.literal('clear'), bleached, grain, topcoat, ...details }),
  z.object({
    kind: z.literal('washed'),
    shade,
    colour,
    /** Stain wiped over the dry wash, which brings the tone of wood back. */
    stainOver: stainShade.optional(),
    topcoat,
    ...details,
  }),
  z.object({
    kind: z.literal('veneered'),
    /** Stained, or left in its own colour. */
    shade: stainShade.optional(),
    topcoat,
    ...details,
  }),
  /** Damage is mended and touched in where it is; the finish as a whole stays. */
  z.object({ kind: z.literal('touchedIn') }),
  z.object({ kind: z.literal('freshened') }),
  z.object({ kind: z.literal('leave') }),
]);
export type Scheme = z.infer<typeof scheme>;
export type SchemeKind = Scheme['kind'];

/** How the old finish shall come off, where the user insists; "best" lets the planner choose. */
export const stripWish = z.enum(['best', 'gel', 'mild', 'scrape', 'sand', 'heat', 'caustic']);

/** With what film coats are laid, where the user insists; "best" lets the planner choose. */
export const applicator = z.enum(['best', 'brush', 'roller', 'gun']);
export type Applicator = z.infer<typeof applicator>;

/** What a part past saving is cut anew from. */
export const newPart = z.enum(['solid', 'plywood', 'board']);
export type NewPart = z.infer<typeof newPart>;

/** The aim for one surface. */
export const aim = z.object({
  surfaceId: z.string().min(1).max(64),
  scheme,
  stripWish: stripWish.default('best'),
  /** The planner chooses where left open. */
  applicator: applicator.optional(),
  /** The old part is past saving: a new one is cut. It stays where left open. */
  newPart: newPart.optional(),
});
export type Aim = z.infer<typeof aim>;

/** Is the wood of the face as it stands to be seen? */
export const showsOldWood = (it: Scheme): boolean =>
  it.kind === 'stained' || it.kind === 'clear' || it.kind === 'washed';

/** Is the colour to come so light that bleed and yellowing show on it? */
export const isLightColour = (it: Scheme): boolean =>
  (it.kind === 'painted' || it.kind === 'washed') && (it.shade === 'white' || it.shade === 'pale');

/** Is the surface coated anew? */
export const isCoated = (
  it: Scheme,
): it is Exclude<Scheme, { kind: 'leave' | 'freshened' | 'touchedIn' }> =>
  it.kind !== 'leave' && it.kind !== 'freshened' && it.kind !== 'touchedIn';
