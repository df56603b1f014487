import { z } from 'zod';

/** Why somebody puts work off: its material is missing, or just so. */
export const PUT_OFF_FOR = ['material', 'choice'] as const;

/** Work that is not to begin before a time. */
export const putOff = z.object({
  /** The task, by the key that the planner gave it. */
  taskKey: z.string().min(1).max(400),
  until: z.iso.datetime({ message: 'Give the time as UTC, like 2026-01-31T18:20:00Z.' }),
  why: z.enum(PUT_OFF_FOR),
});
export type PutOff = z.infer<typeof putOff>;
