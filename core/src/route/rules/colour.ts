import { COATINGS, PAPER_CHOICES, WOODS } from '../../catalog';
import { colourName } from '../../coating';
import { COAT_WORDS as WORDS, SAND_WORDS, capital } from '../../words';
import type { Coat } from '../../work';
import { areaOfFace, chanceOfAny, isDone, type SurfaceContext } from '../context';
import {
  chanceOfBleed,
  chanceOfPeeling,
  paintPlanOf,
  pendingOf,
  primerOf,
  stainsOf,
} from '../finishing';
import { surfaceRule, type Draft, type Rule } from '../rule';
import { grainCoat } from './block';
import { waxLeft } from './clean';
import { layCoat, sandBetween, sandedBetween, sandsEveryCoat } from './coat';
import { onArea, papersFor } from './common';

const BLOTCHY = WOODS.rows.filter((it) => it.blotches);

/** Chance of a wood that takes stain unevenly, where no conditioner was planned for it. */
const chanceOfBlotches = (s: SurfaceContext): number =>
  s.aim.scheme.kind === 'veneered' || stainsOf(s).includes('conditioner')
    ? 0
    : chanceOfAny(s.beliefs.wood.distribution, BLOTCHY);

/** One coat of paint. */
const paintWith = (s: SurfaceContext, coat: Coat): Draft => {
  const plan = paintPlanOf(s);
  const first = coat.nth === 1;
  const primed = primerOf(s) !== undefined;
  return layCoat(s, coat, {
    rank: 20 + 2 * (coat.nth - 1),
    title: WORDS.paint.title(coat.coating, colourName(coat.colour ?? ''), coat.nth),
    first: first ? [WORDS.paint.first] : sandsEveryCoat(s) ? [] : [WORDS.paint.ifRough],
    how: [WORDS.paint.look],
    risks: first
      ? {
          bleed: chanceOfBleed(s),
          peel: primed ? 0 : chanceOfPeeling(s),
          wax: primed ? 0 : waxLeft(s),
          groundShows: plan?.neverCovers ? 1 : 0,
        }
      : {},
    waitsFor: ['bleed'],
    checks: first ? [{ id: 'noBleed', question: WORDS.prime.check }] : [],
  });
};

const distressOf = (s: SurfaceContext) =>
  s.aim.scheme.kind === 'painted' ? s.aim.scheme.distress : undefined;

/** What gives the surface its colour. */
export const COLOUR_RULES: readonly Rule[] = [
  surfaceRule({
    id: 'stain-into-open-wood',
    phase: 'colour',
    applies: (s) => pendingOf(s, 'stain').length > 0,
    because: (s) =>
      primerOf(s)
        ? WORDS.stain.becauseSealed
        : stainsOf(s).includes('conditioner')
          ? WORDS.stain.becauseBlotches(s.wood.label)
          : WORDS.stain.becauseOpen,
    evidence: (s) => s.beliefs.wood.speaksFor,
    work: (s) =>
      pendingOf(s, 'stain').map((coat) =>
        layCoat(s, coat, {
          rank: coat.nth - 1,
          risks: { blotches: coat.coating === 'oilStain' ? chanceOfBlotches(s) : 0 },
          title: WORDS.stain.title(coat.coating, coat.colour ?? ''),
        }),
      ),
  }),
  surfaceRule({
    id: 'fill-pores-under-clear',
    phase: 'colour',
    applies: (s) => pendingOf(s, 'grainOverStain').length > 0,
    because: (s) => WORDS.fillGrain.becauseClear(s.wood.label),
    evidence: (s) => s.beliefs.wood.speaksFor,
    work: (s) => pendingOf(s, 'grainOverStain').map((coat) => grainCoat(s, coat, 5)),
  }),
  surfaceRule({
    id: 'paint-to-cover',
    phase: 'colour',
    applies: (s) => pendingOf(s, 'paint').length > 0,
    because: (s) => {
      const plan = paintPlanOf(s);
      return WORDS.paint.because(
        plan?.coats ?? 0,
        plan?.tint ? WORDS.paint.primer(plan.tint) : WORDS.paint.whatLiesBelow,
        plan?.neverCovers ?? false,
      );
    },
    work: (s) => pendingOf(s, 'paint').map((coat) => paintWith(s, coat)),
  }),
  surfaceRule({
    id: 'sand-between-coats-of-paint',
    phase: 'colour',
    applies: (s) => sandedBetween(s, 'paint').length > 0,
    because: () => '',
    work: (s) => sandBetween(s, 'paint', PAPER_CHOICES.betweenPaint, 21),
  }),
  surfaceRule({
    id: 'effect-on-dry-paint',
    phase: 'colour',
    applies: (s) => pendingOf(s, 'effect').length > 0,
    because: (s) =>
      s.aim.scheme.kind === 'washed' ? WORDS.effect.becauseWash : WORDS.effect.because,
    work: (s) =>
      pendingOf(s, 'effect').map((coat) =>
        layCoat(s, coat, {
          rank: 60,
          title: capital(COATINGS.get(coat.coating).label),
          rate: 'effect',
        }),
      ),
  }),
  surfaceRule({
    id: 'distress-where-hands-go',
    phase: 'colour',
    applies: (s) =>
      s.aim.scheme.kind === 'painted' &&
      s.aim.scheme.effect === 'distressed' &&
      s.lead !== 'found' &&
      !isDone(s, 'distressed'),
    because: () => WORDS.distress.because,
    work: (s) => {
      const asked = distressOf(s);
      const where = asked?.where ?? 'edges';
      const grits = PAPER_CHOICES.distress[asked?.strength ?? 'usual'];
      const { effort, consumes } = onArea('distress', s);
      return [
        {
          method: 'distress',
          setUp: { where, grits: grits.join('-') },
          rank: 61,
          title: WORDS.distress.title(grits),
          effort,
          consumes: [...papersFor(grits, areaOfFace(s)), ...consumes],
          how: WORDS.distress.how(where, grits, s.shop.schools.dustCloth),
          traits: {
            opensLayers: true,
            makesDust: true,
            dedusts: true,
            grits,
            makes: ['distressed'],
          },
          protection: ['p100Filter', 'extraction'],
          cautions: [SAND_WORDS.DUST],
        },
      ];
    },
  }),
];
