import { SIGHT, inspectionTest } from '../../catalog';
import { surfacesOf, twinsOf, type Piece, type Shop } from '../../piece';
import { adviseSurface, type Advice } from './advice';

const FREE_MINUTES = 1;

/** A look that takes nothing but a minute, and leaves no mark. */
const isFree = ({ test }: Advice): boolean =>
  test.cost === 0 && test.harmMinutes === 0 && test.minutes <= FREE_MINUTES;

/** What is asked first: is it painted; then lead; then what is free; then what costs. */
const turnOf = (it: Advice): number => {
  if (it.test.id === SIGHT.testId) return 0;
  if (it.saves === Infinity) return 1;
  return isFree(it) ? 2 : 3;
};

/**
 * What to look at next on a surface, as a person would ask: nobody opens a solvent before saying
 * whether it is painted, and what a twin of the surface has answered is not asked again. Within a
 * turn the order is that of the value of information.
 */
export const nextLooks = (piece: Piece, shop: Shop, surfaceId: string): readonly Advice[] => {
  const twins = new Set(twinsOf(surfacesOf(piece), surfaceId).map((it) => it.id));
  const answered = new Set(
    piece.observations
      .filter((it) => twins.has(it.surfaceId) && inspectionTest(it.testId)?.kind === 'choice')
      .map((it) => it.testId),
  );
  return adviseSurface(piece, shop, surfaceId)
    .filter((it) => !answered.has(it.test.id))
    .map((it, place) => ({ it, place }))
    .sort((a, b) => turnOf(a.it) - turnOf(b.it) || a.place - b.place)
    .map(({ it }) => it);
};
