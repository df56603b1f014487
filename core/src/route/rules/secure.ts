import { SANDING_MODEL } from '../../catalog';
import { SECURE_WORDS as WORDS, about } from '../../words';
import type { AnswerId, Gate, GateKind } from '../../work';
import { behind, isDone, leadObservations, openFindings } from '../context';
import { ladderFor } from '../faceSanding';
import { isOpen } from '../questions';
import { pieceRule, surfaceRule, type Rule } from '../rule';
import { isDoneToPiece } from '../whole';
import { by } from './common';

/** A question with its answers and what each means. */
export const asGate = (
  kind: GateKind,
  testId: string,
  question: string,
  answers: Readonly<Partial<Record<AnswerId, readonly [string, string] | readonly string[]>>>,
): Gate => ({
  kind,
  testId,
  question,
  answers: (Object.entries(answers) as [AnswerId, readonly string[]][]).map(
    ([id, [answer = '', then = '']]) => ({ id, answer, then }),
  ),
});

/** What has to be known or made harmless before anything else. */
export const SECURE_RULES: readonly Rule[] = [
  surfaceRule({
    id: 'lead-gate',
    phase: 'secure',
    applies: (s) => isOpen(s, 'lead') && !isDone(s, 'leadSampled'),
    because: (s) => WORDS.leadGate.because(s.shop.leadCutoffYear, s.beliefs.leadStatus.text),
    evidence: leadObservations,
    work: (s) => [
      {
        method: 'lead-gate',
        rank: 0,
        title: WORDS.leadGate.title,
        how: WORDS.leadGate.how,
        ...by('leadSample', 1),
        traits: { opensLayers: true, makes: ['leadSampled'] },
        protection: ['nitrileGloves'],
        cautions: WORDS.leadGate.cautions(s.shop.units),
        gate: asGate('lead', 'lead-swab', WORDS.leadGate.question, WORDS.leadGate.answers),
      },
    ],
  }),
  pieceRule({
    id: 'lead-contained',
    phase: 'secure',
    place: { of: 'piece' },
    asks: (whole) =>
      isDoneToPiece(whole, 'contained')
        ? []
        : whole.surfaces.filter((s) => s.worked && s.lead === 'found'),
    because: (_, asking) =>
      asking.map((s) => about([s.surface.name], s.beliefs.leadStatus.text)).join(' '),
    evidence: (asking) => asking.flatMap(leadObservations),
    work: (whole, asking) => ({
      method: 'contain-lead',
      rank: 1,
      title: WORDS.leadContained.title,
      how: WORDS.leadContained.how,
      ...by('contain', 1),
      traits: { makesOfPiece: ['contained'] },
      protection: ['p100Respirator', 'overall', 'nitrileGloves'],
      cautions: WORDS.leadContained.cautions(whole.shop.units),
      insteadOf: [
        WORDS.leadContained.firm,
        ...(asking.every((s) => s.showsWood) ? [] : [WORDS.leadContained.takingItOff]),
      ],
    }),
  }),
  surfaceRule({
    id: 'evict-insects',
    phase: 'secure',
    regardless: true,
    general: true,
    applies: (s) => openFindings(s, 'insects').length > 0,
    because: () => WORDS.evictInsects.because,
    work: (s) => [
      {
        method: 'evict-insects',
        rank: 2,
        title: WORDS.evictInsects.title,
        how: WORDS.evictInsects.how,
        ...by('evict', 1),
        traits: { evicts: true, mends: openFindings(s, 'insects').map((it) => it.id) },
        protection: ['nitrileGloves', 'p100Filter'],
        cautions: WORDS.evictInsects.cautions,
      },
    ],
  }),
  surfaceRule({
    id: 'mould-first',
    phase: 'secure',
    regardless: true,
    general: true,
    applies: (s) => openFindings(s, 'mould').length > 0,
    because: () => WORDS.mouldOff.because,
    work: (s) => [
      {
        method: 'mould',
        rank: 3,
        title: WORDS.mouldOff.title,
        how: WORDS.mouldOff.how,
        ...by('mould', 1),
        traits: { evicts: true, mends: openFindings(s, 'mould').map((it) => it.id) },
        protection: ['p100Respirator', 'goggles', 'nitrileGloves'],
        cautions: WORDS.mouldOff.cautions,
      },
    ],
  }),
  surfaceRule({
    id: 'substrate-before-stain',
    phase: 'secure',
    applies: (s) => isOpen(s, 'substrate') && !isDone(s, 'substrateSeen'),
    because: () => WORDS.substrateGate.because,
    evidence: (s) => [...behind(s.beliefs.substrate), ...s.beliefs.substrate.speaksAgainst],
    work: () => [
      {
        method: 'substrate-gate',
        rank: 4,
        title: WORDS.substrateGate.title,
        how: WORDS.substrateGate.how,
        ...by('substrateLook', 1),
        traits: { makes: ['substrateSeen'] },
        gate: asGate(
          'substrate',
          'chip',
          WORDS.substrateGate.question,
          WORDS.substrateGate.answers,
        ),
      },
    ],
  }),
  surfaceRule({
    id: 'measure-veneer',
    phase: 'secure',
    applies: (s) => isOpen(s, 'veneer') && !isDone(s, 'veneerMeasured'),
    because: (s) =>
      WORDS.veneerGate.because(s.substrate.label, s.beliefs.veneer.usualMm * 1000, s.shop.units),
    evidence: (s) => behind(s.beliefs.substrate),
    work: (s) => {
      const ladder = ladderFor(s);
      const needed = ladder.kind === 'ladder' ? ladder.edgeRemovedUm + SANDING_MODEL.keepUm : null;
      return [
        {
          method: 'veneer-gate',
          setUp: { needed },
          rank: 5,
          title: WORDS.veneerGate.title,
          how: WORDS.veneerGate.how,
          ...by('veneerMeasure', 1),
          traits: { makes: ['veneerMeasured'] },
          gate: asGate(
            'veneer',
            'veneer-thickness',
            WORDS.veneerGate.question,
            WORDS.veneerGate.answers(needed, s.shop.units),
          ),
        },
      ];
    },
  }),
];
