import { COATINGS } from '../catalog';
import { roleOf } from '../piece';
import { carriesDoors, carriesDrawers, sideOf, type SurfaceContext } from './context';
import { coatsOf } from './finishing';
import { effort, type Work } from './rule';

/** Faces that meet no other in view. */
const HIDDEN = new Set(['inside', 'underside', 'back']);

/** Does the shop coat this side of a two-tone piece before the other? */
export const coatedFirst = (s: SurfaceContext): boolean =>
  sideOf(s) === (s.shop.schools.faces === 'bodyFirst' ? 'body' : 'face');

/** Does a surface lie at the border of the two sides? What comes out or off is coated by itself. */
export const atBorder = (s: SurfaceContext): boolean =>
  sideOf(s) !== undefined &&
  !carriesDrawers(s) &&
  !carriesDoors(s) &&
  !HIDDEN.has(roleOf(s.surface));

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
