import { z } from 'zod';
import { COATINGS } from '../catalog';
import { ladder } from '../sanding';
import { risk } from './risk';

/** Phases in the order of the work. */
export const PHASES = [
  'secure',
  'record',
  'dismantle',
  'clean',
  'strip',
  'repair',
  'sand',
  'block',
  'colour',
  'protect',
  'reassemble',
  'handover',
] as const;
export const phase = z.enum(PHASES);
export type Phase = z.infer<typeof phase>;

/** Why an operation is there: the rule behind it and the observations it rests on. */
export const reason = z.object({
  rule: z.string(),
  text: z.string(),
  observationIds: z.array(z.string()),
});

/** What can hurt, and who has the last word on it. */
export const caution = z.object({ text: z.string(), lastWord: z.string() });
export type Caution = z.infer<typeof caution>;

/** Every answer that a gate may get. */
export const ANSWERS = [
  'leadFound',
  'leadNotFound',
  'leadUntested',
  'wood',
  'print',
  'veneerEnough',
  'veneerLess',
  'staysWhite',
  'turnsYellow',
  'turnsPink',
  'bondHolds',
  'bondFair',
  'bondFails',
] as const;
export type AnswerId = (typeof ANSWERS)[number];

/** A question to be answered before work goes on, with what each answer means. */
export const gate = z.object({
  kind: z.enum(['lead', 'substrate', 'veneer', 'bleed', 'patch']),
  question: z.string(),
  /** The test that answers it. */
  testId: z.string().nullable().default(null),
  answers: z.array(
    z.object({
      id: z.enum(ANSWERS).nullable().default(null),
      answer: z.string(),
      then: z.string(),
    }),
  ),
});
export type Gate = z.infer<typeof gate>;
export type GateKind = Gate['kind'];

/**
 * One piece of work on one or more surfaces. What was added since routes were first kept has a
 * default, so that a route kept long ago can still be read.
 */
export const operation = z.object({
  id: z.string(),
  phase,
  method: z.string(),
  title: z.string(),
  surfaceIds: z.array(z.string()).min(1),
  how: z.array(z.string()),
  /** Material classes, never brands. */
  materials: z.array(z.string()),
  /** Active minutes. */
  minutes: z.number().min(0),
  /** Wait afterwards; null where the next operation may follow at once. */
  wait: z.object({ minutes: z.number().min(0), until: z.string() }).nullable(),
  protection: z.array(z.string()),
  cautions: z.array(caution),
  reasons: z.array(reason).min(1),
  /** Papers in the order of use. */
  grits: z.array(z.int()),
  /** Workings of the ladder where bare wood is sanded, on the first of the surfaces. */
  ladder: ladder.nullable(),
  /** Chance of sanding through a veneer, in the field and at edges; null on solid wood. */
  sandThrough: z.object({ field: z.number(), edge: z.number() }).nullable().default(null),
  makesDust: z.boolean(),
  /** Takes the dust off, on its own or as its last step. */
  dedusts: z.boolean(),
  /** Lays a wet coat. */
  coats: z.boolean(),
  /** The material that it lays. */
  coating: COATINGS.id.nullable().default(null),
  /** What it takes of the coating, losses counted in, L; null where no coat is laid. */
  litres: z.number().nullable().default(null),
  /** It is laid with the gun, not by brush, roller or cloth. */
  sprayed: z.boolean().default(false),
  /** What it makes of the face: bare of all film, dulled, free of wax, or a new face of veneer. */
  leaves: z.enum(['bare', 'dulled', 'dewaxed', 'veneer']).nullable().default(null),
  /** What may go wrong, by the rules that ask for it. */
  risks: z.array(risk).default([]),
  gate: gate.nullable(),
  /** Gates that have to be answered before this may be done. */
  heldBy: z.array(z.string()),
  /** What it comes after, and why. */
  after: z.array(z.object({ operationId: z.string(), rule: z.string(), because: z.string() })),
  /** Other ways that were weighed, and why they lost. */
  insteadOf: z.array(z.object({ label: z.string(), because: z.string() })),
});
export type Operation = z.infer<typeof operation>;

/** Something that was asked for and will not be planned: why, and the way out. */
export const refusal = z.object({
  rule: z.string(),
  surfaceId: z.string(),
  title: z.string(),
  because: z.string(),
  waysOut: z.array(z.string()).min(1),
  observationIds: z.array(z.string()),
  /** No work towards the aim is planned on this surface while it stands. */
  blocks: z.boolean(),
});
export type Refusal = z.infer<typeof refusal>;

/** The ordered work for a whole piece. */
export const route = z.object({
  operations: z.array(operation),
  refusals: z.array(refusal),
  /** Surfaces that nobody has given an aim yet. */
  unaimedSurfaceIds: z.array(z.string()),
  minutes: z.number(),
  waitMinutes: z.number(),
  materials: z.array(z.string()),
});
export type Route = z.infer<typeof route>;
