import { z } from 'zod';
import { PROFILES } from '../../catalog';
import { id } from '../evidence';
import { ROLE_IDS } from '../roles';
import { typedText } from '../text';
import { bodyKindId, bodyKindOf, type BodyKindId } from './bodies';
import type { Body as ReadBody } from './bodyKind';
import { front } from './front';

/** No piece has more bodies, or more surfaces that are changed by hand, than this. */
export const MOST_BODIES = 8;
const MOST_CHANGES = 120;

const record = <V extends z.ZodType>(value: V) =>
  z
    .record(z.string().max(32), value)
    .refine((it) => Object.keys(it).length <= 40, 'No body has that many measures.');

/** One body of a piece: a case, a table, a frame …; its measures and choices are those of its kind. */
export const body = z.object({
  /** Letters and digits; the ids of its surfaces end with it. The first body has none. */
  id: z.string().regex(/^[a-z0-9]{0,12}$/, 'Letters and digits, twelve at most.'),
  kind: bodyKindId,
  /** What its surfaces are called by where a piece has several bodies: "Upper". */
  name: typedText().trim().max(30, 'Keep it under 30 letters.').default(''),
  /** How it stands to the body before it; of no meaning for the first. */
  stands: z.enum(['beside', 'on']).default('beside'),
  /** mm, or numbers of parts. */
  measures: record(z.number()),
  choices: record(z.string().max(32)).default({}),
  /** How its front is divided; null where its kind has none, or the usual one. */
  front: front.nullable().default(null),
});
export type Body = z.infer<typeof body>;

const surfaceName = typedText()
  .trim()
  .min(1, 'Give it a name.')
  .max(40, 'Keep it under 40 letters.');
const areaMm2 = z.number('Give an area.').min(100, 'At least 1 cm².').max(1e9, 'At most 1000 m².');

/** What was said of a surface by hand; what is left out follows from the body. */
export const surfaceEdit = z.object({
  surfaceId: id,
  name: surfaceName.optional(),
  profile: PROFILES.id.optional(),
  areaMm2: areaMm2.optional(),
});
export type SurfaceEdit = z.infer<typeof surfaceEdit>;

/** A part of a surface that is looked at by itself: the left half is of another wood. */
export const surfaceSplit = z.object({
  of: id,
  id,
  name: surfaceName,
  share: z.number().min(0.05).max(0.95),
  /** Which way the cut runs in the drawing. */
  cut: z.enum(['upright', 'level']).default('upright'),
});
export type SurfaceSplit = z.infer<typeof surfaceSplit>;

/** A surface that no body has. */
export const ownSurface = z.object({
  id,
  name: surfaceName,
  role: z.enum(ROLE_IDS),
  profile: PROFILES.id.default('flat'),
  areaMm2,
});

/** How a piece is made up: its bodies, and what was said of their surfaces by hand. */
export const build = z
  .object({
    /** The quick start that it began as; it names the piece in lists. */
    startedFrom: z
      .string()
      .regex(/^[A-Za-z]{1,24}$/)
      .default('own'),
    /** Alike ones that are worked together, as one piece. */
    count: z.int('A whole number.').min(1, 'At least one.').max(50, 'Fifty at most.').default(1),
    /** Clothes are kept in it, so that a child climbs its drawers: tip-over rules hold. */
    storesClothes: z.boolean().default(false),
    bodies: z.array(body).min(1, 'A piece has a body.').max(MOST_BODIES, 'Eight bodies at most.'),
    edits: z.array(surfaceEdit).max(MOST_CHANGES).default([]),
    splits: z.array(surfaceSplit).max(MOST_CHANGES).default([]),
    merges: z
      .array(z.object({ from: id, into: id }))
      .max(MOST_CHANGES)
      .default([]),
    added: z.array(ownSurface).max(MOST_CHANGES).default([]),
  })
  .superRefine((it, context) => {
    const say = (path: (string | number)[], message: string) =>
      context.addIssue({ code: 'custom', path, message });
    it.bodies.forEach((one, index) => {
      if (it.bodies.findIndex((other) => other.id === one.id) < index) {
        say(['bodies', index, 'id'], 'Two bodies of one id.');
      }
      for (const { path, message } of problemsOfBody(one)) say(['bodies', index, ...path], message);
    });
  });
export type Build = z.infer<typeof build>;

interface BodyProblem {
  readonly path: readonly string[];
  readonly message: string;
}

/** A leg or apron may take this much of the whole height. */
const MOST_OF_HEIGHT = 0.8;
const NOT_MOST_OF_HEIGHT = ['legHeight', 'apronHeight', 'corniceHeight'];

/** What one field alone can't show: measures against the kind of body, and against each other. */
const problemsOfBody = (it: Body): readonly BodyProblem[] => {
  const kind = bodyKindOf(it.kind);
  const problem = (list: string, key: string, message: string): BodyProblem => ({
    path: [list, key],
    message,
  });
  const height = it.measures.height ?? 0;
  return [
    ...kind.measures.flatMap((measure): BodyProblem[] => {
      const value = it.measures[measure.id];
      const unit = measure.kind === 'length' ? ' mm' : '';
      if (value === undefined) {
        return [problem('measures', measure.id, `${measure.label} is missing.`)];
      }
      if (value < measure.min || value > measure.max) {
        const range = `between ${measure.min} and ${measure.max}${unit}`;
        return [problem('measures', measure.id, `${measure.label}: ${range}.`)];
      }
      return measure.kind === 'count' && !Number.isInteger(value)
        ? [problem('measures', measure.id, `${measure.label}: a whole number.`)]
        : [];
    }),
    ...NOT_MOST_OF_HEIGHT.filter((part) => (it.measures[part] ?? 0) > height * MOST_OF_HEIGHT).map(
      (part) => problem('measures', part, 'That is most of the whole height. Check both.'),
    ),
    ...Object.keys(it.measures)
      .filter((key) => !kind.measures.some((measure) => measure.id === key))
      .map((key) =>
        problem(
          'measures',
          key,
          `A ${kind.name.toLowerCase()} has no such measure. It has: ${kind.measures.map((one) => one.id).join(', ')}.`,
        ),
      ),
    ...kind.choices
      .filter(({ id: key, options }) => {
        const said = it.choices[key];
        return said !== undefined && !options.some((option) => option.id === said);
      })
      .map(({ id: key, options }) =>
        problem('choices', key, `One of: ${options.map((option) => option.id).join(', ')}.`),
      ),
  ];
};

/** A body with every measure and choice of its kind: what nobody said is usual. */
export const readBody = (it: Body): ReadBody => {
  const kind = bodyKindOf(it.kind);
  return {
    measures: it.measures,
    choices: Object.fromEntries(
      kind.choices.map((one) => [one.id, it.choices[one.id] ?? one.options[0]?.id ?? '']),
    ),
    front: it.front ?? kind.front ?? null,
  };
};

/** A body of usual measures. */
export const usualBody = (kindId: BodyKindId, told: Partial<Body> = {}): Body => ({
  id: '',
  kind: kindId,
  name: '',
  stands: 'beside',
  choices: {},
  front: null,
  ...told,
  measures: {
    ...Object.fromEntries(bodyKindOf(kindId).measures.map((it) => [it.id, it.usual])),
    ...told.measures,
  },
});

/** A build of bodies, with nothing changed by hand. */
export const buildOf = (
  bodies: readonly Body[],
  told: Partial<Omit<Build, 'bodies'>> = {},
): Build => ({
  startedFrom: 'own',
  count: 1,
  storesClothes: false,
  edits: [],
  splits: [],
  merges: [],
  added: [],
  ...told,
  bodies: [...bodies],
});
