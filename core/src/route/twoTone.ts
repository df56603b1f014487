import { COATINGS } from '../catalog';
import { sideOf, type SurfaceContext } from './context';
import { coatsOf } from './finishing';
import { effort, type Work } from './rule';

/** Does the shop coat this side of a two-tone piece before the other? */
export const coatedFirst = (s: SurfaceContext): boolean =>
  sideOf(s) === (s.shop.schools.faces === 'bodyFirst' ? 'body' : 'face');

/** Minutes until tape may sit on the last coat of a surface. */
export const tapeMinutesOf = (s: SurfaceContext): number => {
  const last = coatsOf(s).at(-1);
  return last ? COATINGS.get(last).tapeMinutes : 0;
};

/** Masking a side of a two-tone piece while the other is coated. */
export const maskBorder = (
  s: SurfaceContext,
): Pick<Work, 'method' | 'minutes' | 'setUp' | 'materials'> => ({
  method: 'mask-border',
  ...effort('maskBorder', s),
  materials: ['Low-tack masking tape', 'Masking film'],
});
