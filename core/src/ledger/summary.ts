import { z } from 'zod';

/** How far a piece is, as planned: facts; the sentences are made of them on the screen. */
export const plannedSummary = z.object({
  /** Surfaces of which what matters is settled, and all surfaces. */
  settled: z.int().min(0),
  surfaces: z.int().min(0),
  next: z.discriminatedUnion('kind', [
    z.object({ kind: z.literal('look') }),
    z.object({ kind: z.literal('aim') }),
    z.object({ kind: z.literal('step'), title: z.string() }),
    z.object({ kind: z.literal('nothing') }),
  ]),
  /** Where it stands; null in what was kept before that was asked for. */
  stage: z
    .discriminatedUnion('kind', [
      z.object({ kind: z.literal('underWay'), step: z.int(), of: z.int() }),
      ...(['looking', 'planned', 'finished', 'forSale', 'handedOver', 'sold'] as const).map(
        (kind) => z.object({ kind: z.literal(kind) }),
      ),
    ])
    .nullable()
    .default(null),
  /** Hands-on minutes of the route; null where nothing is aimed at. */
  minutes: z.number().nullable(),
  /** When a recoat window may close, so that it is planned otherwise; null where none will. */
  holdsUntil: z.number().nullable().default(null),
  warnings: z.array(
    z.object({
      kind: z.enum(['leadFound', 'leadOpen', 'conflict', 'refused']),
      count: z.int().min(1),
    }),
  ),
});
export type PlannedSummary = z.infer<typeof plannedSummary>;

/** More faces than this are not told apart in a picture as small as a stamp. */
export const SKETCH_FACES = 60;

/** What a list says of a piece. The ledger keeps it, so that a list of thousands plans nothing. */
export const pieceSummary = z.object({
  pieceId: z.string(),
  number: z.int().min(1).nullable(),
  name: z.string(),
  /** The quick start that it began as, or what it was in version 1. */
  startedFrom: z.string(),
  /** The first picture of it; null where there is none. */
  photoId: z.string().nullable(),
  /** Its drawing in small: x, y, width, height of each face, in hundredths of the drawing's longer side. */
  sketch: z.array(z.int().min(0).max(100)).max(SKETCH_FACES * 4),
  yearFrom: z.int().nullable(),
  yearTo: z.int().nullable(),
  archived: z.boolean(),
  updatedAt: z.string(),
  /** Place in the record of the piece's last entry. */
  seq: z.int().min(0),
  /** Things that two devices set otherwise. */
  conflicts: z.int().min(0),
  /** As it was planned last; null before that was done. */
  planned: plannedSummary.nullable(),
});
export type PieceSummary = z.infer<typeof pieceSummary>;
