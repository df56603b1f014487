import { z } from 'zod';
import { typedText } from './text';

const day = z.iso.date('Give a day like 2026-12-24.');

/** What became of a piece when the work was over. That it was sold stands in its account, with the price. */
export const ending = z.discriminatedUnion('kind', [
  /** It stands in the shop and may be bought. */
  z.object({ kind: z.literal('forSale'), since: day }),
  z.object({
    kind: z.literal('handedOver'),
    on: day,
    to: typedText().trim().max(120, 'Keep it under 120 letters.').default(''),
  }),
]);
export type Ending = z.infer<typeof ending>;
