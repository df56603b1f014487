import { z } from 'zod';
import { GRITS } from '../catalog';

const grit = z.int().refine((it) => GRITS.some((row) => row.grit === it), {
  message: `Not on the P-series: ${GRITS.map((row) => row.grit).join(', ')}.`,
});

/** What a surface is sanded for. */
export const sandingTask = z.object({
  /** Deepest scratch or unevenness to remove, µm. */
  defectUm: z.number().min(0).max(3000),
  /** Finest paper wanted, by the coat that follows. */
  targetGrit: grit,
  /** Coarsest paper allowed: a scuff must not cut through, an old film clogs. */
  coarsestGrit: grit.default(40),
  /** Wood left above the core at its thin places, µm; null for solid wood. */
  veneerUm: z.number().min(0).max(6000).nullable().default(null),
  /** Side hardness, lbf (Janka). */
  jankaLbf: z.number().min(50).max(5000).default(1000),
  tool: z.enum(['machine', 'hand']).default('machine'),
  /** Times as long as on a flat face, by its shape. */
  slower: z.number().min(1).max(10).default(1),
  areaMm2: z.number().min(0).max(1e9).default(1e6),
  /** Where the lead question stands; dust is refused unless it is closed. */
  lead: z.enum(['notAsked', 'open', 'found', 'notFound']).default('notAsked'),
});
export type SandingTask = z.infer<typeof sandingTask>;
