import type { CoatingRow } from './coating';

export { COATINGS, type Coating } from './all';

/** Film that one coat leaves, µm: wet film × volume solids. */
export const dryFilmUm = (it: Pick<CoatingRow, 'wetUm' | 'solids'>): number => it.wetUm * it.solids;

/** Stands on the face as a film; false for what soaks in or is wiped off. */
export const leavesFilm = (it: Pick<CoatingRow, 'wetUm'>): boolean => it.wetUm > 0;

export { PAINTS, TOPCOATS, type PaintClass, type TopcoatWish } from './offered';
export { type CoatingRole, type CoatingRow, type Mechanism } from './coating';
