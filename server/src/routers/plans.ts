import { ticketNumber, type Piece, type PieceRecord, type Shop } from '@obrik/core/piece';
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
  type Paper,
  type Ticket,
} from '@obrik/core/route';
import type { DeepReadonly } from '@obrik/core/work';
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
  const read = async (pieceId: string): Promise<{ record: PieceRecord; withShop: Shop }> => {
    const record = await pieces.find(pieceId);
    if (!record) throw notFound(`piece "${pieceId}"`);
    return { record, withShop: await shop.get() };
  };
  const ticketOf = ({ number, revision }: PieceRecord): Ticket => ({
    number: ticketNumber(number),
    revision,
    printed: DAY.format(now()),
  });
  const reckoned = <R extends z.ZodType>(
    end: string,
    summary: string,
    reply: R,
    reckon: (piece: Piece, withShop: Shop) => DeepReadonly<z.input<R>>,
  ): Endpoint =>
    endpoint({
      method: 'get',
      path: `/pieces/{pieceId}/${end}`,
      summary,
      reply,
      errors: [404],
      handle: async (parameter) => {
        const { record, withShop } = await read(parameter('pieceId'));
        return reckon(record.piece, withShop);
      },
    });
  const printed = (
    end: string,
    summary: string,
    paperOf: (piece: Piece, withShop: Shop, ticket: Ticket) => Paper,
  ): Endpoint =>
    endpoint({
      method: 'get',
      path: `/pieces/{pieceId}/${end}.pdf`,
      summary,
      content: { reply: 'application/pdf' },
      reply: z.instanceof(Buffer),
      errors: [404],
      handle: async (parameter) => {
        const { record, withShop } = await read(parameter('pieceId'));
        return asPdf(paperOf(record.piece, withShop, ticketOf(record)), typeface);
      },
    });
  return [
    reckoned(
      'alternatives',
      'Up to four ways for the whole piece, with work, days, money, risks and hazards',
      z.array(alternative),
      (piece, withShop) => [...alternativesFor(piece, withShop)],
    ),
    reckoned(
      'what-ifs',
      'What another way of working, or another tool, would change',
      z.array(whatIf),
      (piece, withShop) => [...whatIfs(piece, withShop)],
    ),
    reckoned(
      'branches',
      'Open questions of the route with a branch for each answer',
      branches,
      branchesOf,
    ),
    reckoned('care-sheet', 'What the owner is told, as planned', careSheet, careSheetOf),
    printed('route', 'The route card to print', (piece, withShop, ticket) =>
      routeCard(piece, planRoute(piece, withShop), ticket),
    ),
    printed('care-sheet', 'The owner’s care sheet to print', (piece, withShop, ticket) =>
      careSheetPaper(piece, careSheetOf(piece, withShop), ticket),
    ),
  ];
};
