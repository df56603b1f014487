import type { Schools } from '../catalog';
import type { Draft } from './merge';
import { PHASES, type Operation } from './operation';
import { precedences, type Precedence } from './precedence';

const preferred = (a: Draft, b: Draft): number =>
  PHASES.indexOf(a.operation.phase) - PHASES.indexOf(b.operation.phase) ||
  a.rank - b.rank ||
  (a.operation.id < b.operation.id ? -1 : 1);

/** For each rule the nearest operation that this one comes after. */
const nearest = (id: string, order: ReadonlyMap<string, number>, all: readonly Precedence[]) => {
  const byRule = new Map<string, Precedence>();
  for (const it of all) {
    if (it.after !== id) continue;
    const old = byRule.get(it.rule);
    if (!old || (order.get(it.before) ?? 0) > (order.get(old.before) ?? 0)) byRule.set(it.rule, it);
  }
  return [...byRule.values()].map(({ before, rule, because }) => ({
    operationId: before,
    rule,
    because,
  }));
};

/**
 * Puts operations into an order that keeps every precedence (Kahn's topological sort; among
 * free operations the order of phases, then rank, then id, so that like input gives like output).
 * @throws Error where the precedence rules contradict each other: a defect in the rules
 */
export const inOrder = (drafts: readonly Draft[], schools: Schools): readonly Operation[] => {
  const all = precedences(drafts, schools);
  const waiting = new Map(
    drafts.map((it) => [
      it.operation.id,
      new Set(all.filter((one) => one.after === it.operation.id).map((one) => one.before)),
    ]),
  );
  const rest = [...drafts].sort(preferred);
  const done: Draft[] = [];
  while (rest.length > 0) {
    const index = rest.findIndex((it) => waiting.get(it.operation.id)?.size === 0);
    const [next] = index < 0 ? [] : rest.splice(index, 1);
    if (!next) {
      throw new Error(
        `Precedence rules form a cycle among: ${rest.map((it) => it.operation.id).join(', ')}`,
      );
    }
    done.push(next);
    for (const open of waiting.values()) open.delete(next.operation.id);
  }
  const order = new Map(done.map((it, index) => [it.operation.id, index]));
  return done.map(({ operation }) => ({
    ...operation,
    heldBy: all
      .filter((it) => it.after === operation.id && it.rule === 'gate-before-what-it-decides')
      .map((it) => it.before),
    after: nearest(operation.id, order, all),
  }));
};
