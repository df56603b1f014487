import { FINISHES, GREASY_PASSES, MISHAPS, PAPER_CHOICES, RATES, WAITS } from '../../catalog';
import { isForChild } from '../../piece';
import { CLEAN_WORDS as WORDS } from '../../words';
import { chanceToBleed, isOpen } from '../context/questions';
import { ofOneWood } from '../context/alike';
import { pieceRule, surfaceRule, type Rule } from './rule';
import { ofUnits, onFace, wait } from './common';
import { asGate } from './ask';
import {
  type SurfaceContext,
  areaOfFace,
  behind,
  chanceOfAny,
  chanceShunsWater,
  finishName,
  forbiddenBy,
  isDone,
  isSuspect,
  isTouchedIn,
  keepsFilm,
  openFindings,
  shows,
} from '../context/context';

const WAXED = FINISHES.rows.filter((it) => it.repels);

/** Chance that wax lies on top, on wood or on a film. */
const chanceOfWax = (s: SurfaceContext): number =>
  chanceOfAny(s.beliefs.finish.distribution, WAXED);

/**
 * Is wax washed off? Where it is all but known, and wherever washing costs less than what paint
 * peeling off wax is expected to.
 */
const waxed = (s: SurfaceContext): boolean => {
  const { fixed, each } = RATES.waxOff;
  const { chance, fixedMinutes, minutesPerM2 } = MISHAPS.get('peel-over-wax');
  const m2 = areaOfFace(s);
  const lost = chanceOfWax(s) * Number(chance) * (fixedMinutes + minutesPerM2 * m2);
  return s.finish.repels || (!s.strips && lost > fixed + each * m2);
};

/** Chance that wax lies there and is not taken off. */
export const waxLeft = (s: SurfaceContext): number => (waxed(s) || s.strips ? 0 : chanceOfWax(s));

/** Everything that has to come off before anything is sanded in. */
export const CLEAN_RULES: readonly Rule[] = [
  surfaceRule({
    id: 'vacuum-first',
    phase: 'clean',
    regardless: true,
    general: true,
    applies: (s) =>
      !isDone(s, 'vacuumed') &&
      ((s.worked && !(s.lead === 'found' && isForChild(s.piece))) ||
        isTouchedIn(s) ||
        s.aim.scheme.kind === 'freshened'),
    because: () => WORDS.vacuum.because,
    work: (s) => [
      {
        rank: 0,
        title: WORDS.vacuum.title,
        how: WORDS.vacuum.how,
        ...onFace('vacuum', s),
        traits: { makes: ['vacuumed'] },
        protection: [isSuspect(s) ? 'p100Filter' : 'dustMask'],
      },
    ],
  }),
  surfaceRule({
    id: 'smell-is-aired-out',
    phase: 'clean',
    general: true,
    applies: (s) =>
      (s.worked || isTouchedIn(s) || s.aim.scheme.kind === 'freshened') &&
      openFindings(s, 'airsOut').length > 0,
    because: () => WORDS.airOut.because,
    work: (s) => [
      {
        rank: 1,
        title: WORDS.airOut.title,
        how: WORDS.airOut.how,
        ...onFace('air-out', s),
        traits: {
          makes: ['airedOut'],
          mends: openFindings(s, 'airsOut').map((it) => it.id),
        },
        wait: wait(WAITS.airingOut, 'dry'),
      },
    ],
  }),
  surfaceRule({
    id: 'residue-off',
    phase: 'clean',
    general: true,
    applies: (s) => s.worked && openFindings(s, 'gummed').length > 0,
    because: () => WORDS.residueOff.because,
    work: (s) => [
      {
        rank: 1,
        title: WORDS.residueOff.title,
        how: WORDS.residueOff.how,
        ...onFace('residue', s),
        traits: {
          makes: ['freeOfResidue'],
          mends: openFindings(s, 'gummed').map((it) => it.id),
        },
      },
    ],
  }),
  surfaceRule({
    id: 'cement-comes-off-wet',
    phase: 'clean',
    applies: (s) => s.worked && openFindings(s, 'cemented').length > 0,
    because: () => WORDS.cementOff.because,
    work: (s) => [
      {
        rank: 1,
        title: WORDS.cementOff.title,
        how: WORDS.cementOff.how,
        ...onFace('cement-off', s),
        traits: {
          makes: ['freeOfCement'],
          mends: openFindings(s, 'cemented').map((it) => it.id),
        },
        wait: wait(WAITS.afterWash, 'dryOvernight'),
        cautions: WORDS.cementOff.cautions,
      },
    ],
  }),
  surfaceRule({
    id: 'nothing-sticks-over-wax',
    phase: 'clean',
    applies: (s) => s.worked && waxed(s) && !isDone(s, 'freeOfWax'),
    because: (s) => WORDS.waxOff.because(s.finish.repels),
    evidence: (s) => behind(s.beliefs.finish),
    work: (s) => [
      {
        rank: 2,
        title: WORDS.waxOff.title,
        how: WORDS.waxOff.how,
        ...onFace('wax-off', s),
        traits: { face: 'dewaxed', makes: ['freeOfWax'] },
        wait: wait(WAITS.afterSpirits, 'spiritsOff', 'solvent'),
      },
    ],
  }),
  surfaceRule({
    id: 'wash-off-what-powders',
    phase: 'clean',
    applies: (s) =>
      s.worked &&
      s.aim.scheme.kind === 'painted' &&
      s.finish.nature === 'distemper' &&
      keepsFilm(s) &&
      !isDone(s, 'powderOff'),
    because: (s) => WORDS.powderOff.because(finishName(s)),
    evidence: (s) => behind(s.beliefs.finish),
    work: (s) => [
      {
        rank: 4,
        title: WORDS.powderOff.title,
        how: WORDS.powderOff.how(s.dampOnly),
        ...onFace(s.dampOnly ? 'powder-off-damp' : 'powder-off', s),
        traits: { makes: ['powderOff'] },
        wait: wait(WAITS.afterWash, 'dryOvernight'),
        checks: ['ragClean'],
      },
    ],
  }),
  surfaceRule({
    id: 'clean-before-abrasive',
    phase: 'clean',
    applies: (s) => (s.worked || isTouchedIn(s)) && !s.isNew && !isDone(s, 'degreased'),
    because: (s) => (shows(s, 'greasy') ? WORDS.degrease.becauseGreasy : WORDS.degrease.because),
    work: (s) => {
      const greasy = shows(s, 'greasy');
      const damp = s.dampOnly || forbiddenBy('water', s, true) !== undefined;
      return [
        {
          setUp: { greasy },
          rank: 3,
          title: WORDS.degrease.title(damp, greasy),
          general: !greasy,
          ...onFace(damp ? 'damp-wipe' : 'degrease', s, greasy ? GREASY_PASSES.value : 1),
          how: WORDS.degrease.how(damp),
          traits: {
            makes: ['degreased'],
            mends: openFindings(s, 'greasy').map((it) => it.id),
          },
          wait: damp
            ? wait(WAITS.afterDampWipe, 'feelsDry')
            : wait(WAITS.afterWash, 'dryOvernight'),
          risks: damp ? {} : { water: chanceShunsWater(s.beliefs) },
          cautions: WORDS.degrease.cautions(damp),
        },
      ];
    },
  }),
  pieceRule({
    id: 'bleed-patch-decides',
    phase: 'clean',
    place: { of: 'piece' },
    ofSurface: true,
    asks: (whole) => whole.surfaces.filter((s) => isOpen(s, 'bleed') && !isDone(s, 'bleedPatched')),
    because: (_, asking) =>
      WORDS.bleedPatch.because(
        Math.max(0, ...asking.map(chanceToBleed)),
        asking[0]?.wood.label ?? '',
      ),
    evidence: (asking) =>
      asking.flatMap((s) => [...s.beliefs.bleed.speaksFor, ...s.beliefs.wood.speaksFor]),
    work: (_, asking) =>
      ofOneWood(asking).map(({ name, surfaces }) => {
        const wet = surfaces.some((s) => s.lead === 'found');
        return {
          on: surfaces,
          occurrence: name,
          setUp: { wood: name, wet },
          rank: 4,
          title: WORDS.bleedPatch.title,
          how: WORDS.bleedPatch.how(
            surfaces.map((s) => s.surface.name),
            wet,
          ),
          ...ofUnits(wet ? 'bleed-patch-wet' : 'bleed-patch', 1),
          traits: {
            makes: ['bleedPatched'],
            grits: [PAPER_CHOICES.patch],
          },
          wait: wait(WAITS.bleedPatch, 'overnightAtLeast'),
          waitsFor: surfaces.some(isSuspect) ? ['lead'] : [],
          gate: asGate('bleed', WORDS.bleedPatch.question, WORDS.bleedPatch.answers),
        };
      }),
  }),
];
