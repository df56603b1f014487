import type { Schools } from '../../catalog';
import { placeName, placeOf, type InHand, type Task } from '../../work';
import type { Graph } from './graph';

/** What choosing the next task depends on beside the graph. */
export interface Preference {
  readonly schools: Schools;
  /** Surfaces that are a face on top. */
  readonly onTop: ReadonlySet<string>;
  /** What the last task left in hand. */
  readonly inHand: InHand | null;
}

/** A task with what choosing asks of it again and again. */
interface Candidate {
  readonly node: number;
  readonly task: Task;
  /** Phase first, then rank. */
  readonly place: number;
  readonly where: string;
  /** Where a coat goes on body and top, which of them comes first, by the shop's school. */
  readonly faceRank: number;
}

const RANKS = 1000;

const candidateOf = (task: Task, node: number, { schools, onTop }: Preference): Candidate => ({
  node,
  task,
  place: placeOf(task.phase) * RANKS + task.rank,
  where: placeName(task.place),
  faceRank:
    task.traits.lays !== null &&
    onTop.has(task.surfaceIds[0] ?? '') !== (schools.faces === 'topFirst')
      ? 1
      : 0,
});

const shares = (it: Task, inHand: InHand): boolean =>
  it.consumes.some((one) => inHand.materials.includes(one.material));

/** True before false. */
const firstThat = (a: boolean, b: boolean): number => Number(b) - Number(a);

/** Of two tasks that are both free, for which would one reach first? Negative: the first. */
const nextByHand = (a: Candidate, b: Candidate, inHand: InHand | null): number =>
  (inHand
    ? firstThat(a.task.batchKey === inHand.batchKey, b.task.batchKey === inHand.batchKey)
    : 0) ||
  a.place - b.place ||
  a.faceRank - b.faceRank ||
  (inHand
    ? firstThat(shares(a.task, inHand), shares(b.task, inHand)) ||
      firstThat(a.where === inHand.place, b.where === inHand.place)
    : 0) ||
  a.node - b.node;

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
  const candidates = tasks.map((it, node) => candidateOf(it, node, preference));
  const free: Candidate[] = [];
  const open = (node: number): void => {
    const candidate = candidates[node];
    if (candidate && node < firstMilestone) free.push(candidate);
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
      const [one, other] = [free[at], free[best]];
      if (one && other && nextByHand(one, other, inHand) < 0) best = at;
    }
    const [chosen] = free.splice(best, 1);
    if (!chosen) break;
    const { task: next, node, where } = chosen;
    done.push(next);
    inHand = {
      batchKey: next.batchKey,
      place: where,
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
