import { line, type Told } from '../../catalog';
import { byLabel } from '../cautions';

/** Bleaching and wetting bare wood, before its colour. */
export const bleach = {
  title: 'Bleach the wood',
  because: 'the wood itself is darker than it shall be; no stain makes it paler.',
  how: [
    'Bare, dusted wood only: what finish is left bleaches in islands. Try it on a hidden place first.',
    'Part A with a white synthetic sponge, wet and even, over the whole face at once; within ten minutes part B the same way. It may foam.',
    'Leave it for some hours, by the label, until it no longer gets paler. Not pale enough? Once more, tomorrow.',
    'Half vinegar, half water over all of it, then clear water twice, dried at once; a pH strip on the wet face should read 6 to 8.',
    'Then it dries for two days, with air on both sides. Its dust burns eyes and lungs: mask on for whatever is done to it next.',
  ],
  cautions: [
    byLabel(
      'Lye and strong peroxide: never mixed in one can, no metal, water at hand, nobody near.',
    ),
  ],
} as const;

export const raiseGrain = {
  title: 'Wet the wood to raise its grain',
  because: 'water-based stain raises the fibres; what has risen once and was cut off stays down.',
  how: [
    line(
      'A well-wrung sponge with clean water, evenly over the face; no pools.',
      ['water'],
      'A barely damp cloth, evenly over the face, dried at once: there is loose veneer.',
    ),
    'Dry for two hours: it feels rough, and that is right.',
  ],
} as const;

export const cutGrain = {
  title: (grit: number) => `Cut the raised grain back, P${grit} by hand`,
  because: 'the fibres stand up now; cut off, they stay down under the coats.',
  how: (grit: number, wet: boolean): readonly Told[] => [
    wet
      ? line(
          `Wet-or-dry P${grit}, damp, by hand, along the grain, two light strokes a place; wipe the slurry up, bag the wipes.`,
          ['rubsWet'],
        )
      : line(
          `Fresh P${grit} by hand, along the grain, two light strokes a place: only the fuzz, not the wood.`,
          ['abrades'],
        ),
    'Right: smooth to the back of the hand both ways.',
  ],
} as const;
