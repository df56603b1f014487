import { earnings, flipping, moneyDecision, pieceCost, quoteOption } from '@obrik/core/money';
import { ticketNumber } from '@obrik/core/ticket';
import { z } from 'zod';
import type { Heavy } from '../heavy/pool';
import { endpoint, type Endpoint } from '../http/endpoint';
import { minuteOf } from '../http/minute';
import { notFound } from '../http/problem';
import type { Typeface } from '../papers/pdf';
import { allPieces } from '../store/atWork';
import type { LedgerStore } from '../store/ledger';

interface Needs {
  readonly ledger: LedgerStore;
  readonly heavy: Heavy;
  readonly typeface: Typeface;
  readonly now: () => Date;
}

/** Costs, earnings, quotes and decisions: reckoned from the record as it is now; nothing is stored. */
export const moneyEndpoints = ({ ledger, heavy, typeface, now }: Needs): readonly Endpoint[] => {
  const read = async (pieceId: string) => {
    const record = await ledger.piece(pieceId);
    if (!record) throw notFound(`piece "${pieceId}"`);
    return { record, shop: (await ledger.shop()).shop };
  };
  return [
    endpoint({
      method: 'get',
      path: '/pieces/{pieceId}/costs',
      summary: 'What a piece costs, planned beside actual, and what an hour on it earns',
      reply: z.object({ cost: pieceCost, earnings }),
      errors: [404, 503],
      handle: async ({ parameter }) => {
        const { record } = await read(parameter('pieceId'));
        const { pieces, shop, stock } = await allPieces(ledger);
        return heavy.run('costs', record.piece, shop, minuteOf(now()), pieces, stock);
      },
    }),
    endpoint({
      method: 'get',
      path: '/pieces/{pieceId}/decisions',
      summary: 'Decisions that money settles, each with the assumption that tips it',
      reply: z.array(moneyDecision),
      errors: [404, 503],
      handle: async ({ parameter }) => {
        const { record, shop } = await read(parameter('pieceId'));
        return [...(await heavy.run('decisions', record.piece, shop, minuteOf(now())))];
      },
    }),
    endpoint({
      method: 'get',
      path: '/pieces/{pieceId}/quote',
      summary: 'Ways for the piece side by side, each priced by the shop’s rate and prices',
      reply: z.array(quoteOption),
      errors: [404, 503],
      handle: async ({ parameter }) => {
        const { record, shop } = await read(parameter('pieceId'));
        return [...(await heavy.run('quote', record.piece, shop, minuteOf(now())))];
      },
    }),
    endpoint({
      method: 'get',
      path: '/pieces/{pieceId}/quote.pdf',
      summary: 'The quote to print; the ways that `options` names, else all of them',
      query: z.object({ options: z.string().max(500).default('') }),
      content: { reply: 'application/pdf' },
      reply: z.instanceof(Buffer),
      errors: [404, 422, 503],
      handle: async ({ parameter, query }) => {
        const { record, shop } = await read(parameter('pieceId'));
        const asked = query.options.split(',').filter((it) => it !== '');
        const all = await heavy.run('quote', record.piece, shop, minuteOf(now()));
        const options = asked.length > 0 ? all.filter((it) => asked.includes(it.id)) : all;
        const about = {
          name: record.piece.name,
          number: ticketNumber(record.number),
          writtenAt: now().getTime(),
        };
        return Buffer.from(await heavy.run('quotePdf', options, shop, about, typeface));
      },
    }),
    endpoint({
      method: 'get',
      path: '/money',
      summary: 'The money of the shop over all its pieces: tied up, earned by the hour, by what',
      reply: flipping,
      errors: [503],
      handle: async () => {
        const { pieces, shop, stock } = await allPieces(ledger);
        return heavy.run('money', [pieces, shop, stock, minuteOf(now())]);
      },
    }),
  ];
};
