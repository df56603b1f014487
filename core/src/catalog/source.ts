import { z } from 'zod';

/**
 * Where a figure or fact comes from:
 * S a published standard, regulation or handbook; P common practice of the trade, no source;
 * J a modelling judgement that the user's own log may correct.
 */
export const sourceMark = z.discriminatedUnion('mark', [
  z.object({ mark: z.literal('S'), cite: z.string() }),
  z.object({ mark: z.literal('P') }),
  z.object({ mark: z.literal('J') }),
]);
export type SourceMark = z.infer<typeof sourceMark>;

/** Mark of a published source. All cited figures were written down from memory. */
export const published = (cite: string): SourceMark => ({
  mark: 'S',
  cite: `${cite} (value from memory)`,
});
export const PRACTICE: SourceMark = { mark: 'P' };
export const JUDGEMENT: SourceMark = { mark: 'J' };
