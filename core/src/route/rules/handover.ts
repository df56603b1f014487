import { COATINGS } from '../../catalog';
import { COAT_WORDS, about, capital } from '../../words';
import { groupBy } from '../group';
import { pieceRule, type Rule } from './rule';
import { isDoneToPiece } from '../context/whole';
import { ofUnits } from './common';
import type { SurfaceContext } from '../context/context';
import { coatsOf } from '../finish/finishing';

/** Days until the slowest coat of a surface is hard. */
const cureDaysOf = (s: SurfaceContext): number =>
  Math.max(0, ...coatsOf(s).map((it) => COATINGS.get(it).cureDays));

/** What the owner has to know. */
export const HANDOVER_RULES: readonly Rule[] = [
  pieceRule({
    id: 'tell-the-owner',
    phase: 'handover',
    place: { of: 'piece' },
    asks: (whole) =>
      isDoneToPiece(whole, 'handedOver') ? [] : whole.surfaces.filter((s) => s.worked),
    because: (_, asking) => {
      const byDays = groupBy(asking, cureDaysOf);
      return [...byDays]
        .map(([days, faces]) =>
          byDays.size === 1
            ? capital(COAT_WORDS.handOver.because(days))
            : about(
                faces.map((s) => s.surface.name),
                COAT_WORDS.handOver.because(days),
              ),
        )
        .join(' ');
    },
    work: () => ({
      rank: 0,
      title: COAT_WORDS.handOver.title,
      how: COAT_WORDS.handOver.how,
      ...ofUnits('care-sheet', 1),
      traits: { makesOfPiece: ['handedOver'] },
      cautions: COAT_WORDS.handOver.cautions,
    }),
  }),
];
