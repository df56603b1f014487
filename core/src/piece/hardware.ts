import { z } from 'zod';
import { amount } from './amount';
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
  /** Of new ones in its place: a single screw, or their own spacing, mm; null where nobody has said. */
  replacement: z
    .object({
      single: z.boolean(),
      holeSpacingMm: z
        .number('Give a figure in mm.')
        .min(1, 'At least 1 mm.')
        .max(2000, 'At most 2000 mm.')
        .nullable(),
    })
    .nullable()
    .default(null),
  /** What each new one costs, minor units; null where nobody has said. */
  priceEach: amount.nullable().default(null),
  /** The new ones are bought. */
  got: z.boolean().default(false),
  /** What is written on its bag. */
  bag: typedText().trim().max(20, 'Keep it under 20 letters.').default(''),
  disposition: z.enum(['keep', 'clean', 'repaint', 'replace', 'reuse']).default('keep'),
  note: typedText().max(500).default(''),
});
export type Hardware = z.infer<typeof hardware>;

/** What each kind of fittings is called. */
export const FITTING_NAMES: Readonly<Record<Hardware['kind'], string>> = {
  pull: 'Pull',
  knob: 'Knob',
  hinge: 'Hinge',
  lock: 'Lock',
  escutcheon: 'Escutcheon',
  caster: 'Caster',
  bracket: 'Bracket',
  runner: 'Runner',
  stop: 'Stop',
  lid: 'Lid',
  glass: 'Glass',
  mirror: 'Mirror',
  other: 'Other',
};

/** "24 × Brass pull with label frame". */
export const fittingsToldOf = (it: Hardware): string =>
  `${it.count} × ${it.name || FITTING_NAMES[it.kind]}`;

const HANDLES: readonly Hardware['kind'][] = ['pull', 'knob'];

/** How many new ones are bought: all of a set that is replaced, else what is missing. A set for elsewhere is not. */
export const newOnesOf = (it: Hardware): number =>
  it.disposition === 'replace' ? it.count : it.disposition === 'reuse' ? 0 : it.missing;

/**
 * Do new ones sit on other holes, so that the old are filled and new ones drilled? Where nobody has
 * said what the new ones are like, another spacing than a known one is taken for granted.
 */
export const movesHoles = (it: Hardware): boolean => {
  if (it.disposition !== 'replace') return false;
  if (it.replacement === null) return it.holeSpacingMm !== null;
  const isSingle = it.kind === 'knob';
  const { single, holeSpacingMm } = it.replacement;
  if (single || isSingle) return single !== isSingle;
  return holeSpacingMm === null || holeSpacingMm !== it.holeSpacingMm;
};

/** Pulls and knobs that somebody listed. */
export const handlesIn = (list: readonly Hardware[]): readonly Hardware[] =>
  list.filter((it) => HANDLES.includes(it.kind));
