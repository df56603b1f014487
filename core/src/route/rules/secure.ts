import { WAITS } from '../../catalog';
import { isForChild } from '../../piece';
import { SECURE_WORDS as WORDS, about } from '../../words';
import { paintedAlike } from '../context/alike';
import { awaitsResult, wasOpened } from '../context/doneBefore';
import { isOpen } from '../context/questions';
import { pieceRule, surfaceRule, type Rule } from './rule';
import { isDoneToPiece } from '../context/whole';
import { asGate } from './ask';
import { openFlaws } from '../../work';
import { ofUnits, wait } from './common';
import {
  type SurfaceContext,
  hangsAsDoor,
  holdsLead,
  isSuspect,
  isTouched,
  leadObservations,
  openFindings,
  runsWithDrawers,
} from '../context/context';

/** It was told already that work was done too soon: the same is done about it. */
const isCleanedUp = ({ now }: SurfaceContext): boolean =>
  openFlaws(now).some((it) => it.mend === 'cleanUpHarm');

/** No swab closes the question here. */
const wantsLaboratory = ({ beliefs }: SurfaceContext): boolean =>
  beliefs.leadStatus.kind === 'open' && beliefs.leadStatus.wants === 'lead-laboratory-all';

/** Wood and board bear a notch; metal, glass, laminate, leather and cane get none. */
const bearsNotch = ({ substrate }: SurfaceContext): boolean =>
  substrate.wood || substrate.family === 'board';

/** What has to be known or made harmless before anything else. */
export const SECURE_RULES: readonly Rule[] = [
  pieceRule({
    id: 'lead-gate',
    phase: 'secure',
    regardless: true,
    place: { of: 'piece' },
    ofSurface: true,
    asks: (whole) => whole.surfaces.filter((s) => isOpen(s, 'lead') && !awaitsResult(s)),
    because: (_, asking) =>
      asking[0]
        ? WORDS.leadGate.because(asking[0].shop.leadCutoffYear, asking[0].beliefs.leadStatus.text)
        : '',
    evidence: (asking) => asking.flatMap(leadObservations),
    work: (whole, asking) =>
      paintedAlike(asking).map(({ name, surfaces }) => ({
        on: surfaces,
        occurrence: name,
        setUp: { paint: name },
        rank: 0,
        title: WORDS.leadGate.title,
        how: WORDS.leadGate.how(
          surfaces.map((s) => s.surface.name),
          isForChild(whole.piece),
          surfaces.every((s) => bearsNotch(s)),
        ),
        ...ofUnits('lead-gate', 1),
        traits: { makes: ['leadSampled'] },
        wait: surfaces.some(wantsLaboratory) ? wait(WAITS.laboratory, 'answered', null) : null,
        cautions: WORDS.leadGate.cautions(whole.shop.units, isForChild(whole.piece)),
        gate: asGate(
          'lead',
          WORDS.leadGate.question,
          WORDS.leadGate.answers(isForChild(whole.piece)),
        ),
      })),
  }),
  pieceRule({
    id: 'opened-before-lead-was-known',
    phase: 'secure',
    regardless: true,
    place: { of: 'piece' },
    ofSurface: true,
    asks: (whole) =>
      whole.surfaces.some(isCleanedUp)
        ? []
        : whole.surfaces.filter((s) => isSuspect(s) && !awaitsResult(s) && wasOpened(s)),
    because: (_, asking) => WORDS.cleanUpAfter.because(asking.some((s) => s.lead === 'found')),
    evidence: (asking) => asking.flatMap(leadObservations),
    work: () => ({
      rank: -1,
      title: WORDS.cleanUpAfter.title,
      how: WORDS.cleanUpAfter.how,
      ...ofUnits('clean-up-lead', 1),
      traits: { makes: ['cleanedUpAfter'] },
      cautions: WORDS.cleanUpAfter.cautions,
    }),
  }),
  pieceRule({
    id: 'lead-contained',
    phase: 'secure',
    // Parts come off even where an aim is refused.
    regardless: true,
    place: { of: 'piece' },
    asks: (whole) =>
      isDoneToPiece(whole, 'contained')
        ? []
        : whole.surfaces.filter((s) => isTouched(s) && !s.forAFirm && holdsLead(s)),
    because: (_, asking) =>
      asking.map((s) => about([s.surface.name], s.beliefs.leadStatus.text)).join(' '),
    evidence: (asking) => asking.flatMap(leadObservations),
    work: (whole, asking) => ({
      rank: 1,
      title: WORDS.leadContained.title,
      how: WORDS.leadContained.how(
        whole.surfaces.some((s) => runsWithDrawers(s) || hangsAsDoor(s)),
      ),
      ...ofUnits('contain-lead', 1),
      traits: { makesOfPiece: ['contained'] },
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
    applies: (s) => openFindings(s, 'infested').length > 0,
    because: () => WORDS.evictInsects.because,
    work: (s) => [
      {
        rank: 2,
        title: WORDS.evictInsects.title,
        how: WORDS.evictInsects.how,
        ...ofUnits('evict-insects', 1),
        traits: { mends: openFindings(s, 'infested').map((it) => it.id) },
        wait: wait(WAITS.quarantine, 'noFreshDust', null),
        cautions: WORDS.evictInsects.cautions,
      },
    ],
  }),
  surfaceRule({
    id: 'mould-first',
    phase: 'secure',
    regardless: true,
    general: true,
    applies: (s) => openFindings(s, 'mouldy').length > 0,
    because: () => WORDS.mouldOff.because,
    work: (s) => [
      {
        rank: 3,
        title: WORDS.mouldOff.title,
        how: WORDS.mouldOff.how,
        ...ofUnits('mould', 1),
        traits: { mends: openFindings(s, 'mouldy').map((it) => it.id) },
        cautions: WORDS.mouldOff.cautions,
      },
    ],
  }),
];
