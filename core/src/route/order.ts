import type { Schools } from '../catalog';
import { placeName, type InHand, type Task } from '../work';
import type { Graph } from './graph';
import { compareInPhase } from './precedence';

/** What choosing the next task depends on beside the graph. */
export interface Preference {
  readonly schools: Schools;
  /** Surfaces that are a face on top. */
  readonly onTop: ReadonlySet<string>;
  /** What the last task left in hand. */
  readonly inHand: InHand | null;
}

/** Where a coat goes on body and top, which of them comes first, by the shop's school. */
const faceRank = (it: Task, { schools, onTop }: Preference): number => {
  if (it.traits.lays === null) return 0;
  const isTop = onTop.has(it.surfaceIds[0] ?? '');
  return isTop === (schools.faces === 'topFirst') ? 0 : 1;
};

const shares = (it: Task, inHand: InHand): boolean =>
  it.consumes.some((one) => inHand.materials.includes(one.material));

/** For which of two tasks that are both free would one reach first? Negative: the first. */
const nextByHand = (a: Task, b: Task, inHand: InHand | null, preference: Preference): number => {
  const same = (holds: (it: Task) => boolean): number => Number(holds(b)) - Number(holds(a));
  return (
    (inHand ? same((it) => it.go === inHand.go) : 0) ||
    compareInPhase(a, b) ||
    faceRank(a, preference) - faceRank(b, preference) ||
    (inHand
      ? same((it) => shares(it, inHand)) || same((it) => placeName(it.place) === inHand.place)
      : 0)
  );
};

/**
 * Puts tasks into an order that keeps every precedence (Kahn's topological sort). Among those that
 * are free it goes on with what is in hand, then by phase and rank, by the school for body and top,
 * by what lies on the bench, by where one stands; and last in the order in which the rules asked.
 * It looks only at what is left and what is in hand, so that the rest of an order is the order of
 * the rest.
 * @throws Error where the precedence rules contradict each other: a defect in the rules
 */
export const inOrder = (
  tasks: readonly Task[],
  graph: Graph,
  preference: Preference,
): readonly Task[] => {
  const { nodes, edges, firstMilestone } = graph;
  const after: number[][] = nodes.map(() => []);
  const waitsFor = nodes.map(() => 0);
  for (const [before, then] of edges) {
    after[before]?.push(then);
    waitsFor[then] = (waitsFor[then] ?? 0) + 1;
  }
  const free: number[] = [];
  const open = (node: number): void => {
    if (node < firstMilestone) free.push(node);
    else close(node);
  };
  const close = (node: number): void => {
    for (const then of after[node] ?? []) {
      const left = (waitsFor[then] ?? 0) - 1;
      waitsFor[then] = left;
      if (left === 0) open(then);
    }
  };
  waitsFor.flatMap((count, node) => (count === 0 ? [node] : [])).forEach(open);

  const done: Task[] = [];
  let { inHand } = preference;
  while (free.length > 0) {
    let best = 0;
    for (let at = 1; at < free.length; at++) {
      const [a, b] = [tasks[free[at] ?? 0], tasks[free[best] ?? 0]];
      if (!a || !b) continue;
      const by = nextByHand(a, b, inHand, preference);
      if (by < 0 || (by === 0 && (free[at] ?? 0) < (free[best] ?? 0))) best = at;
    }
    const [node = 0] = free.splice(best, 1);
    const next = tasks[node];
    if (!next) break;
    done.push(next);
    inHand = {
      go: next.go,
      place: placeName(next.place),
      materials: next.consumes.map((it) => it.material),
    };
    close(node);
  }
  if (done.length < tasks.length) {
    const left = tasks.filter((it) => !done.includes(it)).map((it) => it.key);
    throw new Error(
      `Precedence rules form a cycle among: ${left.join(', ')}. Look at the last rule added in core/src/route/precedence.ts.`,
    );
  }
  return done;
};
