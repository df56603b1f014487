import { z } from 'zod';
import { piece } from './piece';

/** A piece as the server keeps it: with its ticket number and revision. */
export const pieceRecord = z.object({
  /** Number on the ticket, given once. */
  number: z.int().min(1),
  /** Counts the changes; a change to an older revision is refused. */
  revision: z.int().min(1),
  createdAt: z.iso.datetime(),
  updatedAt: z.iso.datetime(),
  piece,
});
export type PieceRecord = z.infer<typeof pieceRecord>;

/** "04", as on the ticket. */
export const ticketNumber = (number: number): string => String(number).padStart(2, '0');
