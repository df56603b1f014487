import type { PieceRecord, Shop } from '@obrik/core/piece';
import {
  alternative,
  alternativesFor,
  branches,
  branchesOf,
  careSheet,
  careSheetOf,
  careSheetPaper,
  planRoute,
  routeCard,
  whatIf,
  whatIfs,
  type Ticket,
} from '@obrik/core/route';
import { z } from 'zod';
import { endpoint, type Endpoint } from '../http/endpoint';
import { notFound } from '../http/problem';
import { asPdf, type Typeface } from '../papers/pdf';
import type { PieceStore } from '../store/pieces';
import type { ShopStore } from '../store/shop';

interface Needs {
  readonly pieces: PieceStore;
  readonly shop: ShopStore;
  readonly typeface: Typeface;
  readonly now: () => Date;
}

const DAY = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  year: 'numeric',
  timeZone: 'UTC',
});

/** What is reckoned from a stored piece and the shop as it is now; nothing is stored. */
export const planEndpoints = ({ pieces, shop, typeface, now }: Needs): readonly Endpoint[] => {
  const read = async (pieceId: string): Promise<{ record: PieceRecord; shop: Shop }> => {
    const record = await pieces.find(pieceId);
    if (!record) throw notFound(`piece "${pieceId}"`);
    return { record, shop: await shop.get() };
  };
  const ticketOf = ({ number, revision }: PieceRecord): Ticket => ({
    number: String(number).padStart(2, '0'),
    revision,
    printed: DAY.format(now()),
  });
  return [
    endpoint({
      method: 'get',
      path: '/pieces/{pieceId}/alternatives',
      summary: 'Up to four ways for the whole piece, with work, days, money, risks and hazards',
      reply: z.array(alternative),
      errors: [404],
      handle: async (parameter) => {
        const it = await read(parameter('pieceId'));
        return [...alternativesFor(it.record.piece, it.shop)];
      },
    }),
    endpoint({
      method: 'get',
      path: '/pieces/{pieceId}/what-ifs',
      summary: 'What another way of working, or another tool, would change',
      reply: z.array(whatIf),
      errors: [404],
      handle: async (parameter) => {
        const it = await read(parameter('pieceId'));
        return [...whatIfs(it.record.piece, it.shop)];
      },
    }),
    endpoint({
      method: 'get',
      path: '/pieces/{pieceId}/branches',
      summary: 'Open questions of the route with a branch for each answer',
      reply: branches,
      errors: [404],
      handle: async (parameter) => {
        const it = await read(parameter('pieceId'));
        return branchesOf(it.record.piece, it.shop);
      },
    }),
    endpoint({
      method: 'get',
      path: '/pieces/{pieceId}/care-sheet',
      summary: 'What the owner is told, as planned',
      reply: careSheet,
      errors: [404],
      handle: async (parameter) => {
        const it = await read(parameter('pieceId'));
        return careSheetOf(it.record.piece, it.shop);
      },
    }),
    endpoint({
      method: 'get',
      path: '/pieces/{pieceId}/route.pdf',
      summary: 'The route card to print',
      content: { reply: 'application/pdf' },
      reply: z.instanceof(Buffer),
      errors: [404],
      handle: async (parameter) => {
        const it = await read(parameter('pieceId'));
        const route = planRoute(it.record.piece, it.shop);
        return asPdf(routeCard(it.record.piece, route, ticketOf(it.record)), typeface);
      },
    }),
    endpoint({
      method: 'get',
      path: '/pieces/{pieceId}/care-sheet.pdf',
      summary: 'The owner’s care sheet to print',
      content: { reply: 'application/pdf' },
      reply: z.instanceof(Buffer),
      errors: [404],
      handle: async (parameter) => {
        const it = await read(parameter('pieceId'));
        const sheet = careSheetOf(it.record.piece, it.shop);
        return asPdf(careSheetPaper(it.record.piece, sheet, ticketOf(it.record)), typeface);
      },
    }),
  ];
};
