import { z } from 'zod';
import { MATERIALS } from '../catalog';
import { keptEffect } from '../effect';
import { id } from './evidence';
import { typedText } from './text';

const when = z.iso.datetime({ message: 'Give the time as UTC, like 2026-01-31T18:20:00Z.' });

/**
 * One task that was done, or is being done. What it did to the piece stands with it, so that the
 * record holds whatever later planners would plan.
 */
export const doneWork = z
  .object({
    id,
    /** The task, by the key that the planner gave it. */
    taskKey: z.string().min(1).max(400),
    title: typedText().max(200).default(''),
    surfaceIds: z.array(id).min(1).max(200),
    startedAt: when,
    /** Null while it is being done. */
    endedAt: when.nullable(),
    /** When nobody worked on it meanwhile; the last is open while it is paused. */
    pauses: z
      .array(z.object({ from: when, to: when.nullable() }))
      .max(200)
      .default([]),
    /** It was begun when it was begun: its time counts. False where only its end was put on record. */
    timed: z.boolean().default(false),
    /** What it was planned as: kind of work, active minutes; null where nobody knows. */
    planned: z
      .object({ kind: z.string().min(1).max(40), minutes: z.number().min(0) })
      .nullable()
      .default(null),
    /** While it is being done: when it will be done, where somebody said so. */
    expectedEnd: when.nullable().default(null),
    by: typedText().max(80).default(''),
    /** The space of the shop where it was done, by id; null where nobody said. */
    spaceId: id.nullable().default(null),
    /** Its number on the route when it was done; null where nobody knows. */
    step: z.int().min(1).max(10_000).nullable().default(null),
    /** What it took by the plan when it was done, for costs where nobody wrote it down; null where nobody knows. */
    took: z
      .array(
        z.object({
          material: MATERIALS.id,
          colour: typedText().max(40).nullable(),
          quantity: z.number().min(0).max(100_000),
        }),
      )
      .max(100)
      .nullable()
      .default(null),
    /** What it did. */
    effect: keptEffect,
  })
  .superRefine((it, context) => {
    if (it.endedAt !== null && Date.parse(it.endedAt) < Date.parse(it.startedAt)) {
      context.addIssue({ code: 'custom', path: ['endedAt'], message: 'It ends before it begins.' });
    }
  });
export type DoneWork = z.infer<typeof doneWork>;
