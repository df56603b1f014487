import {
  BEARS_BRASS_LBF,
  LAYERS_A_ROUND,
  PAPER_CHOICES,
  SLOWER,
  STRIP_WAYS,
  WAITS,
  WASH_ROUNDS,
  type Told,
} from '../../catalog';
import { bordersIn } from '../../piece';
import { STRIP_WORDS as WORDS, byLabel } from '../../words';
import { takes } from '../../work';
import { surfaceRule, type Rule } from './rule';
import {
  chooseStripWay,
  layersOn,
  roundsOf,
  stripEffort,
  type StripWayRow,
} from '../finish/stripChoice';
import { ofUnits, onFace, wait } from './common';
import {
  type SurfaceContext,
  areaOfFace,
  bearsAlcohol,
  behind,
  finishName,
  isDone,
  keepsFilm,
  observationsOf,
  openFindings,
  shows,
} from '../context/context';
import { bearsNoneOfThePlan, hasOtherCoats } from '../finish/finishing';

const brushesFor = (s: SurfaceContext, way: StripWayRow): readonly Told[] =>
  way.dwellMinutes === 0
    ? []
    : [WORDS.stripFinish.brushes(s.wood.openPored && s.wood.jankaLbf >= BEARS_BRASS_LBF.value)];

const roundsIn = (s: SurfaceContext, way: StripWayRow): readonly string[] =>
  way.dwellMinutes > 0 && layersOn(s) > LAYERS_A_ROUND.value
    ? [WORDS.stripFinish.rounds(layersOn(s), roundsOf(s))]
    : [];

/** Neighbours whose finish stays while stripper is about. */
const neighboursToCover = (s: SurfaceContext, way: StripWayRow): readonly string[] => {
  const group = bordersIn(s.surface);
  const kept = s
    .others()
    .filter((it) => group !== null && bordersIn(it.surface) === group && !it.strips);
  return way.wets === null || kept.length === 0
    ? []
    : [WORDS.stripFinish.coverNeighbours(kept.map((it) => it.surface.name))];
};

/** The old finish is still on, and is one that a stripper takes. */
const isOldFinishOn = (s: SurfaceContext): boolean =>
  s.strips && s.finish.id !== 'wax' && !isDone(s, 'stripped');

/** New coats stand in the way of wood that is to be seen, or bear nothing that is to come. */
const areOtherCoatsOn = (s: SurfaceContext): boolean =>
  (s.showsWood && hasOtherCoats(s)) || (s.worked && bearsNoneOfThePlan(s));

/** Taking the old finish off, or only what is loose. */
export const STRIP_RULES: readonly Rule[] = [
  surfaceRule({
    id: 'old-finish-comes-off',
    phase: 'strip',
    applies: (s) => isOldFinishOn(s) || areOtherCoatsOn(s),
    because: (s) =>
      areOtherCoatsOn(s)
        ? WORDS.stripFinish.becauseOfOtherCoats
        : s.showsWood
          ? WORDS.stripFinish.becauseWoodShows(
              finishName(s),
              s.aim.scheme.kind === 'stained' ? 'stain' : 'clear',
            )
          : WORDS.stripFinish.becauseItLetsGo(finishName(s)),
    evidence: (s) => [
      ...behind(s.beliefs.finish),
      ...(s.showsWood ? [] : observationsOf(s, 'cross-cut')),
    ],
    work: (s) => {
      const { way, insteadOf } = chooseStripWay(s);
      const contained = s.lead === 'found';
      return [
        {
          method: `strip-${way.id}`,
          setUp: { contained },
          rank: 0,
          title: contained ? WORDS.stripFinish.contained(way.title) : way.title,
          effort: stripEffort(way, s),
          consumes: takes(way.uses, areaOfFace(s) * roundsOf(s)),
          how: [
            ...neighboursToCover(s, way),
            ...way.steps,
            ...roundsIn(s, way),
            ...brushesFor(s, way),
          ],
          traits: {
            face: 'bare',
            makes: ['stripped'],
            grits: way.id === 'sand' ? [PAPER_CHOICES.coarsest] : [],
          },
          wait: way.dryMinutes > 0 ? wait(way.dryMinutes, 'woodDry', 'solvent') : null,
          cautions: way.cautions.map(byLabel),
          checks: ['allOff'],
          waitsFor: ['substrate'],
          insteadOf,
          risks: {
            noWood: s.chanceUnstainable,
            lyeDarkens: way.forTannin ? 0 : s.beliefs.bleed.distribution.tannin,
          },
        },
      ];
    },
  }),
  surfaceRule({
    id: 'alkaline-is-neutralised',
    phase: 'strip',
    applies: (s, asked) =>
      s.now.alkaline ||
      asked.some(({ traits }) => traits.wets === 'caustic' && !traits.makes.includes('neutral')),
    because: () => WORDS.neutralise.because,
    work: () => [
      {
        rank: 2,
        title: WORDS.neutralise.title,
        how: WORDS.neutralise.how,
        ...ofUnits('neutralise', 1),
        traits: { makes: ['neutral'] },
        checks: ['neutralPh'],
        wait: wait(WAITS.afterNeutralising, 'woodDry'),
      },
    ],
  }),
  surfaceRule({
    id: 'wash-out-what-weeps',
    phase: 'strip',
    applies: (s) => s.worked && shows(s, 'weepsDye') && !isDone(s, 'washedOut'),
    because: () => WORDS.washOut.because,
    work: (s) => [
      s.dampOnly
        ? {
            rank: 3,
            title: WORDS.washOut.damp.title,
            how: WORDS.washOut.damp.how(bearsAlcohol(s)),
            ...onFace(
              bearsAlcohol(s) ? 'extractive-wipe' : 'extractive-wipe-damp',
              s,
              WASH_ROUNDS.value,
            ),
            traits: { makes: ['washedOut'] },
            wait: wait(WAITS.afterSpirits, 'alcoholOff', 'alcohol'),
            checks: ['ragClean'],
          }
        : {
            rank: 3,
            title: WORDS.washOut.wet.title,
            how: WORDS.washOut.wet.how,
            ...onFace('extractive-wash', s, WASH_ROUNDS.value),
            traits: { makes: ['washedOut'] },
            wait: wait(WAITS.afterWash, 'dryOvernight'),
            cautions: WORDS.washOut.wet.cautions,
            checks: ['ragClean'],
          },
    ],
  }),
  surfaceRule({
    id: 'loose-paint-off',
    phase: 'strip',
    applies: (s) =>
      s.aim.scheme.kind === 'painted' &&
      openFindings(s, 'comesOffLoose').length > 0 &&
      keepsFilm(s),
    because: (s) => WORDS.looseOff.because(shows(s, 'peels')),
    work: (s) => {
      const wet = s.lead === 'found';
      const words = wet ? WORDS.looseOff.wet : WORDS.looseOff.dry;
      return [
        {
          rank: 1,
          title: words.title,
          how: words.how,
          ...onFace(wet ? 'loose-off-wet' : 'loose-off', s, wet ? SLOWER.wet : 1),
          traits: {
            makes: ['looseOff'],
            mends: openFindings(s, 'comesOffLoose').map((it) => it.id),
          },
          wait: wet ? wait(WAITS.afterWetScraping, 'dryOvernight') : null,
          cautions: wet ? WORDS.looseOff.wet.cautions : [],
          insteadOf: [{ label: STRIP_WAYS.get('gel').label, because: WORDS.looseOff.whyNotAll }],
        },
      ];
    },
  }),
];
