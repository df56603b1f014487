import type { Piece } from '../piece';
import type { Operation, Route } from '../route';
import { needsOf, type Taken } from './needs';

/**
 * What a step takes by the plan, as it is put on record when it is done: what lies on the face, what stays in tray or
 * gun, what is worn out. Of a part of the step, its share.
 * @param taskKeys of the step that are done
 */
export const tookAt = (
  piece: Pick<Piece, 'id' | 'build' | 'ownNeeds'>,
  route: Route,
  operation: Operation,
  taskKeys: readonly string[],
): readonly Taken[] => {
  const share = taskKeys.length / operation.taskKeys.length;
  const own = { ...operation, taskKeys: [...taskKeys], minutes: operation.minutes * share };
  const tasks = route.tasks.filter((it) => taskKeys.includes(it.key));
  return needsOf([{ piece, route: { ...route, tasks, operations: [own] } }]).map(
    ({ material, colour, quantity }) => ({ material, colour, quantity }),
  );
};
