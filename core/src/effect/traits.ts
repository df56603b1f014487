import { z } from 'zod';
import { COATINGS, WETTINGS, type Danger } from '../catalog';
import { CONDITIONS, NEEDS, PARTS, PIECE_CONDITIONS } from './condition';
import type { DeepReadonly } from './readonly';

/** Coats that belong together and are counted together, in the order in which they are laid. */
export const SERIES = [
  'grain',
  'prime',
  'stain',
  'seal',
  'grainOverStain',
  'tone',
  'paint',
  'effect',
  'clear',
  'decorate',
] as const;
export type Series = (typeof SERIES)[number];

/** One coat of a finish: which material, and which of its series. */
export const coat = z.object({
  series: z.enum(SERIES),
  /** From 1 on. */
  nth: z.int().min(1),
  coating: COATINGS.id,
  /** Colour, shade or tint, where it has one of its own. */
  colour: z.string().nullable(),
});
export type Coat = DeepReadonly<z.infer<typeof coat>>;

/** What the face is like afterwards. */
export const face = z.enum(['bare', 'dulled', 'dewaxed', 'newVeneer', 'newOff']);
export type FaceAfter = z.infer<typeof face>;

/** What a task is like: all that order, safety and state ask of it. */
export const traits = z.object({
  /** Cuts, scrapes, dissolves or abrades what lies on the face. */
  opensLayers: z.boolean(),
  makesDust: z.boolean(),
  /** Takes the dust off, on its own or as its last step. */
  dedusts: z.boolean(),
  wets: z.enum(WETTINGS).nullable(),
  heats: z.boolean(),
  /** Drives out what lives in the piece. */
  evicts: z.boolean(),
  lays: coat.nullable(),
  sprayed: z.boolean(),
  /** Papers in the order of use. */
  grits: z.array(z.int()),
  takesOff: z.enum(PARTS).nullable(),
  putsOn: z.enum(PARTS).nullable(),
  /** What it asks of the face before. */
  needs: z.array(z.enum(NEEDS)),
  /** What the face is like afterwards; null where it stays as it was. */
  face: face.nullable(),
  /** Done to each of its surfaces, and to the piece. */
  makes: z.array(z.enum(CONDITIONS)),
  makesOfPiece: z.array(z.enum(PIECE_CONDITIONS)),
  /** Findings that are settled by it. */
  mends: z.array(z.string()),
});
export type Traits = DeepReadonly<z.infer<typeof traits>>;

/** Does work loosen, dissolve, wash or wear what lies on a face? Driving out what lives there comes first of all. */
export const disturbs = (it: Traits): boolean =>
  !it.evicts && (it.opensLayers || it.makesDust || it.heats || it.wets !== null);

/** In what ways work can hurt, or ruin a face. */
export const dangersOf = (it: Traits): readonly Danger[] => [
  ...(it.makesDust ? (['abrades'] as const) : []),
  ...(it.heats ? (['heats'] as const) : []),
  ...(it.wets && it.wets !== 'water' ? [it.wets] : []),
  ...(it.sprayed ? (['mist'] as const) : []),
];

/** A task that does nothing in particular to a face. */
export const PLAIN: Traits = {
  opensLayers: false,
  makesDust: false,
  dedusts: false,
  wets: null,
  heats: false,
  evicts: false,
  lays: null,
  sprayed: false,
  grits: [],
  takesOff: null,
  putsOn: null,
  needs: [],
  face: null,
  makes: [],
  makesOfPiece: [],
  mends: [],
};
