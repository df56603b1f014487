import { z } from 'zod';

/** Phases in the order of the work. */
export const PHASES = [
  'secure',
  'record',
  'dismantle',
  'clean',
  'strip',
  'repair',
  'sand',
  'block',
  'colour',
  'protect',
  'reassemble',
  'handover',
] as const;
export const phase = z.enum(PHASES);
export type Phase = z.infer<typeof phase>;

const PLACES = new Map(PHASES.map((it, index) => [it, index]));

/** Place of a phase in the order of the work, from 0 on. */
export const placeOf = (it: Phase): number => PLACES.get(it) ?? 0;
