import { z } from 'zod';
import { retiredIn } from '../catalog';
import { consumed } from './consumed';
import { lag } from './lag';
import { check, place } from './place';
import type { DeepReadonly } from './readonly';
import { traits } from './traits';

/** What each older form is to become the next, oldest first. */
const UP: readonly ((
  it: Readonly<Record<string, unknown>>,
) => Readonly<Record<string, unknown>>)[] = [({ go, ...it }) => ({ ...it, batchKey: go })];

/** The form that effects are written in today. */
const FORM = 'obrik.effect/2';
const OLDEST = 'obrik.effect/1';

/** How many forms ago it was written; undefined for a form that is not known here. */
const formsAgo = (form: unknown): number | undefined => {
  const version = Number(/^obrik\.effect\/([1-9]\d*)$/.exec(String(form))?.[1]);
  const ago = UP.length + 1 - version;
  return ago >= 0 ? ago : undefined;
};

/** What finished work did to its piece: what `advance` reads, kept so that no later planner can change it. */
const known = z.object({
  form: z.literal(FORM),
  /** Of the task that was done. */
  key: z.string(),
  place,
  surfaceIds: z.array(z.string()).min(1),
  /** What was done in one go has one. */
  batchKey: z.string(),
  traits,
  wait: lag.nullable(),
  consumes: z.array(consumed),
  /** Not kept of work before it was asked about. */
  checks: z.array(check).default([]),
});

/** An effect that can't be read here: kept as it came, and told on the piece. */
const unread = z.object({
  form: z.literal('unread'),
  received: z.unknown(),
  why: z.string().max(400),
});

/** What a task does to a piece. */
export type Effect = DeepReadonly<Omit<z.infer<typeof known>, 'form'>>;
/** An effect on record, whether it can be read here or not. */
export type KeptEffect = DeepReadonly<z.infer<typeof known>> | z.infer<typeof unread>;

const isObject = (it: unknown): it is Readonly<Record<string, unknown>> =>
  typeof it === 'object' && it !== null && !Array.isArray(it);

const cantRead = (received: unknown, why: string): KeptEffect => ({
  form: 'unread',
  received,
  why: why.slice(0, 400),
});

/** What stands in a text of before effects had a form; the text itself where it is no JSON. */
const parsed = (text: string): unknown => {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return text;
  }
};

/** Reads what is kept of finished work, in whichever form; what can't be read stays as it came. */
export const readEffect = (kept: unknown): KeptEffect => {
  const received = isObject(kept) && kept.form === 'unread' ? kept.received : kept;
  const told = typeof received === 'string' ? parsed(received) : received;
  if (!isObject(told)) return cantRead(received, 'It is not in a form that Obrik ever wrote.');
  // Effects of before they had a form are of the oldest.
  const { form = OLDEST } = told;
  const ago = formsAgo(form);
  if (ago === undefined) return cantRead(received, `A newer Obrik wrote it (${String(form)}).`);
  const today = UP.slice(UP.length - ago).reduce((it, up) => up(it), told);
  const result = known.safeParse(retiredIn({ ...today, form: FORM }));
  if (result.success) return result.data;
  const [first] = result.error.issues;
  return cantRead(received, `${first?.path.join('.') ?? ''}: ${first?.message ?? ''}`);
};

/** Effects as records hold them. */
export const keptEffect = z.preprocess(readEffect, z.union([known, unread])) as z.ZodType<
  KeptEffect,
  unknown
>;

/** What is kept of a task when it is done. */
export const effectOf = (it: Effect): KeptEffect => ({
  form: FORM,
  key: it.key,
  place: it.place,
  surfaceIds: it.surfaceIds,
  batchKey: it.batchKey,
  traits: it.traits,
  wait: it.wait,
  consumes: it.consumes,
  checks: it.checks,
});
