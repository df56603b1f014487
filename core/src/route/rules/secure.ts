import { WAITS } from '../../catalog';
import { isForChild } from '../../piece';
import { SECURE_WORDS as WORDS, about } from '../../words';
import { paintedAlike } from '../alike';
import { isOpen } from '../questions';
import { pieceRule, surfaceRule, type Rule } from '../rule';
import { isDoneToPiece } from '../whole';
import { asGate } from './ask';
import { by, wait } from './common';
import { type SurfaceContext, isDone, isTouched, leadObservations, openFindings } from '../context';

/** No swab closes the question here. */
const wantsLaboratory = ({ beliefs }: SurfaceContext): boolean =>
  beliefs.leadStatus.kind === 'open' && beliefs.leadStatus.wants === 'lead-laboratory-all';

/** What has to be known or made harmless before anything else. */
export const SECURE_RULES: readonly Rule[] = [
  pieceRule({
    id: 'lead-gate',
    phase: 'secure',
    regardless: true,
    place: { of: 'piece' },
    ofSurface: true,
    asks: (whole) => whole.surfaces.filter((s) => isOpen(s, 'lead') && !isDone(s, 'leadSampled')),
    because: (_, asking) =>
      asking[0]
        ? WORDS.leadGate.because(asking[0].shop.leadCutoffYear, asking[0].beliefs.leadStatus.text)
        : '',
    evidence: (asking) => asking.flatMap(leadObservations),
    work: (whole, asking) =>
      paintedAlike(asking).map(({ name, surfaces }) => ({
        method: 'lead-gate',
        on: surfaces,
        occurrence: name,
        setUp: { paint: name },
        rank: 0,
        title: WORDS.leadGate.title,
        how: WORDS.leadGate.how(
          surfaces.map((s) => s.surface.name),
          isForChild(whole.piece),
        ),
        ...by('leadSample', 1),
        traits: { opensLayers: true, makes: ['leadSampled'] },
        wait: surfaces.some(wantsLaboratory) ? wait(WAITS.laboratory, 'answered', null) : null,
        protection: ['nitrileGloves', 'p100Filter'],
        cautions: WORDS.leadGate.cautions(whole.shop.units, isForChild(whole.piece)),
        gate: asGate('lead', WORDS.leadGate.question, WORDS.leadGate.answers),
      })),
  }),
  pieceRule({
    id: 'lead-contained',
    phase: 'secure',
    place: { of: 'piece' },
    asks: (whole) =>
      isDoneToPiece(whole, 'contained')
        ? []
        : whole.surfaces.filter((s) => isTouched(s) && !s.forAFirm && s.lead === 'found'),
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
];
