import { pieceLedger, type PieceLedger } from '@obrik/core/ledger';
import { z } from 'zod';
import type { Heavy } from '../heavy/pool';
import { endpoint, type Endpoint } from '../http/endpoint';
import { minuteOf } from '../http/minute';
import { invalid, notFound, outdated } from '../http/problem';
import type { LedgerStore } from '../store/ledger';
import { keptRoute, type RouteStore } from '../store/routes';
import { cardPage, entriesPage } from '@obrik/core/contracts';
import type { News } from './news';

/** Cards given at once. */
const PAGE = 200;

interface Needs {
  readonly ledger: LedgerStore;
  readonly routes: RouteStore;
  readonly heavy: Heavy;
  readonly news: News;
  readonly now: () => Date;
}

/** Pieces as their entries make them, and the routes kept for them. */
export const pieceEndpoints = ({
  ledger,
  routes,
  heavy,
  news,
  now,
}: Needs): readonly Endpoint[] => {
  const mustFind = async (pieceId: string): Promise<PieceLedger> => {
    const found = await ledger.piece(pieceId);
    if (!found) throw notFound(`piece "${pieceId}"`);
    return found;
  };
  return [
    endpoint({
      method: 'get',
      path: '/pieces',
      summary: 'A short summary of every piece, archived ones too, by number',
      query: z.object({
        after: z.coerce.number().int().min(0).default(0),
        limit: z.coerce.number().int().min(1).max(PAGE).default(PAGE),
      }),
      reply: cardPage,
      handle: async ({ query: { after, limit } }) => {
        const list = await ledger.summaries(after, limit + 1);
        return { pieces: list.slice(0, limit), more: list.length > limit };
      },
    }),
    endpoint({
      method: 'get',
      path: '/pieces/{pieceId}',
      summary: 'One piece with everything known about it and its chosen finishes',
      reply: pieceLedger,
      errors: [404],
      handle: ({ parameter }) => mustFind(parameter('pieceId')),
    }),
    endpoint({
      method: 'delete',
      path: '/pieces/{pieceId}',
      summary: 'Delete a piece for good with its photos and routes; its name must be given',
      query: z.object({
        /** As it is called: so that no other is deleted by mistake. */
        name: z.string(),
      }),
      reply: z.object({ erased: z.literal(true) }),
      errors: [404],
      handle: async ({ parameter, query }) => {
        const { piece } = await mustFind(parameter('pieceId'));
        if (query.name.trim() !== piece.name) {
          throw invalid([{ path: 'name', message: 'That is not the name of this piece.' }]);
        }
        await ledger.erase(piece.id, now());
        news.entriesCame();
        return { erased: true as const };
      },
    }),
    endpoint({
      method: 'get',
      path: '/pieces/{pieceId}/entries',
      summary: 'All entries about a piece, in order: its history',
      reply: entriesPage,
      errors: [404],
      handle: async ({ parameter }) => {
        const page = await ledger.ofPiece(parameter('pieceId'));
        if (page.last === 0) throw notFound(`piece "${parameter('pieceId')}"`);
        return page;
      },
    }),
    endpoint({
      method: 'get',
      path: '/pieces/{pieceId}/routes',
      summary: 'Saved routes of a piece, newest first',
      reply: z.array(keptRoute),
      errors: [404],
      handle: async ({ parameter }) => {
        const { piece } = await mustFind(parameter('pieceId'));
        return routes.list(piece.id);
      },
    }),
    endpoint({
      method: 'post',
      path: '/pieces/{pieceId}/routes',
      summary: 'Plan the route of a revision and save it; one that is saved already is returned',
      body: z.object({ revision: z.int().min(1) }),
      status: 201,
      reply: keptRoute,
      errors: [404, 409, 503],
      handle: async ({ parameter, body }) => {
        const { piece, revision } = await mustFind(parameter('pieceId'));
        if (revision !== body.revision) throw outdated(body.revision, revision);
        const { shop } = await ledger.shop();
        const planned = await heavy.run('route', piece, shop, minuteOf(now()));
        return routes.keep(piece.id, revision, shop, planned, now());
      },
    }),
  ];
};
