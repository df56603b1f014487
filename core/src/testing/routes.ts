import type { Scheme } from '../piece';
import type { Operation, Route } from '../route';
import type { Told } from './pieces';

/** Methods of a route, step by step. */
export const methodsIn = ({ operations }: Pick<Route, 'operations'>): readonly string[] =>
  operations.map((it) => it.method);

/** The first step that is done by a method, on a surface where one is named. @throws where there is none */
export const stepIn = (route: Route, method: string, surfaceId?: string): Operation => {
  const found = route.operations.find(
    (it) => it.method === method && (!surfaceId || it.surfaceIds.includes(surfaceId)),
  );
  if (!found) throw new Error(`No ${method} in ${methodsIn(route).join(', ')}`);
  return found;
};

/** All steps by one method come before the first by another. */
export const comesBefore = (route: Route, first: string, then: string): boolean => {
  const list = methodsIn(route);
  return list.includes(first) && list.lastIndexOf(first) < list.indexOf(then);
};

/** A table of whose top something is known and wanted. */
export const tableTop = (known: Record<string, string>, scheme: Scheme, rest: Told = {}): Told => ({
  template: 'table',
  known: { top: known },
  aims: { top: scheme },
  ...rest,
});
