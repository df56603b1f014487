import { z } from 'zod';
import { DISCOVERIES } from '../catalog';
import { finding, id } from '../piece';
import type { DeepReadonly } from '../effect';

/** What turned up, before it is decided what is done about it. */
export const found = z.object({
  id,
  kind: DISCOVERIES.id,
  /** Of its question, where it asks one. */
  answer: z.string().max(40).nullable().default(null),
  surfaceIds: z.array(id).min(1).max(200),
  /** The tasks at which it turned up. */
  taskKeys: z.array(z.string().min(1).max(400)).max(200).default([]),
  /** Where on the first surface. */
  place: finding.shape.place,
  note: finding.shape.note,
  at: finding.shape.at,
  by: z.string().max(80).default(''),
});
export type Found = DeepReadonly<z.infer<typeof found>>;
