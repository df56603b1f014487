import { COATINGS } from '../../catalog';
import { bordersIn, isCoated, isFaceOnTop, type BorderGroup } from '../../piece';
import { groupBy } from '../group';
import { type SurfaceContext, areaOfFace } from './context';
import { coatsOf } from '../finish/finishing';

/** Surfaces that meet others and get the same coats; without any coats in the last place. */
export interface Side {
  /** What it lies together with: the body, or a drawer. */
  readonly group: BorderGroup;
  /** When it is coated among the sides of its group: 0 first. */
  readonly order: number;
  /** It gets coats; else it is only masked for those of the others. */
  readonly coated: boolean;
  readonly surfaces: readonly SurfaceContext[];
}

/** What of a scheme makes a border against a neighbour that is coated otherwise. */
const lookOf = ({ worked, aim: { scheme } }: SurfaceContext): string =>
  worked && isCoated(scheme)
    ? JSON.stringify([
        scheme.kind,
        'shade' in scheme && scheme.shade,
        'colour' in scheme && scheme.colour,
        'paint' in scheme && scheme.paint,
        'effect' in scheme && scheme.effect !== 'plain' && scheme.effect,
        'stain' in scheme && scheme.stain,
        scheme.sheen,
        scheme.topcoat,
      ])
    : '';

/** Area of some surfaces together, m². */
export const borderAreaOf = (surfaces: readonly SurfaceContext[]): number =>
  surfaces.reduce((sum, s) => sum + areaOfFace(s), 0);

/** The sides of one group in the order in which they are coated; none where one coat goes on all. */
const sidesOfGroup = (
  group: BorderGroup,
  surfaces: readonly SurfaceContext[],
  topFirst: boolean,
): readonly Side[] => {
  const byLook = [...groupBy(surfaces, lookOf)].map(([look, list]) => ({
    look,
    list,
    isTop: list.some((s) => isFaceOnTop(s.surface)),
  }));
  if (byLook.length < 2 || byLook.every(({ look }) => look === '')) return [];
  const rank = ({ look, isTop }: (typeof byLook)[number]): number =>
    look === '' ? 2 : isTop === topFirst ? 0 : 1;
  return [...byLook]
    .sort((a, b) => rank(a) - rank(b) || borderAreaOf(b.list) - borderAreaOf(a.list))
    .map(({ look, list }, order) => ({ group, order, coated: look !== '', surfaces: list }));
};

/**
 * Sides between which a border runs: surfaces of one group that get different coats, or coats and
 * none. What comes out or off is a group of its own; out of sight there is no border.
 */
export const sidesOf = (
  surfaces: readonly SurfaceContext[],
  isRefused: (s: SurfaceContext) => boolean,
  topFirst: boolean,
): readonly Side[] => {
  const meeting = surfaces.filter((s) => bordersIn(s.surface) !== null && !isRefused(s));
  const groups = groupBy(meeting, (s) => bordersIn(s.surface) ?? 'body');
  return [...groups].flatMap(([group, list]) => sidesOfGroup(group, list, topFirst));
};

/** Minutes until tape may sit on the last coat of a surface. */
export const tapeMinutesOf = (s: SurfaceContext): number => {
  const last = coatsOf(s).at(-1);
  return last ? COATINGS.get(last).tapeMinutes : 0;
};
