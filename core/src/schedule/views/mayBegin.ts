import type { Case } from '../../case';
import type { Minute } from '../../climate';
import type { Piece } from '../../piece';
import { PRESSES, type Operation, type Route } from '../../route';
import type { GateKind } from '../../work';
import type { DryingNow } from './drying';

/** A step of the route that is still open. */
export interface OpenStep {
  readonly operationId: string;
  /** Its number on the route, from 1 on. */
  readonly number: number;
  readonly title: string;
}

/** An operation of the route as the step that people know by its number. */
export const openStep = (
  { id, title }: Pick<Operation, 'id' | 'title'>,
  numbers: Case['steps']['numbers'],
): OpenStep => ({ operationId: id, number: numbers.get(id) ?? 0, title });

/** What stands against a step now: nothing in any of these, and it may be begun. */
export interface AgainstIt {
  /**
   * Harms that hold it: lead that nobody has tested, insects, mould. It can't be done before they are dealt with,
   * only reported as having happened.
   */
  readonly harms: readonly OpenStep[];
  /** Lead is an open question there, whether or not a sample is still to be taken. */
  readonly lead: boolean;
  /** Other questions that are open there. */
  readonly questions: readonly GateKind[];
  /** Other steps that come before it. */
  readonly first: readonly OpenStep[];
  /** What still dries below it; below parts that press on it, with the time when it bears them. */
  readonly wet: readonly DryingNow[];
}

/** Steps whose tasks come before those of a step, straight or through others. */
const stepsBefore = ({ graph, operations }: Route, it: Operation): readonly Operation[] => {
  const into = new Map<number, number[]>();
  for (const [before, after] of graph.edges) {
    const list = into.get(after);
    if (list) list.push(before);
    else into.set(after, [before]);
  }
  const nodeOf = new Map(graph.nodes.map((key, node) => [key, node]));
  const seen = new Set<number>();
  const open = it.taskKeys.flatMap((key) => nodeOf.get(key) ?? []);
  for (let node = open.pop(); node !== undefined; node = open.pop()) {
    for (const before of into.get(node) ?? []) {
      if (seen.has(before)) continue;
      seen.add(before);
      open.push(before);
    }
  }
  return operations.filter(
    (one) => one !== it && one.taskKeys.some((key) => seen.has(nodeOf.get(key) ?? -1)),
  );
};

/** Is it still to be waited for at a time? What waits for an answer, or never dries, is. */
export const isStillWet = ({ opens }: DryingNow, now: Minute): boolean =>
  opens === null || opens.expected > now;

/** The work on record that comes before a step, by its id, and whether the step presses on it. */
const doneBefore = (
  { graph }: Pick<Route, 'graph'>,
  it: Operation,
): ReadonlyMap<string, boolean> => {
  const before = new Map<string, boolean>();
  for (const [done, task, rule] of graph.afterDone) {
    const id = graph.done[done] ?? '';
    if (!it.taskKeys.includes(graph.nodes[task] ?? '')) continue;
    before.set(id, before.get(id) === true || graph.rules[rule]?.id === PRESSES);
  }
  return before;
};

/**
 * What stands against a step of a route now. What is under way holds up nothing but what comes after it.
 * @param setting what dries or hardens on the piece now
 */
export const againstIt = (
  { route, steps: { numbers } }: Pick<Case, 'route' | 'steps'>,
  it: Operation,
  setting: readonly DryingNow[],
  now: Minute,
): AgainstIt => {
  const open = stepsBefore(route, it).map((one) => ({
    step: openStep(one, numbers),
    isHarm: one.phase === 'secure',
  }));
  const done = doneBefore(route, it);
  const wet = setting.flatMap((one) => {
    const presses = one.doneIds.flatMap((id) => done.get(id) ?? []);
    if (presses.length === 0) return [];
    const waited = presses.includes(true) ? { ...one, opens: one.bears } : one;
    return isStillWet(waited, now) ? [waited] : [];
  });
  return {
    harms: open.filter((one) => one.isHarm).map((one) => one.step),
    lead: it.holds.includes('lead'),
    questions: it.holds.filter((kind) => kind !== 'lead'),
    first: open.filter((one) => !one.isHarm).map((one) => one.step),
    wet,
  };
};

/** A harm holds it: it can only be reported as having happened. */
export const isHeldByHarm = (it: AgainstIt): boolean => it.lead || it.harms.length > 0;

/** Nothing stands against it. */
export const mayBegin = (it: AgainstIt): boolean =>
  !isHeldByHarm(it) && it.questions.length === 0 && it.first.length === 0 && it.wet.length === 0;

/** The step to offer next on a piece: the first of its route that nothing stands against; undefined where everything waits. */
export const nextStep = (
  of: Pick<Case, 'route' | 'steps'>,
  setting: readonly DryingNow[],
  now: Minute,
): Operation | undefined =>
  of.route.operations.find((it) => mayBegin(againstIt(of, it, setting, now)));

/** Ids of the work on record that can’t be judged yet: it is still wet, or in its clamps. */
export const stillWetIn = (
  drying: readonly DryingNow[],
  now: Minute,
): ReadonlySet<Piece['done'][number]['id']> =>
  new Set(drying.filter((it) => isStillWet(it, now)).flatMap((it) => it.doneIds));
