import { COATINGS } from '../catalog';
import { bordersInView } from '../piece';
import { sideOf, type SurfaceContext } from './context';
import { coatsOf } from './finishing';

/** Does the shop coat this side of a two-tone piece before the other? */
export const coatedFirst = (s: SurfaceContext): boolean =>
  sideOf(s) === (s.shop.schools.faces === 'bodyFirst' ? 'body' : 'face');

/** Does a surface lie at the border of the two sides? What comes out or off is coated by itself. */
export const atBorder = (s: SurfaceContext): boolean =>
  sideOf(s) !== undefined && bordersInView(s.surface);

/** Minutes until tape may sit on the last coat of a surface. */
export const tapeMinutesOf = (s: SurfaceContext): number => {
  const last = coatsOf(s).at(-1);
  return last ? COATINGS.get(last).tapeMinutes : 0;
};
