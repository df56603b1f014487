import { z } from 'zod';
import { UNTILS } from '../catalog';
import type { DeepReadonly } from './readonly';

/** How something dries or hardens; air and temperature act on each in their own way. */
export const dryingMechanism = z.enum([
  'water',
  'alcohol',
  'solvent',
  'oxidation',
  'wax',
  'glue',
  'reaction',
]);
export type DryingMechanism = z.infer<typeof dryingMechanism>;

/** The time between the end of one task and the start of another. */
export const lag = z.object({
  /** Minutes at the least, at 20–23 °C and about 50 % humidity. */
  min: z.number().min(0),
  /** Minutes at the most, before the face has to be dulled; null where nothing presses. */
  max: z.number().min(0).nullable(),
  /** Null where nothing dries. */
  mechanism: dryingMechanism.nullable(),
  /** Dry film that is laid, µm; 0 where none is. */
  filmUm: z.number().min(0),
  until: UNTILS.id.nullable(),
});
export type Lag = DeepReadonly<z.infer<typeof lag>>;

/** One thing right after the other. */
export const AT_ONCE: Lag = { min: 0, max: null, mechanism: null, filmUm: 0, until: null };
