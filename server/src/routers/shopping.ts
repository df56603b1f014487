import { stocked } from '@obrik/core/piece';
import { shoppingList, stockNow } from '@obrik/core/supply';
import { z } from 'zod';
import type { Heavy } from '../heavy/pool';
import { minuteOf } from '../http/minute';
import { endpoint, type Endpoint } from '../http/endpoint';
import type { Typeface } from '../papers/pdf';
import { allPieces } from '../store/atWork';
import type { LedgerStore } from '../store/ledger';
import { placeClock } from '@obrik/core/clock';

const onHand = z.object({
  container: stocked,
  left: z.number(),
  taken: z.number(),
  overdrawn: z.boolean(),
  low: z.boolean(),
  keepsUntil: z.string().nullable(),
  state: z.enum(['fresh', 'soon', 'expired', 'empty']),
});

/** What the pieces at work still need, what is on the shelf, and what to buy; nothing is stored. */
export const shoppingEndpoints = (
  ledger: LedgerStore,
  heavy: Heavy,
  now: () => Date,
  typeface: Typeface,
): readonly Endpoint[] => [
  endpoint({
    method: 'get',
    path: '/shopping',
    summary:
      'What the pieces at work still need beyond the stock, and the cheapest containers that hold it',
    reply: shoppingList,
    errors: [503],
    handle: async () => {
      const { pieces, shop, stock } = await allPieces(ledger);
      const time = now();
      const of = [pieces, shop, stock, minuteOf(time)] as const;
      return heavy.run('shopping', [...of], placeClock(shop.timeZone).iso(time));
    },
  }),
  endpoint({
    method: 'get',
    path: '/shopping.pdf',
    summary: 'The shopping list to print, by aisle; of all pieces at work, or of one',
    query: z.object({ piece: z.string().max(64).default('') }),
    content: { reply: 'application/pdf' },
    reply: z.instanceof(Buffer),
    errors: [422, 503],
    handle: async ({ query }) => {
      const { pieces, shop, stock } = await allPieces(ledger);
      const today = placeClock(shop.timeZone).iso(now());
      return Buffer.from(
        await heavy.run(
          'shoppingPdf',
          [pieces, shop, stock, minuteOf(now())],
          query.piece,
          today,
          now().getTime(),
          typeface,
        ),
      );
    },
  }),
  endpoint({
    method: 'get',
    path: '/stock',
    summary:
      'Every container as it stands: what was seen in it, less what the bench has taken since',
    reply: z.array(onHand),
    handle: async () => {
      const { pieces, shop, stock } = await allPieces(ledger);
      return [...stockNow(stock, pieces, placeClock(shop.timeZone).iso(now()))];
    },
  }),
];
