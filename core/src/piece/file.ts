import { z } from 'zod';
import { piece } from './piece';
import { shop } from './shop';

/** A piece as a file on its own, as the command line reads it. */
export const pieceFile = z.object({
  format: z.literal('obrik-piece', {
    message: 'Not a piece file: "format" has to be "obrik-piece".',
  }),
  version: z.literal(1, { message: 'Only version 1 of the format is known here.' }),
  piece,
  shop: shop.prefault({}),
});
export type PieceFile = z.infer<typeof pieceFile>;
