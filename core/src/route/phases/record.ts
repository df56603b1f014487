import { PART_MINUTES } from '../../catalog';
import type { Rule } from '../rule';

/** The piece is recorded while it is still together. */
export const RECORD_RULES: readonly Rule[] = [
  {
    id: 'record-before-it-changes',
    phase: 'record',
    regardless: true,
    applies: (s) => s.worked,
    because: () =>
      'Nobody remembers which screw sat where; the next owner asks what is under the paint.',
    work: () => [
      {
        method: 'photograph',
        rank: 0,
        title: 'Photograph every side',
        minutes: PART_MINUTES.photographs,
        how: [
          'All sides, inside, underneath, each damage with a rule beside it.',
          'Hardware in place, close up.',
        ],
      },
    ],
  },
];
