import { z } from 'zod';
import { piece } from './piece';
import { shop } from './shop';

/** A piece as a file on its own, as the command line reads it. */
export const pieceFile = z.object({
  format: z.literal('obrik-piece', {
    message: 'Not a piece file: "format" has to be "obrik-piece".',
  }),
  /** 1 told a piece by template and measures; 2 tells how it is built. Both are read. */
  version: z.literal([1, 2], { message: 'Only versions 1 and 2 of the format are known here.' }),
  piece,
  shop: shop.prefault({}),
});
/** The version that files are written in today. */
export const PIECE_FILE_VERSION = 2;
