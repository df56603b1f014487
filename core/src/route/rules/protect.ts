import {
  CLEAR_COATS,
  COATINGS,
  PAPER_CHOICES,
  SHEENS,
  TOUCHED_IN_SHOWS,
  USUAL_SHEEN,
  WAITS,
  type Told,
} from '../../catalog';
import { COAT_WORDS as WORDS, capital } from '../../words';
import type { Coat } from '../../effect';
import { repairOf } from '../finish/repairs';
import { surfaceRule, type Draft, type Rule } from './rule';
import { dullCoat, isFilm, layCoat, sandBetween, sandedBetween, sandsEveryCoat } from './coat';
import { ofUnits, onFace, wait } from './common';
import { dullHardened } from './hardened';
import {
  renewsClear,
  type SurfaceContext,
  bearsAlcohol,
  finishName,
  isDone,
  isTouchedIn,
  keepsFilm,
  isDry,
  wearOn,
} from '../context/context';
import {
  belowTopcoat,
  coatsInSeries,
  isToBeDulledUnder,
  pendingOf,
  topcoatOf,
} from '../finish/finishing';

const sheenOf = (s: SurfaceContext): string =>
  SHEENS.get(('sheen' in s.aim.scheme && s.aim.scheme.sheen) || USUAL_SHEEN).label;

/** What is told before a coat: the first of water on wood raises its grain, later ones may be rough. */
const firstWords = (s: SurfaceContext, coat: Coat): readonly Told[] => {
  if (!isFilm(coat)) return [];
  if (coat.nth > 1) return sandsEveryCoat(s) ? [] : [WORDS.topcoat.ifRough];
  const isOnWood = s.showsWood && !keepsFilm(s);
  return isOnWood && COATINGS.get(coat.coating).mechanism === 'water'
    ? [WORDS.topcoat.raisesGrain]
    : [];
};

const clearWith = (s: SurfaceContext, coat: Coat): Draft => {
  const sheen = isFilm(coat) ? sheenOf(s) : null;
  return layCoat(s, coat, {
    setUp: { sheen },
    rank: 1 + 2 * (coat.nth - 1),
    title: WORDS.topcoat.title(coat.coating, sheen, coat.nth),
    first: firstWords(s, coat),
  });
};

/** Mended places whose colour and film are made good; wax stick and glue need neither. */
const placesTouchedIn = (s: SurfaceContext): number =>
  s.findings.filter((it) => repairOf(s, it)?.proud === true).reduce((sum, it) => sum + it.count, 0);

/** What shields the colour. */
export const PROTECT_RULES: readonly Rule[] = [
  dullHardened('clear', 'protect', PAPER_CHOICES.betweenClear, (nth) => 2 + 2 * (nth - 1)),
  surfaceRule({
    id: 'dull-under-the-topcoat',
    phase: 'protect',
    applies: (s) => isToBeDulledUnder(s, 'clear'),
    because: (s) => {
      const [under, over] = [belowTopcoat(s), topcoatOf(s)];
      return under && over ? WORDS.dull.because(PAPER_CHOICES.underClear, under, over.coating) : '';
    },
    work: (s) => [
      dullCoat(s, {
        occurrence: '1',
        grit: PAPER_CHOICES.underClear,
        rank: 0,
        next: WORDS.dull.readyFor.clear,
        because: WORDS.dull.because(
          PAPER_CHOICES.underClear,
          belowTopcoat(s) ?? 'waterClear',
          topcoatOf(s)?.coating ?? null,
        ),
      }),
    ],
  }),
  surfaceRule({
    id: 'coats-by-wear',
    phase: 'protect',
    applies: (s) => pendingOf(s, 'clear').length > 0,
    because: (s) => {
      const wear = ('wear' in s.aim.scheme && s.aim.scheme.wear) || wearOn(s);
      const coats = topcoatOf(s)?.coats ?? 0;
      if (!coatsInSeries(s, 'clear').some(isFilm)) return WORDS.topcoat.becauseWiped;
      return renewsClear(s) && coats < CLEAR_COATS[wear]
        ? WORDS.topcoat.becauseRenewed(coats)
        : WORDS.topcoat.becauseWear(wear, coats);
    },
    work: (s) => pendingOf(s, 'clear').map((coat) => clearWith(s, coat)),
  }),
  surfaceRule({
    id: 'sand-between-clear-coats',
    phase: 'protect',
    applies: (s) => sandedBetween(s, 'clear').length > 0,
    because: () => '',
    work: (s) => sandBetween(s, 'clear', PAPER_CHOICES.betweenClear, 2),
  }),
  surfaceRule({
    id: 'decoration-comes-last',
    phase: 'protect',
    applies: (s) => pendingOf(s, 'decorate').length > 0,
    because: () => WORDS.decorate.because,
    work: (s) =>
      pendingOf(s, 'decorate').map((coat) =>
        layCoat(s, coat, {
          rank: 50,
          title: capital(COATINGS.get(coat.coating).label),
          rate: 'decorate',
        }),
      ),
  }),
  surfaceRule({
    id: 'touch-in-the-spots',
    phase: 'protect',
    applies: (s) => isTouchedIn(s) && placesTouchedIn(s) > 0 && !isDone(s, 'touchedIn'),
    because: (s) => WORDS.touchIn.because(finishName(s)),
    evidence: (s) => s.beliefs.finish.speaksFor,
    work: (s) => [
      {
        setUp: { paint: s.finish.paint },
        rank: 40,
        title: WORDS.touchIn.title,
        how: WORDS.touchIn.how(s.finish.paint, bearsAlcohol(s), !isDry(s)),
        ...ofUnits(isDry(s) ? 'touch-in' : 'touch-in-wet', placesTouchedIn(s)),
        traits: {
          makes: ['touchedIn'],
          grits: [PAPER_CHOICES.underClear],
        },
        wait: wait(WAITS.afterTouchingIn, 'dry'),
        risks: { repairShows: TOUCHED_IN_SHOWS.value },
      },
    ],
  }),
  surfaceRule({
    id: 'freshen-inside',
    phase: 'reassemble',
    applies: (s) => s.aim.scheme.kind === 'freshened' && !isDone(s, 'freshened'),
    because: () => WORDS.freshen.because,
    work: (s) => [
      {
        rank: -1,
        title: WORDS.freshen.title,
        how: WORDS.freshen.how(bearsAlcohol(s)),
        ...onFace(bearsAlcohol(s) ? 'freshen' : 'freshen-damp', s),
        traits: { makes: ['freshened'] },
        wait: wait(WAITS.afterFreshening, 'dry'),
      },
    ],
  }),
];
