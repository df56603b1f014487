import { coloursOf } from '../../inspect';
import { groupBy } from '../group';
import type { SurfaceContext } from './context';

/** Surfaces that one sample speaks for, and a name for it that no aim changes. */
export interface Alike {
  readonly name: string;
  readonly surfaces: readonly SurfaceContext[];
}

const asName = (words: readonly string[]): string =>
  words
    .map((it) =>
      it
        .trim()
        .toLowerCase()
        .replace(/[^a-z0-9]+/g, '-'),
    )
    .join('-')
    .slice(0, 60);

/** Painted alike: by the colours of the layers that were recorded, else by the finish believed in. */
const paintOf = ({ piece, surface, finish }: SurfaceContext): string => {
  const colours = coloursOf(piece, surface.id);
  return colours.length > 0 ? asName(colours) : finish.id;
};

const woodOf = ({ wood, substrate }: SurfaceContext): string => `${wood.id}-${substrate.family}`;

const grouped = (
  surfaces: readonly SurfaceContext[],
  name: (s: SurfaceContext) => string,
): readonly Alike[] =>
  [...groupBy(surfaces, name)].map(([key, list]) => ({ name: key, surfaces: list }));

/** One lead sample speaks for all that is painted alike. */
export const paintedAlike = (surfaces: readonly SurfaceContext[]): readonly Alike[] =>
  grouped(surfaces, paintOf);

/** One bleed patch speaks for all of one wood. */
export const ofOneWood = (surfaces: readonly SurfaceContext[]): readonly Alike[] =>
  grouped(surfaces, woodOf);
