import { SHEETS_PER_M2, paperOf, type Rate, type Until } from '../../catalog';
import {
  effort,
  take,
  takesBy,
  type Consumed,
  type DryingMechanism,
  type Effort,
  type Lag,
} from '../../work';
import { type SurfaceContext, areaOfFace } from '../context';

/** A wait of so many minutes until something is so. */
export const wait = (
  min: number,
  until: Until,
  mechanism: DryingMechanism | null = 'water',
): Lag => ({ min, max: null, mechanism, filmUm: 0, until });

/** Effort and materials of plain work on the whole area of a surface. */
export const onArea = (
  rate: Rate,
  s: SurfaceContext,
  times = 1,
): { readonly effort: Effort; readonly consumes: readonly Consumed[] } =>
  by(rate, areaOfFace(s), times);

/** Effort and materials of so many units of work. */
export const by = (
  rate: Rate,
  quantity: number,
  times = 1,
): { readonly effort: Effort; readonly consumes: readonly Consumed[] } => ({
  effort: effort(rate, quantity, times),
  consumes: takesBy(rate, quantity, times),
});

type Grit = Parameters<typeof paperOf>[0];

/** Paper for an area in m², a sheet of each grit in proportion. */
export const papersFor = (grits: readonly number[], m2: number): readonly Consumed[] =>
  grits.map((it) => take(paperOf(it as Grit), SHEETS_PER_M2 * m2, 'abrades'));
