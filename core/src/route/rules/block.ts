import { PAPER_CHOICES, PRIMERS, WAITS, type Coating } from '../../catalog';
import { isLightColour } from '../../piece';
import { COAT_WORDS as WORDS } from '../../words';
import type { Coat, Series } from '../../effect';
import type { Task } from '../../work';
import { isOpen } from '../context/questions';
import { surfaceRule, type Draft, type Rule } from './rule';
import { waxLeft } from './clean';
import { dullCoat, lagOfCoat, layCoat } from './coat';
import { ofUnits, wait } from './common';
import { asGate } from './ask';
import { fillsGrain, paintPlanOf } from '../finish/coloured';
import { type SurfaceContext, behind, finishName, isDone, openFindings } from '../context/context';
import {
  bearsNoneOfThePlan,
  coatOver,
  coatsInSeries,
  finishPlanOf,
  isOverOtherCoats,
  isToBeDulled,
  pendingOf,
} from '../finish/finishing';
import { chanceOfPeeling, primerOf } from '../finish/primed';

/** What else would have done, and why it is not taken. */
const insteadOf = (s: SurfaceContext, primer: Coating): Task['insteadOf'] =>
  primer === 'pigmentedShellac'
    ? [WORDS.prime.notWaterborne, ...(isLightColour(s.aim.scheme) ? [WORDS.prime.notDarker] : [])]
    : [];

/** One coat of primer. */
const primeWith = (s: SurfaceContext, coat: Coat, of: number): Draft => {
  const tint = coat.coating === 'clearShellac' ? null : (paintPlanOf(s)?.tint ?? null);
  return layCoat(s, coat, {
    method: `prime-${PRIMERS.id.parse(coat.coating)}`,
    setUp: { of },
    rank: 2 * (coat.nth - 1),
    title: WORDS.prime.title(coat.coating, coat.nth, of),
    first: [
      ...(s.wood.oily && s.showsWood && coat.nth === 1 ? [WORDS.prime.wipeOilyWood] : []),
      ...(tint === 'grey' || tint === 'toned' ? [WORDS.prime.tinted[tint]] : []),
    ],
    risks: coat.nth === 1 ? { peel: chanceOfPeeling(s), wax: waxLeft(s) } : {},
    wait: { ...lagOfCoat(coat.coating, true), until: 'sandsToPowder' },
    waitsFor: ['bleed', 'patch'],
    checks: ['noBleed'],
    insteadOf: insteadOf(s, coat.coating),
  });
};

const READY_FOR: Readonly<Partial<Record<Series, 'coat' | 'clear'>>> = {
  prime: 'coat',
  clear: 'clear',
};

/** Grain filler, and sanding it back once it is hard. */
export const grainCoat = (s: SurfaceContext, coat: Coat, rank: number): Draft =>
  layCoat(s, coat, { rank, title: WORDS.fillGrain.title });

/** Stain-blocking primer by need, and what it goes on. */
export const BLOCK_RULES: readonly Rule[] = [
  surfaceRule({
    id: 'dull-what-was-laid-before',
    phase: 'block',
    applies: (s) =>
      isOverOtherCoats(s) &&
      !bearsNoneOfThePlan(s) &&
      !s.now.dulled &&
      !s.showsWood &&
      finishPlanOf(s).length > 0,
    because: () => WORDS.dull.becauseOfOtherCoats(PAPER_CHOICES.underClear),
    work: (s) => [
      dullCoat(s, {
        occurrence: '1',
        grit: PAPER_CHOICES.underClear,
        rank: -20,
        next: WORDS.dull.readyFor.coat,
        because: WORDS.dull.becauseOfOtherCoats(PAPER_CHOICES.underClear),
      }),
    ],
  }),
  surfaceRule({
    id: 'try-the-bond-first',
    phase: 'block',
    applies: (s) => isOpen(s, 'patch') && !isDone(s, 'bondTried'),
    because: (s) => WORDS.testPatch.because(s.substrate.wood ? finishName(s) : s.substrate.label),
    evidence: (s) => behind(s.beliefs.substrate),
    work: () => [
      {
        rank: -10,
        title: WORDS.testPatch.title,
        how: WORDS.testPatch.how,
        ...ofUnits('test-patch', 1),
        traits: { makes: ['bondTried'] },
        wait: wait(WAITS.testPatch, 'maybeCut'),
        waitsFor: ['lead'],
        checks: ['gripsWell'],
        gate: asGate('patch', WORDS.testPatch.question, WORDS.testPatch.answers),
      },
    ],
  }),
  surfaceRule({
    id: 'fill-pores-under-paint',
    phase: 'block',
    applies: (s) => pendingOf(s, 'grain').length > 0,
    because: (s) => WORDS.fillGrain.becausePaint(s.wood.label),
    evidence: (s) => s.beliefs.wood.speaksFor,
    work: (s) => pendingOf(s, 'grain').map((coat) => grainCoat(s, coat, -4)),
  }),
  surfaceRule({
    id: 'only-the-pores-keep-filler',
    phase: 'block',
    applies: (s) => fillsGrain(s) && s.aim.scheme.kind === 'painted' && !isDone(s, 'grainCutBack'),
    because: () => WORDS.dull.becauseGrain(PAPER_CHOICES.grainBack),
    work: (s) => [
      dullCoat(s, {
        occurrence: '1',
        grit: PAPER_CHOICES.grainBack,
        rank: -3,
        next: WORDS.dull.readyFor.grain,
        because: WORDS.dull.becauseGrain(PAPER_CHOICES.grainBack),
        // Where it is sanded back the wood is bare again; what stays lies in the pores.
        traits: { face: null, makes: ['grainCutBack'] },
      }),
    ],
  }),
  surfaceRule({
    id: 'prime-by-risk',
    phase: 'block',
    applies: (s) => pendingOf(s, 'prime').length > 0,
    because: (s) => primerOf(s)?.because ?? '',
    evidence: (s) => [...s.beliefs.bleed.speaksFor, ...s.beliefs.wood.speaksFor],
    work: (s) => {
      const of = coatsInSeries(s, 'prime').length;
      return pendingOf(s, 'prime').map((coat) => primeWith(s, coat, of));
    },
  }),
  surfaceRule({
    id: 'dull-the-primer',
    phase: 'block',
    applies: (s) => coatsInSeries(s, 'prime').some((it) => isToBeDulled(s, it)),
    because: () => '',
    work: (s) =>
      coatsInSeries(s, 'prime')
        .filter((it) => isToBeDulled(s, it))
        .map((coat) => {
          const over = coatOver(s, coat);
          const grit =
            over?.series === 'clear'
              ? PAPER_CHOICES.underClear
              : PRIMERS.rows.find((it) => it.id === coat.coating)?.scuffGrit;
          return dullCoat(s, {
            occurrence: `${coat.nth}`,
            grit: grit ?? PAPER_CHOICES.grainBack,
            rank: 2 * (coat.nth - 1) + 1,
            next: WORDS.dull.readyFor[READY_FOR[over?.series ?? 'paint'] ?? 'colour'],
            because: WORDS.dull.because(
              grit ?? PAPER_CHOICES.grainBack,
              coat.coating,
              over?.coating ?? null,
            ),
            waitsFor: ['bleed'],
          });
        }),
  }),
  surfaceRule({
    id: 'caulk-after-primer',
    phase: 'block',
    applies: (s) => s.aim.scheme.kind === 'painted' && openFindings(s, 'opensAtJoint').length > 0,
    because: () => WORDS.caulk.because,
    work: (s) => [
      layCoat(
        s,
        { series: 'grain', nth: 1, coating: 'caulk', colour: null },
        {
          method: 'caulk',
          rank: 10,
          occurrence: '1',
          title: WORDS.caulk.title,
          rate: 'caulk',
          wait: { ...lagOfCoat('caulk'), max: null, until: 'noFingerMark' },
          // It lies over old paint in the gap, and hides it from a test.
          waitsFor: ['lead'],
          // A bead in the gap, no coat on the face.
          traits: {
            lays: null,
            makes: ['caulked'],
            mends: openFindings(s, 'opensAtJoint').map((it) => it.id),
          },
        },
      ),
    ],
  }),
];
