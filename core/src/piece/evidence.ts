import { z } from 'zod';
import { DAMAGES, inspectionTest, isValueOf, variable, type InspectionTest } from '../catalog';
import { typedText } from './text';

/** Identifier made by whoever creates the thing: letters, digits, "-" and "_". */
export const id = z
  .string()
  .regex(/^[A-Za-z0-9_-]{1,64}$/, 'Use 1 to 64 letters, digits, "-" or "_".');

const when = z.iso.datetime({ message: 'Give the time as UTC, like 2026-01-31T18:20:00Z.' });

/** Can a result be taken over for an alike surface? Figures and lead results can't. */
export const canBeCopied = (test: InspectionTest): boolean => test.kind === 'choice';

/** Can one sample speak for other surfaces too? Those of paint can, down to the layers that they reach. */
export const canSpeakForMore = (test: InspectionTest): boolean =>
  test.kind === 'layer' || test.id === 'layer-count';

/** A test or look made on a surface, with its outcome. */
export const observation = z
  .object({
    id,
    surfaceId: id,
    testId: z.string().max(64),
    /** The outcome chosen; null for a reading. */
    outcome: z.string().max(64).nullable().default(null),
    /** The figure read; for a laboratory result ppm of lead, where it was given. */
    value: z.number().nullable().default(null),
    /** Layer of paint the result holds for, 1 is the top; null where it holds for the surface. */
    layer: z.int().min(1).max(30).nullable().default(null),
    at: when,
    by: typedText().max(80).default(''),
    /** The observation of an alike surface that it was taken over from: nobody looked here. */
    copyOf: id.optional(),
    /**
     * Other surfaces that one sample speaks for, since they are painted alike and have one history:
     * it is put on record once.
     */
    alsoFor: z.array(id).max(200).optional(),
    /** The surface that it was made on, where that was merged into this one since. */
    madeOn: id.optional(),
  })
  .superRefine((it, context) => {
    const say = (path: string, message: string) =>
      context.addIssue({ code: 'custom', path: [path], message });
    const test = inspectionTest(it.testId);
    if (!test) return say('testId', `No test "${it.testId}". See the list of tests.`);
    if (it.copyOf !== undefined && !canBeCopied(test)) {
      say('copyOf', 'A reading or a lead result holds where it was made, and nowhere else.');
    }
    if (it.alsoFor !== undefined && !canSpeakForMore(test)) {
      say('alsoFor', 'Only a sample of paint speaks for other surfaces. Record this one on each.');
    }
    if (test.kind === 'reading') {
      if (it.value === null) say('value', 'Give the figure that was read.');
      else if (it.value < test.min || it.value > test.max) {
        say('value', `Plausible is ${test.min} to ${test.max} ${test.unit}. Look again.`);
      }
      if (test.unit === 'layers' && it.value !== null && !Number.isInteger(it.value)) {
        say('value', 'Layers are counted whole.');
      }
      return;
    }
    if (!test.outcomes.some((outcome) => outcome.id === it.outcome)) {
      const known = test.outcomes.map((outcome) => outcome.id).join(', ');
      say('outcome', `This test ends in one of: ${known}.`);
    }
    if (test.kind === 'layer' && !test.allLayers && it.layer === null) {
      say('layer', 'Say which layer: a result holds for the layer it touched, and no other.');
    }
    if (it.value !== null && it.value < 0) say('value', 'A content of lead is 0 ppm or more.');
  });
export type Observation = z.infer<typeof observation>;

/** A sample of paint that was on record and was taken back: that it was there once is kept. */
export const takenBack = z.object({
  surfaceId: id,
  alsoFor: z.array(id).max(200).optional(),
  at: when,
});

/** A value the user knows and vouches for. It can be taken back. */
export const confirmation = z
  .object({ surfaceId: id, variable, value: z.string().max(64), at: when })
  .superRefine((it, context) => {
    if (it.variable === 'lead') {
      context.addIssue({
        code: 'custom',
        path: ['variable'],
        message: 'Lead is not settled by saying so. Record a result for each layer.',
      });
    } else if (!isValueOf(it.variable, it.value)) {
      context.addIssue({
        code: 'custom',
        path: ['value'],
        message: `"${it.value}" is not a value of ${it.variable}.`,
      });
    }
  });
export type Confirmation = z.infer<typeof confirmation>;

/** How a layer of paint feels at a notch. */
export const layerFeel = z.enum(['unknown', 'rubbery', 'brittle', 'powdery', 'hard']);
export type LayerFeel = z.infer<typeof layerFeel>;

/** A layer seen at a notch or chip. Layer 1 is the top. */
export const paintLayer = z.object({
  surfaceId: id,
  layer: z.int().min(1).max(30),
  colour: typedText().trim().min(1, 'Name its colour.').max(40, 'Keep it under 40 letters.'),
  feel: layerFeel.default('unknown'),
  /** A guess, µm. */
  thicknessUm: z.number().min(1).max(5000).nullable().default(null),
});
export type PaintLayer = z.infer<typeof paintLayer>;

/** A picture of a surface: before the work, or along the way. */
export const picture = z.object({
  id,
  surfaceId: id,
  photoId: id,
  at: when,
  note: typedText().max(200).default(''),
});
export type Picture = z.infer<typeof picture>;

const size = (most: number) =>
  z
    .number('Give a figure in mm.')
    .min(0.1, 'At least 0.1 mm.')
    .max(most, `At most ${most} mm.`)
    .nullable()
    .default(null);

/** A damage or peculiarity on a surface. */
export const finding = z.object({
  id,
  surfaceId: id,
  damage: DAMAGES.id,
  count: z.int().min(1).max(999).default(1),
  /** The largest of them, mm. */
  lengthMm: size(5000),
  widthMm: size(5000),
  depthMm: size(200),
  /** How it lies to the grain. */
  direction: z.enum(['along', 'across', 'slanting', 'none']).default('none'),
  /** Where on the drawing of the surface: shares of its first face, from the upper left corner. */
  place: z
    .object({ x: z.number().min(0).max(1), y: z.number().min(0).max(1) })
    .nullable()
    .default(null),
  photoId: id.nullable().default(null),
  note: typedText().max(500).default(''),
  at: when,
});
export type Finding = z.infer<typeof finding>;
