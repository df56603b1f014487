import { id } from '@obrik/core/piece';
import { z } from 'zod';

/** Where a meter is held. */
export const meterPlace = z.object({
  pieceId: id.optional(),
  surfaceId: id.optional(),
  layer: z.int().min(1).max(30).optional(),
});
export type MeterPlace = z.infer<typeof meterPlace>;

/** One figure or outcome that a meter shows. */
export const shown = z.object({
  quantity: z.enum(['temperature', 'humidity', 'moisture', 'gloss', 'lead']),
  value: z.number().nullable(),
  unit: z.string(),
  /** For meters that answer with an outcome of a test. */
  outcome: z.string().nullable(),
});
export type Shown = z.infer<typeof shown>;

/** A meter as the shop knows it. All that ship with Obrik are simulated, and say so. */
export interface Device {
  readonly id: string;
  readonly name: string;
  readonly simulated: boolean;
  /** @param at when it is read; a meter drifts with time */
  read(place: MeterPlace, at: Date): readonly Shown[];
}
