import { z } from 'zod';
import type { DeepReadonly } from '../effect';

/** What an open question is about. */
export const GATE_KINDS = [
  'lead',
  'substrate',
  'veneer',
  'bleed',
  'patch',
  'moisture',
  'ph',
  'air',
] as const;
export type GateKind = (typeof GATE_KINDS)[number];

/** Every answer that a gate may get. */
export const ANSWERS = [
  'leadFound',
  'leadNotFound',
  'leadUntested',
  'wood',
  'print',
  'veneerEnough',
  'veneerLess',
  'noVeneer',
  'staysWhite',
  'turnsYellow',
  'turnsPink',
  'bondHolds',
  'bondFair',
  'bondFails',
  'dryEnough',
  'stillDamp',
  'neutral',
  'notNeutral',
  'airInRange',
] as const;
export type AnswerId = (typeof ANSWERS)[number];

/** The test that answers each question; null where no test on the piece does. */
export const GATE_TESTS: Readonly<Record<GateKind, string | null>> = {
  lead: 'lead-swab',
  substrate: 'chip',
  veneer: 'veneer-thickness',
  bleed: 'bleed-patch',
  patch: 'cross-cut',
  moisture: 'moisture',
  ph: 'surface-ph',
  air: null,
};

/** A question to be answered before work goes on, with what each answer means. */
export const gate = z.object({
  kind: z.enum(GATE_KINDS),
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
export type Gate = DeepReadonly<z.infer<typeof gate>>;
