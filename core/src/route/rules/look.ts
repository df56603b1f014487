import { DECISIONS, SANDING_MODEL } from '../../catalog';
import { SECURE_WORDS as WORDS } from '../../words';
import { ladderFor } from '../finish/faceSanding';
import { isOpen } from '../context/questions';
import { surfaceRule, type Rule } from './rule';
import { asGate } from './ask';
import { ofUnits } from './common';
import { behind, isDone } from '../context/context';

/** What has to be looked at once the fittings are off: into their holes, and under their plates. */
export const LOOK_RULES: readonly Rule[] = [
  surfaceRule({
    id: 'substrate-before-stain',
    phase: 'dismantle',
    applies: (s) => isOpen(s, 'substrate') && !isDone(s, 'substrateSeen'),
    because: () => WORDS.substrateGate.because,
    evidence: (s) => [...behind(s.beliefs.substrate), ...s.beliefs.substrate.speaksAgainst],
    work: () => [
      {
        rank: 4,
        title: WORDS.substrateGate.title,
        how: WORDS.substrateGate.how,
        ...ofUnits('substrate-gate', 1),
        traits: { makes: ['substrateSeen'] },
        gate: asGate('substrate', WORDS.substrateGate.question, WORDS.substrateGate.answers),
      },
    ],
  }),
  surfaceRule({
    id: 'measure-veneer',
    phase: 'dismantle',
    applies: (s) => isOpen(s, 'veneer') && !isDone(s, 'veneerMeasured'),
    because: (s) =>
      WORDS.veneerGate.because(
        s.beliefs.substrate.said.label,
        s.chanceThin,
        s.beliefs.veneer.usualMm * 1000,
        s.shop.units,
      ),
    evidence: (s) => behind(s.beliefs.substrate),
    work: (s) => {
      const ladder = ladderFor(s);
      const needed = ladder.kind === 'ladder' ? ladder.edgeRemovedUm + SANDING_MODEL.keepUm : null;
      return [
        {
          setUp: { needed },
          rank: 5,
          title: WORDS.veneerGate.title,
          how: WORDS.veneerGate.how,
          ...ofUnits('veneer-gate', 1),
          traits: { makes: ['veneerMeasured'] },
          gate: asGate(
            'veneer',
            WORDS.veneerGate.question,
            WORDS.veneerGate.answers(needed, s.chanceThin < DECISIONS.settled.value, s.shop.units),
          ),
        },
      ];
    },
  }),
];
