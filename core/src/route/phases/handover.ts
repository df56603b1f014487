import { COATINGS, PART_MINUTES } from '../../catalog';
import type { SurfaceContext } from '../context';
import { coatsOf } from '../finishing';
import { CODE, type Rule } from '../rule';

/** Days until the slowest coat of a surface is hard. */
const cureDaysOf = (s: SurfaceContext): number =>
  Math.max(0, ...coatsOf(s).map((it) => COATINGS.get(it).cureDays));

/** What the owner has to know. */
export const HANDOVER_RULES: readonly Rule[] = [
  {
    id: 'tell-the-owner',
    phase: 'handover',
    applies: (s) => s.worked,
    because: (s) =>
      `${s.surface.name}: hard after ${cureDaysOf(s)} days; what lies under it is worth gold to whoever strips it next.`,
    work: (s) => [
      {
        method: 'care-sheet',
        rank: 0,
        title: 'Hand over with the care sheet',
        minutes: PART_MINUTES.careSheet,
        how: [
          'Vacuum in and out; look it over in a raking light.',
          'Until it is hard: nothing hot, wet, heavy or rubbery on it, no cleaner but a damp cloth.',
          'Say what was tested for lead, where and how deep; say what was not tested.',
          'Leave a copy under a drawer or on the back.',
        ],
        cautions: [
          {
            text: 'No test makes a piece free of lead for certain: say what was found and where.',
            lastWord: CODE,
          },
        ],
      },
    ],
  },
];
