import { z } from 'zod';
import { id } from './evidence';
import { typedText } from './text';

/** Fittings that come off before work, and what becomes of them. */
export const hardware = z.object({
  id,
  kind: z.enum([
    'pull',
    'knob',
    'hinge',
    'lock',
    'escutcheon',
    'caster',
    'bracket',
    'runner',
    'stop',
    'lid',
    'glass',
    'mirror',
    'other',
  ]),
  /** What it looks like, where that tells it from others. */
  name: typedText().trim().max(80, 'Keep it under 80 letters.').default(''),
  count: z.int('A whole number.').min(1, 'At least one.').max(999, 'Under a thousand.'),
  missing: z
    .int('A whole number.')
    .min(0, 'None, or more.')
    .max(999, 'Under a thousand.')
    .default(0),
  /** From screw hole to screw hole, mm. */
  holeSpacingMm: z
    .number('Give a figure in mm.')
    .min(1, 'At least 1 mm.')
    .max(2000, 'At most 2000 mm.')
    .nullable()
    .default(null),
  /** What is written on its bag. */
  bag: typedText().trim().max(20, 'Keep it under 20 letters.').default(''),
  disposition: z.enum(['keep', 'clean', 'repaint', 'replace', 'reuse']).default('keep'),
  note: typedText().max(500).default(''),
});
export type Hardware = z.infer<typeof hardware>;

const HANDLES: readonly Hardware['kind'][] = ['pull', 'knob'];

/** Pulls and knobs that somebody listed. */
export const handlesIn = (list: readonly Hardware[]): readonly Hardware[] =>
  list.filter((it) => HANDLES.includes(it.kind));
