import { COAT_WORDS } from '../../words';
import { type Series } from '../../effect';
import { coatsOn, type Phase } from '../../work';
import type { SurfaceContext } from '../context/context';
import { coatOver, finishPlanOf, isToBeDulledUnder, laidOf } from '../finish/finishing';
import { surfaceRule, type Rule } from './rule';
import { dullCoat, isFilm, sandedBetween } from './coat';

/** The coat on top that has to be dulled since its window is closed, and nothing else asks for it. A primer is dulled anyway. */
const hardenedCoat = (s: SurfaceContext) => {
  const top = coatsOn(s.now).at(-1);
  const laid = laidOf(s);
  const next = finishPlanOf(s)[laid];
  if (!s.now.recoatWindowClosed || !top || laid === 0 || !next || !isFilm(top)) return undefined;
  const isAskedFor =
    sandedBetween(s, top.series).includes(top) ||
    (next.series === 'effect' && isToBeDulledUnder(s, 'effect')) ||
    (next.series === 'clear' && isToBeDulledUnder(s, 'clear'));
  return isAskedFor ? undefined : top;
};

/**
 * Dulls what has become too hard for the next coat to bite.
 * @param series of the coat on top
 * @param rankOf by number of the coat: right after it
 */
export const dullHardened = (
  series: Exclude<Series, 'prime'>,
  phase: Phase,
  grit: number,
  rankOf: (nth: number) => number,
): Rule =>
  surfaceRule({
    id: `dull-hardened-${series}`,
    phase,
    applies: (s) => hardenedCoat(s)?.series === series,
    because: () => '',
    work: (s) => {
      const coat = hardenedCoat(s);
      if (!coat) return [];
      const over = coatOver(s, coat);
      return [
        dullCoat(s, {
          occurrence: `${coat.nth}`,
          grit,
          rank: rankOf(coat.nth),
          next:
            over?.series === 'clear'
              ? COAT_WORDS.dull.readyFor.clear
              : COAT_WORDS.dull.readyFor.coat,
          because: COAT_WORDS.dull.becauseHardened(grit, coat.coating),
        }),
      ];
    },
  });
