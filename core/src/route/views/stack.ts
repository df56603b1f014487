import { advance, type PieceState, type SurfaceState, type Task } from '../../work';
import type { Route } from '../order/operation';

/** The layers of a surface, bottom up. */
export type Stack = Pick<SurfaceState, 'layers'>;

/** A surface's layers as found, and after each operation that changes them. */
export interface StackHistory {
  readonly surfaceId: string;
  readonly found: Stack;
  readonly steps: readonly {
    readonly operationId: string;
    readonly taskKeys: readonly string[];
    readonly stack: Stack;
  }[];
}

const changesFace = ({ traits }: Task): boolean => traits.face !== null || traits.lays !== null;

/**
 * How the layers of every surface grow and shrink along a route: its tasks done one after the
 * other on what was there.
 * @param from what the piece is like before the first of them
 */
export const stacksAlong = (
  from: PieceState,
  { tasks, operations }: Pick<Route, 'tasks' | 'operations'>,
): readonly StackHistory[] => {
  const byKey = new Map(tasks.map((it) => [it.key, it]));
  const steps = new Map<string, StackHistory['steps'][number][]>();
  let state = from;
  for (const { id, taskKeys } of operations) {
    const done = taskKeys.flatMap((key) => byKey.get(key) ?? []);
    state = done.reduce(advance, state);
    for (const surfaceId of new Set(done.filter(changesFace).flatMap((it) => it.surfaceIds))) {
      const stack = state.surfaces[surfaceId];
      if (!stack) continue;
      const list = steps.get(surfaceId) ?? [];
      steps.set(surfaceId, [...list, { operationId: id, taskKeys, stack }]);
    }
  }
  return Object.entries(from.surfaces).map(([surfaceId, found]) => ({
    surfaceId,
    found,
    steps: steps.get(surfaceId) ?? [],
  }));
};
