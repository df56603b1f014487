import { z } from 'zod';
import { COATINGS } from '../../catalog';
import { ladder } from '../../sanding';
import { check, consumed, type DeepReadonly } from '../../effect';
import { GATE_KINDS, caution, gate, phase, risk, task } from '../../work';
import { graph } from './graph';

/** Why an operation is there: the rule behind it, and the observations and damages it rests on, by their ids. */
export const reason = z.object({
  rule: z.string(),
  text: z.string(),
  observationIds: z.array(z.string()),
});

/** Tasks that are done in one go, told for people to read. Made last; nothing is stored by its id. */
export const operation = z.object({
  /** The key of its first task. */
  id: z.string(),
  /** Keys of its tasks, in the order of the work. */
  taskKeys: z.array(z.string()).min(1),
  phase,
  method: z.string(),
  title: z.string(),
  surfaceIds: z.array(z.string()).min(1),
  how: z.array(z.string()),
  /** Labels of the materials, by class, never by brand. */
  materials: z.array(z.string()),
  /** What its tasks take together. */
  consumes: z.array(consumed),
  /** Active minutes. */
  minutes: z.number().min(0),
  /** Wait afterwards; null where the next operation may follow at once. */
  wait: z.object({ minutes: z.number().min(0), until: z.string() }).nullable(),
  /** Labels of what is worn, and of what keeps the air harmless. */
  protection: z.array(z.string()),
  cautions: z.array(caution),
  checks: z.array(check),
  reasons: z.array(reason).min(1),
  /** Papers in the order of use. */
  grits: z.array(z.int()),
  /** Workings of the ladder where bare wood is sanded, on the first of the surfaces. */
  ladder: ladder.nullable(),
  /** Chance of sanding through a veneer, in the field and at edges; null on solid wood. */
  sandThrough: z.object({ field: z.number(), edge: z.number() }).nullable(),
  makesDust: z.boolean(),
  /** Takes the dust off, on its own or as its last step. */
  dedusts: z.boolean(),
  /** Lays a wet coat. */
  coats: z.boolean(),
  /** The material that it lays. */
  coating: COATINGS.id.nullable(),
  /** What it takes of the coating, losses counted in, L; null where no coat is laid. */
  litres: z.number().nullable(),
  /** It is laid with the gun, not by brush, roller or cloth. */
  sprayed: z.boolean(),
  /** What may go wrong, by the rules that ask for it. */
  risks: z.array(risk),
  gate: gate.nullable(),
  /** Open questions that have to be answered before this may be done. */
  holds: z.array(z.enum(GATE_KINDS)),
  /** The operations that ask them, where they are still to be done. */
  heldBy: z.array(z.string()),
  /** For each rule the last operation that it comes after, and why; the graph tells all. */
  after: z.array(z.object({ operationId: z.string(), rule: z.string(), because: z.string() })),
  /** Other ways that were weighed, and why they lost. */
  insteadOf: z.array(z.object({ label: z.string(), because: z.string() })),
});
export type Operation = DeepReadonly<z.infer<typeof operation>>;

/** Something that was asked for and will not be planned: why, and the way out. */
export const refusal = z.object({
  rule: z.string(),
  /** The surfaces that it holds for, for one and the same reason. */
  surfaceIds: z.array(z.string()).min(1),
  title: z.string(),
  because: z.string(),
  waysOut: z.array(z.string()).min(1),
  observationIds: z.array(z.string()),
  /** No work towards the aim is planned on these surfaces while it stands. */
  blocks: z.boolean(),
});
export type Refusal = DeepReadonly<z.infer<typeof refusal>>;

/** The ordered work for a whole piece. */
export const route = z.object({
  /** The smallest units of work, in the order of the work. */
  tasks: z.array(task),
  /** Every precedence between the tasks. */
  graph,
  /** The tasks as they are done in one go. */
  operations: z.array(operation),
  refusals: z.array(refusal),
  /** Surfaces that nobody has given an aim yet. */
  unaimedSurfaceIds: z.array(z.string()),
  minutes: z.number(),
  waitMinutes: z.number(),
  materials: z.array(z.string()),
});
export type Route = DeepReadonly<z.infer<typeof route>>;
