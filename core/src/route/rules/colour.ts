import { COATINGS, PAPER_CHOICES, WOODS, type Coating } from '../../catalog';
import { colourName } from '../../coating';
import { COAT_WORDS as WORDS, SAND_WORDS, capital } from '../../words';
import type { Coat } from '../../effect';
import { surfaceRule, type Draft, type Rule } from './rule';
import { grainCoat } from './block';
import { waxLeft } from './clean';
import { dullCoat, isSprayed, layCoat, sandBetween, sandedBetween, sandsEveryCoat } from './coat';
import { onArea, papersFor } from './common';
import { dullHardened } from './hardened';
import { effectsOf, fillsGrain, paintPlanOf, stainsOf } from '../finish/coloured';
import { type SurfaceContext, areaOfFace, chanceOfAny, isDone } from '../context/context';
import { isToBeDulledUnder, pendingOf } from '../finish/finishing';
import { chanceOfBleed, chanceOfPeeling, primerOf } from '../finish/primed';

const BLOTCHY = WOODS.rows.filter((it) => it.blotches);

/** Chance of a wood that takes stain unevenly, where no conditioner was planned for it. */
const chanceOfBlotches = (s: SurfaceContext): number =>
  s.aim.scheme.kind === 'veneered' || stainsOf(s).includes('conditioner')
    ? 0
    : chanceOfAny(s.beliefs.wood.distribution, BLOTCHY);

/** Stains that sink into the wood, and blotch where it takes them unevenly. */
const SINKS_IN: readonly Coating[] = ['oilStain', 'waterStain', 'tintedOil'];

const becauseOfStain = (s: SurfaceContext): string => {
  if (primerOf(s)) return WORDS.stain.becauseSealed;
  const stains = stainsOf(s);
  if (stains.includes('conditioner')) return WORDS.stain.becauseBlotches(s.wood.label);
  if (stains.includes('gelStain')) return WORDS.stain.becauseGel;
  return stains.some((it) => it === 'tintedVarnish' || it === 'tintedOil')
    ? WORDS.stain.becauseInOne
    : WORDS.stain.becauseOpen;
};

/** One coat of paint. */
const paintWith = (s: SurfaceContext, coat: Coat): Draft => {
  const plan = paintPlanOf(s);
  const first = coat.nth === 1;
  const primed = primerOf(s) !== undefined;
  return layCoat(s, coat, {
    rank: 20 + 2 * (coat.nth - 1),
    title: WORDS.paint.title(coat.coating, colourName(coat.colour ?? ''), coat.nth),
    first:
      first && !isSprayed(s, coat.coating)
        ? [WORDS.paint.first]
        : first || sandsEveryCoat(s)
          ? []
          : [WORDS.paint.ifRough],
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
    checks: first ? ['noBleed'] : [],
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
    because: becauseOfStain,
    evidence: (s) => s.beliefs.wood.speaksFor,
    work: (s) =>
      pendingOf(s, 'stain').map((coat) =>
        layCoat(s, coat, {
          rank: coat.nth - 1,
          risks: { blotches: SINKS_IN.includes(coat.coating) ? chanceOfBlotches(s) : 0 },
          title: WORDS.stain.title(
            coat.coating,
            coat.colour ?? '',
            primerOf(s) !== undefined,
            coat.coating === stainsOf(s)[coat.nth] || coat.coating === stainsOf(s)[coat.nth - 2]
              ? coat.nth
              : null,
          ),
          first: coat.coating !== 'conditioner' && coat.nth < 2 ? [WORDS.stain.tryFirst] : [],
        }),
      ),
  }),
  surfaceRule({
    id: 'seal-the-stain',
    phase: 'colour',
    applies: (s) => pendingOf(s, 'seal').length > 0,
    because: (s) => WORDS.sealStain.because(fillsGrain(s) ? 'filler' : 'toner'),
    work: (s) =>
      pendingOf(s, 'seal').map((coat) =>
        layCoat(s, coat, { rank: 4, title: WORDS.sealStain.title }),
      ),
  }),
  surfaceRule({
    id: 'tone-what-is-pale',
    phase: 'colour',
    applies: (s) => pendingOf(s, 'tone').length > 0,
    because: () => WORDS.tone.because,
    work: (s) =>
      pendingOf(s, 'tone').map((coat) =>
        layCoat(s, coat, { rank: 8, title: WORDS.tone.title, rate: 'effect' }),
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
  dullHardened('seal', 'colour', PAPER_CHOICES.underClear, () => 5),
  dullHardened('paint', 'colour', PAPER_CHOICES.betweenPaint, (nth) => 21 + 2 * (nth - 1)),
  surfaceRule({
    id: 'dull-under-the-effect',
    phase: 'colour',
    applies: (s) => isToBeDulledUnder(s, 'effect'),
    because: (s) =>
      WORDS.dull.because(
        PAPER_CHOICES.underClear,
        paintPlanOf(s)?.coating ?? 'oilEnamel',
        effectsOf(s)[0] ?? null,
      ),
    work: (s) => [
      dullCoat(s, {
        occurrence: '1',
        grit: PAPER_CHOICES.underClear,
        rank: 58,
        next: WORDS.dull.readyFor.coat,
        because: WORDS.dull.because(
          PAPER_CHOICES.underClear,
          paintPlanOf(s)?.coating ?? 'oilEnamel',
          effectsOf(s)[0] ?? null,
        ),
      }),
    ],
  }),
  surfaceRule({
    id: 'effect-on-dry-paint',
    phase: 'colour',
    applies: (s) => pendingOf(s, 'effect').length > 0,
    because: (s) =>
      s.aim.scheme.kind !== 'washed'
        ? WORDS.effect.because
        : s.aim.scheme.stainOver
          ? WORDS.effect.becauseWashStained
          : WORDS.effect.becauseWash,
    work: (s) =>
      pendingOf(s, 'effect').map((coat) =>
        layCoat(s, coat, {
          rank: 59 + coat.nth,
          title: coat.colour
            ? WORDS.effect.stainOver(coat.colour)
            : capital(COATINGS.get(coat.coating).label),
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
            grits,
            makes: ['distressed'],
          },
          cautions: [SAND_WORDS.DUST],
        },
      ];
    },
  }),
];
