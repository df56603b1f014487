import { z } from 'zod';

const rung = z.object({
  grit: z.int(),
  grainUm: z.number(),
  removedUm: z.number(),
  minutes: z.number(),
  /** Veneer left in the field after this rung at a thin place, µm; null for solid wood. */
  leftUm: z.number().nullable(),
});
export type Rung = z.infer<typeof rung>;

export const ladder = z.object({
  kind: z.literal('ladder'),
  rungs: z.array(rung).readonly(),
  minutes: z.number(),
  removedUm: z.number(),
  /** Taken at edges kept by hand, µm: the machine stays away from veneered edges. */
  edgeRemovedUm: z.number(),
  veneerLeftUm: z.number().nullable(),
  reasons: z.array(z.string()).readonly(),
});
export type Ladder = z.infer<typeof ladder>;

/** No ladder: why, and what to do instead. */
export const noLadder = z.object({
  kind: z.literal('refused'),
  rule: z.enum(['veneer-too-thin', 'dry-sanding-suspect-paint', 'no-rung-reaches']),
  because: z.string(),
  waysOut: z.array(z.string()).readonly(),
});
export type NoLadder = z.infer<typeof noLadder>;

export const ladderOrRefusal = z.discriminatedUnion('kind', [ladder, noLadder]);
