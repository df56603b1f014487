import { BEARS_PARTS, COATINGS, DRYING, type Drying } from '../catalog';
import { curePaceOf, progressIn, type AirCourse, type Minute } from '../climate';
import type { Effect, Lag } from '../effect';

/** What a lag dries as; null where only the clock runs. */
export const dryingIn = ({ mechanism, filmUm }: Pick<Lag, 'mechanism' | 'filmUm'>): Drying | null =>
  // Water with no film is in the wood.
  mechanism === 'water' && filmUm === 0 ? 'wetWood' : mechanism;

/** Label minutes until something may press on it: longer than until it takes another coat. */
export const bearsAfter = ({ traits, wait }: Pick<Effect, 'traits' | 'wait'>): number =>
  traits.lays && wait
    ? Math.max(wait.min, BEARS_PARTS[COATINGS.get(traits.lays.coating).mechanism])
    : (wait?.min ?? 0);

/**
 * Label minutes until a window counts as closed: when one coat in ten has closed, so that what is
 * planned in it is safe; null where nothing presses.
 */
export const safeWindow = (it: Pick<Lag, 'max' | 'mechanism' | 'filmUm'>): number | null => {
  if (it.max === null) return null;
  const drying = dryingIn(it);
  return it.max * (drying === null ? 1 : DRYING.get(drying).early);
};

/** When the window after a lag counts as closed, by the air; null where nothing presses, or it never closes. */
export const windowCloses = (it: Lag, from: Minute, air: AirCourse): Minute | null => {
  const window = safeWindow(it);
  return window === null ? null : progressIn(air, curePaceOf).when(from, window);
};
