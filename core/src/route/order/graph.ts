import { z } from 'zod';
import { AT_ONCE, lag, type DeepReadonly, type Lag } from '../../effect';

/**
 * Every precedence between the tasks of a route, told by numbers so that it stays small: nodes are
 * the keys of the tasks and, after them, milestones of the room; an edge is
 * [before, after, rule, lag], each by its place in the lists.
 *
 * A milestone stands for a relation of all with all, such as "all dust is made before any wet
 * coat": so many edges to it and from it say the same as so many times so many between. What
 * comes before it comes before all that comes after it.
 */
export const graph = z.object({
  nodes: z.array(z.string()),
  /** Nodes from here on are milestones. */
  firstMilestone: z.int(),
  rules: z.array(z.object({ id: z.string(), because: z.string() })),
  lags: z.array(lag),
  edges: z.array(z.tuple([z.int(), z.int(), z.int(), z.int()])),
  /** Ids of work on record that something still comes after. */
  done: z.array(z.string()),
  /** What comes after it: [work on record, task, rule, lag], each by its place in the lists. */
  afterDone: z.array(z.tuple([z.int(), z.int(), z.int(), z.int()])),
});
export type Graph = DeepReadonly<z.infer<typeof graph>>;

/** One "before" between two tasks, with its reason and the time between. */
export interface Precedence {
  readonly before: string;
  readonly after: string;
  readonly rule: string;
  readonly because: string;
  readonly lag: Lag;
}

/** Collects precedences; rules and lags are listed once. */
export interface GraphMaker {
  /** A milestone of the room; the number of its node. */
  milestone(name: string): number;
  /** One node before another. */
  add(before: number, after: number, why: RuleOfOrder, between?: Lag): void;
  /** Work on record, by its id, before a task. */
  addDone(doneId: string, after: number, why: RuleOfOrder, between: Lag): void;
  done(): Graph;
}

/** Numbers things as they come up, each once. */
const numbering = <T>() => {
  const known = new Map<T, number>();
  return {
    of: (it: T): number => {
      const old = known.get(it);
      if (old !== undefined) return old;
      known.set(it, known.size);
      return known.size - 1;
    },
    all: (): T[] => [...known.keys()],
  };
};

export const graphMaker = (keys: readonly string[]): GraphMaker => {
  const rules = numbering<RuleOfOrder>();
  const lags = numbering<Lag>();
  const edges: [number, number, number, number][] = [];
  const done = numbering<string>();
  const afterDone: [number, number, number, number][] = [];
  const milestones: string[] = [];
  return {
    milestone: (name) => keys.length + milestones.push(name) - 1,
    add: (before, after, why, between = AT_ONCE) => {
      edges.push([before, after, rules.of(why), lags.of(between)]);
    },
    addDone: (doneId, after, why, between) => {
      afterDone.push([done.of(doneId), after, rules.of(why), lags.of(between)]);
    },
    done: () => ({
      nodes: [...keys, ...milestones],
      firstMilestone: keys.length,
      rules: rules.all().map(({ id, because }) => ({ id, because })),
      lags: lags.all(),
      edges,
      done: done.all(),
      afterDone,
    }),
  };
};

/** A named reason why one task comes before another. */
export interface RuleOfOrder {
  readonly id: string;
  readonly because: string;
}

/** The longer of two waits. */
const together = (a: Lag, b: Lag): Lag => (b.min > a.min ? b : a);

/** Every precedence between tasks, milestones told as what they stand for. */
export const precedencesOf = (of: Graph): readonly Precedence[] => {
  const { nodes, rules, lags, edges, firstMilestone } = of;
  const into = new Map<number, [number, number][]>();
  for (const [before, after, , between] of edges) {
    if (after < firstMilestone) continue;
    const sources = into.get(after);
    if (sources) sources.push([before, between]);
    else into.set(after, [[before, between]]);
  }
  return edges.flatMap(([before, after, rule, between]): Precedence[] => {
    if (after >= firstMilestone) return [];
    const sources: readonly [number, number][] =
      before < firstMilestone ? [[before, between]] : (into.get(before) ?? []);
    return sources.map(([source, first]) => ({
      before: nodes[source] ?? '',
      after: nodes[after] ?? '',
      rule: rules[rule]?.id ?? '',
      because: rules[rule]?.because ?? '',
      lag: together(lags[first] ?? AT_ONCE, lags[between] ?? AT_ONCE),
    }));
  });
};
