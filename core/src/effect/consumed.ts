import { z } from 'zod';
import { MATERIALS, UNITS, WHYS } from '../catalog';
import type { DeepReadonly } from './readonly';

/** Something that a task takes. */
export const consumed = z.object({
  material: MATERIALS.id,
  quantity: z.number().min(0),
  unit: z.enum(UNITS),
  why: z.enum(WHYS),
});
export type Consumed = DeepReadonly<z.infer<typeof consumed>>;
