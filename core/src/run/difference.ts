import { z } from 'zod';
import type { Piece } from '../piece';
import type { Route } from '../route';
import { type DeepReadonly } from '../effect';
import { minutesOf, type Task } from '../work';

/** One line of a difference: like work, on some surfaces. */
export const changedWork = z.object({
  title: z.string(),
  surfaceIds: z.array(z.string()),
  /** Active minutes, setting up left out. */
  minutes: z.number(),
});
export type ChangedWork = DeepReadonly<z.infer<typeof changedWork>>;

/** How a route differs from the one before. */
export const differenceSchema = z.object({
  added: z.array(changedWork),
  /** Was done already, and comes again. */
  again: z.array(changedWork),
  dropped: z.array(changedWork),
  /** The same work, in another way. */
  changed: z.array(changedWork),
  /** Tasks that stay as they were. */
  kept: z.int(),
  /** Tasks on record as done: none is taken away. */
  done: z.int(),
});
export type RouteDifference = DeepReadonly<z.infer<typeof differenceSchema>>;

/** Like work in one line, in the order of the route. */
const grouped = (tasks: readonly Task[]): readonly ChangedWork[] => {
  const lines = new Map<string, ChangedWork>();
  for (const it of tasks) {
    const before = lines.get(it.title);
    lines.set(it.title, {
      title: it.title,
      surfaceIds: [...new Set([...(before?.surfaceIds ?? []), ...it.surfaceIds])],
      minutes: (before?.minutes ?? 0) + minutesOf(it.effort),
    });
  }
  return [...lines.values()];
};

const isSame = (a: Task, b: Task): boolean =>
  a.title === b.title &&
  a.method === b.method &&
  Math.abs(minutesOf(a.effort) - minutesOf(b.effort)) < 0.5 &&
  JSON.stringify(a.how) === JSON.stringify(b.how);

/** Does a route stay as it was? */
export const isSameRoute = (it: RouteDifference): boolean =>
  [it.added, it.again, it.dropped, it.changed].every((list) => list.length === 0);

/** What is to be done by another route that was not before, and the other way round; by the keys of its tasks. */
export const routeDifference = (
  before: Pick<Route, 'tasks'>,
  after: Pick<Route, 'tasks'>,
  done: Piece['done'],
): RouteDifference => {
  const old = new Map(before.tasks.map((it) => [it.key, it]));
  const now = new Set(after.tasks.map((it) => it.key));
  const ended = done.filter((it) => it.endedAt !== null);
  const wasDone = new Map(ended.map((it) => [it.taskKey, it.title]));
  /** By name too: a coat of another material in its place is new work. */
  const comesAgain = (it: Task): boolean => wasDone.get(it.key) === it.title;
  const fresh = after.tasks.filter((it) => !old.has(it.key));
  const both = after.tasks.flatMap((it) => {
    const then = old.get(it.key);
    return then ? [{ then, it }] : [];
  });
  const changed = both.filter(({ then, it }) => !isSame(then, it)).map(({ it }) => it);
  return {
    added: grouped(fresh.filter((it) => !comesAgain(it))),
    again: grouped(fresh.filter(comesAgain)),
    dropped: grouped(before.tasks.filter((it) => !now.has(it.key))),
    changed: grouped(changed),
    kept: both.length - changed.length,
    done: ended.length,
  };
};
