import { FINISHES, GREASY_PASSES, MISHAPS, PAPER_CHOICES, RATES, WAITS } from '../../catalog';
import { isForChild } from '../../piece';
import { CLEAN_WORDS as WORDS } from '../../words';
import { chanceToBleed, isOpen } from '../questions';
import { ofOneWood } from '../alike';
import { pieceRule, surfaceRule, type Rule } from '../rule';
import { by, onArea, wait } from './common';
import { asGate } from './ask';
import {
  type SurfaceContext,
  areaOfFace,
  behind,
  chanceOfAny,
  chanceShunsWater,
  finishName,
  has,
  isDone,
  isSuspect,
  isTouchedIn,
  keepsFilm,
  openFindings,
} from '../context';

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
        method: 'vacuum',
        rank: 0,
        title: WORDS.vacuum.title,
        how: WORDS.vacuum.how(isSuspect(s)),
        ...onArea('vacuum', s),
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
      openFindings(s, 'odour').length > 0,
    because: () => WORDS.airOut.because,
    work: (s) => [
      {
        method: 'air-out',
        rank: 1,
        title: WORDS.airOut.title,
        how: WORDS.airOut.how,
        ...onArea('airOut', s),
        traits: {
          makes: ['airedOut'],
          wets: 'water',
          mends: openFindings(s, 'odour').map((it) => it.id),
        },
        wait: wait(WAITS.airingOut, 'dry'),
      },
    ],
  }),
  surfaceRule({
    id: 'residue-off',
    phase: 'clean',
    general: true,
    applies: (s) => s.worked && openFindings(s, 'residue').length > 0,
    because: () => WORDS.residueOff.because,
    work: (s) => [
      {
        method: 'residue',
        rank: 1,
        title: WORDS.residueOff.title,
        how: WORDS.residueOff.how,
        ...onArea('residue', s),
        traits: {
          makes: ['freeOfResidue'],
          mends: openFindings(s, 'residue').map((it) => it.id),
          wets: 'solvent',
        },
      },
    ],
  }),
  surfaceRule({
    id: 'cement-comes-off-wet',
    phase: 'clean',
    applies: (s) => s.worked && openFindings(s, 'cementResidue').length > 0,
    because: () => WORDS.cementOff.because,
    work: (s) => [
      {
        method: 'cement-off',
        rank: 1,
        title: WORDS.cementOff.title,
        how: WORDS.cementOff.how,
        ...onArea('cementOff', s),
        traits: {
          makes: ['freeOfCement'],
          mends: openFindings(s, 'cementResidue').map((it) => it.id),
          wets: 'water',
        },
        wait: wait(WAITS.afterWash, 'dryOvernight'),
        protection: ['p100Respirator', 'goggles', 'workGloves'],
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
        method: 'wax-off',
        rank: 2,
        title: WORDS.waxOff.title,
        how: WORDS.waxOff.how,
        ...onArea('waxOff', s),
        traits: { face: 'dewaxed', makes: ['freeOfWax'], wets: 'solvent' },
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
        method: s.dampOnly ? 'powder-off-damp' : 'powder-off',
        rank: 4,
        title: WORDS.powderOff.title,
        how: WORDS.powderOff.how(s.dampOnly),
        ...onArea('powderOff', s),
        traits: { makes: ['powderOff'], opensLayers: true, wets: 'water' },
        wait: wait(WAITS.afterWash, 'dryOvernight'),
        checks: ['ragClean'],
      },
    ],
  }),
  surfaceRule({
    id: 'clean-before-abrasive',
    phase: 'clean',
    applies: (s) => (s.worked || isTouchedIn(s)) && !s.isNew && !isDone(s, 'degreased'),
    because: (s) => (has(s, 'grime') ? WORDS.degrease.becauseGreasy : WORDS.degrease.because),
    work: (s) => {
      const greasy = has(s, 'grime');
      return [
        {
          method: s.dampOnly ? 'damp-wipe' : 'degrease',
          setUp: { greasy },
          rank: 3,
          title: WORDS.degrease.title(s.dampOnly, greasy),
          general: !greasy,
          ...onArea(s.dampOnly ? 'dampWipe' : 'degrease', s, greasy ? GREASY_PASSES.value : 1),
          how: WORDS.degrease.how(s.dampOnly),
          traits: {
            makes: ['degreased'],
            mends: openFindings(s, 'grime').map((it) => it.id),
            wets: 'water',
          },
          wait: s.dampOnly
            ? wait(WAITS.afterDampWipe, 'feelsDry')
            : wait(WAITS.afterWash, 'dryOvernight'),
          risks: s.dampOnly ? {} : { water: chanceShunsWater(s.beliefs) },
          cautions: WORDS.degrease.cautions(s.dampOnly),
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
          method: wet ? 'bleed-patch-wet' : 'bleed-patch',
          on: surfaces,
          occurrence: name,
          setUp: { wood: name, wet },
          rank: 4,
          title: WORDS.bleedPatch.title,
          how: WORDS.bleedPatch.how(
            surfaces.map((s) => s.surface.name),
            wet,
          ),
          ...by('bleedPatch', 1),
          traits: {
            makes: ['bleedPatched'],
            opensLayers: true,
            makesDust: !wet,
            dedusts: true,
            wets: wet ? 'water' : null,
            grits: [PAPER_CHOICES.patch],
          },
          wait: wait(WAITS.bleedPatch, 'overnightAtLeast'),
          protection: ['dustMask'],
          waitsFor: surfaces.some(isSuspect) ? ['lead'] : [],
          gate: asGate('bleed', WORDS.bleedPatch.question, WORDS.bleedPatch.answers),
        };
      }),
  }),
];
