import { z } from 'zod';
import { DANGERS, METHODS, PROTECTIONS } from '../catalog';
import { ladder } from '../sanding';
import { RISKS, type RiskKind } from '../words';
import { check, consumed, lag, place, traits, type DeepReadonly, type Place } from '../effect';
import { effortSchema } from './effort';
import { GATE_KINDS, gate } from './gate';
import { phase } from './phase';

/** Why a task is there: the rule behind it and the observations that it rests on. */
export const taskReason = z.object({
  rule: z.string(),
  text: z.string(),
  /** Said of the surface by name; else it holds wherever the task is done. */
  ofSurface: z.boolean(),
  observationIds: z.array(z.string()),
});

/** What can hurt, and who has the last word on it. */
export const caution = z.object({ text: z.string(), lastWord: z.string() });

/** What to do, and what that does to the face and the air. */
export const taskLine = z.object({ text: z.string(), does: z.array(DANGERS.id) });
export type TaskLine = DeepReadonly<z.infer<typeof taskLine>>;

/** A bad outcome, and how likely it is on one surface. */
export const risk = z.object({
  kind: z.enum(Object.keys(RISKS) as [RiskKind, ...RiskKind[]]),
  surfaceId: z.string(),
  chance: z.number().min(0).max(1),
});
export type Risk = DeepReadonly<z.infer<typeof risk>>;

/** Facts that like work on several places shares, so that it is done in one go. */
export const setUp = z.record(z.string(), z.union([z.string(), z.number(), z.boolean(), z.null()]));
export type SetUp = DeepReadonly<z.infer<typeof setUp>>;

/** The smallest unit of work: one method on one surface or one set of loose parts. */
export const task = z.object({
  /** Names place, rule and occurrence, and never depends on order, grouping or wording. */
  key: z.string(),
  rule: z.string(),
  place,
  occurrence: z.string(),
  phase,
  /** Place within the phase; lower comes first. */
  rank: z.number(),
  /** Surfaces that it is done on or for. */
  surfaceIds: z.array(z.string()).min(1),
  method: METHODS.id,
  setUp,
  /** Signature of what it can be done in one go with: rule, method, set-up, what holds it. */
  batchKey: z.string(),
  traits,
  title: z.string(),
  how: z.array(taskLine).min(1),
  reason: taskReason,
  effort: effortSchema,
  consumes: z.array(consumed),
  protection: z.array(PROTECTIONS.id),
  cautions: z.array(caution),
  checks: z.array(check),
  risks: z.array(risk),
  /** Until the next work on its surfaces; null where that may follow at once. */
  wait: lag.nullable(),
  gate: gate.nullable(),
  /** Open questions about its surfaces that have to be answered first. */
  holds: z.array(z.enum(GATE_KINDS)),
  ladder: ladder.nullable(),
  /** Chance of sanding through a veneer, in the field and at edges; null on solid wood. */
  sandThrough: z.object({ field: z.number(), edge: z.number() }).nullable(),
  /** Other ways that were weighed, and why they lost. */
  insteadOf: z.array(z.object({ label: z.string(), because: z.string() })),
});
export type Task = DeepReadonly<z.infer<typeof task>>;

/** The name of a place in a key. */
export const placeName = (it: Place): string => (it.of === 'piece' ? 'piece' : it.id);

/** "top/paint-to-cover/2": place, rule, occurrence. */
export const keyOf = (at: Place, rule: string, occurrence: string): string =>
  `${placeName(at)}/${rule}/${occurrence}`;

/**
 * Two tasks of one set-up can be done in one go: by one rule, in one way, and held alike.
 * @param otherwise some of its lines are done another way than usual, since that is forbidden there
 */
export const batchKeyOf = (
  it: Pick<Task, 'rule' | 'method' | 'setUp' | 'holds'>,
  otherwise = false,
): string =>
  JSON.stringify([
    it.rule,
    it.method,
    it.setUp,
    [...it.holds].sort(),
    ...(otherwise ? ['otherwise'] : []),
  ]);
