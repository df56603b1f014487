import { z } from 'zod';
import { piece } from './piece';

/** A piece as the server keeps it: with its ticket number and revision. */
export const pieceRecord = z.object({
  /** Number on the ticket, given once by the shop; null until it has got there. */
  number: z.int().min(1).nullable(),
  /** Counts the entries about it. */
  revision: z.int().min(1),
  createdAt: z.iso.datetime(),
  updatedAt: z.iso.datetime(),
  piece,
});
export type PieceRecord = z.infer<typeof pieceRecord>;
