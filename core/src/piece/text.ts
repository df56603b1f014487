import { z } from 'zod';

/** NUL, and halves of letters of two units: no file, paper or other program takes them. */
const BROKEN = /\0|[\uD800-\uDBFF](?![\uDC00-\uDFFF])|(?<![\uD800-\uDBFF])[\uDC00-\uDFFF]/g;

/** Text with what can't be written anywhere replaced by the mark for it. */
export const wellFormed = (text: string): string => text.replace(BROKEN, '\uFFFD');

/** Text that somebody typed: what is broken in it is replaced, never refused. */
export const typedText = (): z.ZodString => z.string().overwrite(wellFormed);
