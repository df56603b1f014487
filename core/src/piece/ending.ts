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

/** Is it worked on here? What was put away, handed over, sold or is for sale needs nothing any more. */
export const isAtWork = (it: {
  readonly archived: boolean;
  readonly account: { readonly sold: object | null };
  readonly ending: Ending | null;
}): boolean => !it.archived && it.account.sold === null && it.ending === null;
