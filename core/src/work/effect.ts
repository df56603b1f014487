import { z } from 'zod';
import type { DoneWork } from '../piece';
import { check, task, type Task } from './task';

/** What a task does to a piece, without its words: what `advance` reads, and what is kept of it. */
export const effect = task
  .pick({
    key: true,
    place: true,
    surfaceIds: true,
    go: true,
    traits: true,
    wait: true,
    consumes: true,
  })
  // Not kept of work before it was asked about.
  .extend({ checks: z.array(check).default([]) });
export type Effect = Pick<
  Task,
  'key' | 'place' | 'surfaceIds' | 'go' | 'traits' | 'wait' | 'consumes' | 'checks'
>;

/** What is kept of a task when it is done: JSON of its effect. */
export const effectOf = (it: Task): string =>
  JSON.stringify({
    key: it.key,
    place: it.place,
    surfaceIds: it.surfaceIds,
    go: it.go,
    traits: it.traits,
    wait: it.wait,
    consumes: it.consumes,
    checks: it.checks,
  } satisfies Effect);

const readEffect = (text: string): Effect | undefined => {
  try {
    return effect.safeParse(JSON.parse(text)).data;
  } catch {
    return undefined;
  }
};

const READ = new WeakMap<DoneWork, { readonly effect: Effect | undefined }>();

/** What work on record did; undefined where it is kept in a form that is not known here. */
export const effectIn = (it: DoneWork): Effect | undefined => {
  const known = READ.get(it);
  if (known) return known.effect;
  const made = { effect: readEffect(it.effect) };
  READ.set(it, made);
  return made.effect;
};
