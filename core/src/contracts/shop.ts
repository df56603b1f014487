import { z } from 'zod';
import { id } from '../piece';

/** May this device come in, and is the connection encrypted? */
export const pairing = z.object({ paired: z.boolean(), encrypted: z.boolean() });

/** Devices that may come in over the network. */
export const pairedDevices = z.array(
  z.object({ id: z.string(), name: z.string(), pairedAt: z.iso.datetime() }),
);

/** How many photos there are, and their bytes together. */
export const photoSum = z.object({ count: z.int(), bytes: z.number() });

/** An address of the plan for a calendar. */
export const calendarAddress = z.object({ path: z.string() });

/** Which kept route it is, and what it was planned for. */
export const keptRouteHead = z.object({
  id: z.int(),
  pieceId: z.string(),
  /** Revision of the piece that it was planned for. */
  pieceRevision: z.int(),
  plannedAt: z.iso.datetime(),
});
export const keptRouteHeads = z.array(keptRouteHead);

/** Where a meter is held. */
export const meterPlace = z.object({
  pieceId: id.optional(),
  surfaceId: id.optional(),
  layer: z.int().min(1).max(30).optional(),
});
export type MeterPlace = z.infer<typeof meterPlace>;

/** One figure or outcome that a meter shows. */
const shown = z.object({
  quantity: z.enum(['temperature', 'humidity', 'moisture', 'gloss', 'lead']),
  value: z.number().nullable(),
  unit: z.string(),
  /** For meters that answer with an outcome of a test. */
  outcome: z.string().nullable(),
});
export type Shown = z.infer<typeof shown>;

/** What a meter shows. */
export const meterReading = z.object({
  deviceId: z.string(),
  /** Nothing was measured: the figures are made up. */
  simulated: z.boolean(),
  at: z.iso.datetime(),
  shown: z.array(shown),
});
