import { z } from 'zod';
import { CHECKS } from '../catalog';
import { PARTS } from './condition';
import type { DeepReadonly } from './readonly';

/** Where a task is done: on a surface, on loose parts, or on the piece as a whole. */
export const place = z.discriminatedUnion('of', [
  z.object({ of: z.literal('surface'), id: z.string() }),
  z.object({ of: z.literal('parts'), id: z.enum(PARTS) }),
  z.object({ of: z.literal('piece') }),
]);
export type Place = DeepReadonly<z.infer<typeof place>>;

/** A question to answer afterwards. */
export const check = z.object({
  id: CHECKS.id,
  question: z.string(),
});
export type Check = DeepReadonly<z.infer<typeof check>>;
