import {
  METHODS,
  paperOf,
  sheetsPerM2,
  type Clogs,
  type Method,
  type Rate,
  type Until,
} from '../../catalog';
import { type Consumed, type DryingMechanism, type Lag } from '../../effect';
import { effort, take, takesBy, type Effort } from '../../work';
import { type SurfaceContext, areaOfFace } from '../context/context';

/** A wait of so many minutes until something is so. */
export const wait = (
  min: number,
  until: Until,
  mechanism: DryingMechanism | null = 'water',
): Lag => ({ min, max: null, mechanism, filmUm: 0, until });

/** A method with its effort and materials on the whole area of a surface. */
export const onFace = (method: Method, s: SurfaceContext, times = 1) =>
  ofUnits(method, areaOfFace(s), times);

/**
 * A method with its effort and materials for so many units of work.
 * @throws Error where the method has no rate of its own: its rule tells the effort
 */
export const ofUnits = (method: Method, quantity: number, times = 1) => {
  const { rate } = METHODS.get(method);
  if (rate === null) {
    throw new Error(`"${method}" has no rate in catalog/methods. Give it one, or tell its effort.`);
  }
  return { method, ...by(rate, quantity, times) };
};

/** Effort and materials of so many units at a rate. */
export const by = (
  rate: Rate,
  quantity: number,
  times = 1,
): { readonly effort: Effort; readonly consumes: readonly Consumed[] } => ({
  effort: effort(rate, quantity, times),
  consumes: takesBy(rate, quantity, times),
});

/** The same on the whole area of a surface. */
export const onArea = (rate: Rate, s: SurfaceContext, times = 1) => by(rate, areaOfFace(s), times);

type Grit = Parameters<typeof paperOf>[0];

/** Paper for an area in m², sheets of each grit by how long they last. @param clogs what fills them */
export const papersFor = (
  grits: readonly number[],
  m2: number,
  clogs: Clogs | null = null,
): readonly Consumed[] =>
  grits.map((it) => take(paperOf(it as Grit), sheetsPerM2(it, clogs) * m2, 'abrades'));

/** What clogs paper on bare wood: the resin of pine and its like. */
export const clogsBare = (s: SurfaceContext): Clogs | null =>
  s.wood.id === 'knotty' ? 'resinous' : null;
