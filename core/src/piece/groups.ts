import type { Surface } from './build';
import { isFaceOnTop, visibilityOf, type Role } from './roles';

/** Roles that are named as a group where there are several of them. */
const NAMED = [
  'fronts',
  'doors',
  'side',
  'frame',
  'legs',
  'shelves',
  'inside',
] as const satisfies readonly Role[];

/** Surfaces that people name together: "all doors", "everything but the top". */
export interface SurfaceGroup {
  readonly id: 'all' | 'shown' | 'butTop' | (typeof NAMED)[number];
  readonly surfaceIds: readonly string[];
}

const ids = (list: readonly Surface[]): readonly string[] => list.map((it) => it.id);

/**
 * Surfaces that are made like this one: the same part on the other side, or in another body.
 * @param surfaces of the piece
 */
export const twinsOf = (surfaces: readonly Surface[], surfaceId: string): readonly Surface[] => {
  const own = surfaces.find((it) => it.id === surfaceId);
  return own
    ? surfaces.filter(
        (it) =>
          it !== own && it.role === own.role && it.part === own.part && it.profile === own.profile,
      )
    : [];
};

/**
 * Groups of surfaces to choose in one tap, largest first; each once, and none of a single surface.
 * @param surfaces of which to choose, in their order
 */
export const surfaceGroups = (surfaces: readonly Surface[]): readonly SurfaceGroup[] => {
  const all: readonly SurfaceGroup[] = [
    { id: 'all', surfaceIds: ids(surfaces) },
    { id: 'shown', surfaceIds: ids(surfaces.filter((it) => visibilityOf(it) !== 'low')) },
    { id: 'butTop', surfaceIds: ids(surfaces.filter((it) => !isFaceOnTop(it))) },
    ...NAMED.map((role) => ({
      id: role,
      surfaceIds: ids(surfaces.filter((it) => it.role === role)),
    })),
  ];
  const seen = new Set<string>();
  return all.filter(({ surfaceIds }) => {
    const key = surfaceIds.join();
    if (surfaceIds.length < 2 || seen.has(key)) return false;
    seen.add(key);
    return true;
  });
};
