import {
  applyChange,
  change,
  id,
  newPiece,
  pieceDescription,
  pieceRecord,
  type PieceRecord,
} from '@obrik/core/piece';
import { planRoute } from '@obrik/core/route';
import { z } from 'zod';
import { endpoint, type Endpoint } from '../http/endpoint';
import { HttpProblem, invalid, notFound, outdated } from '../http/problem';
import type { PieceStore } from '../store/pieces';
import { keptRoute, type RouteStore } from '../store/routes';
import type { ShopStore } from '../store/shop';

const revision = z.int().min(1);

interface Needs {
  readonly pieces: PieceStore;
  readonly routes: RouteStore;
  readonly shop: ShopStore;
  readonly now: () => Date;
}

/** Pieces, the changes made to them, and the routes kept for them. */
export const pieceEndpoints = ({ pieces, routes, shop, now }: Needs): readonly Endpoint[] => {
  const mustFind = async (pieceId: string): Promise<PieceRecord> => {
    const record = await pieces.find(pieceId);
    if (!record) throw notFound(`piece "${pieceId}"`);
    return record;
  };
  return [
    endpoint({
      method: 'get',
      path: '/pieces',
      summary: 'All pieces, archived ones too, by their number',
      reply: z.array(pieceRecord),
      handle: () => pieces.list(),
    }),
    endpoint({
      method: 'post',
      path: '/pieces',
      summary: 'Take in a piece',
      body: z.object({ id, description: pieceDescription }),
      status: 201,
      reply: pieceRecord,
      errors: [409],
      handle: async (_, body) => {
        const record = await pieces.add(newPiece(body.id, body.description), now());
        if (!record) {
          throw new HttpProblem(409, 'Taken', `There is a piece "${body.id}" already.`, [
            { path: 'id', message: 'Make another id.' },
          ]);
        }
        return record;
      },
    }),
    endpoint({
      method: 'get',
      path: '/pieces/{pieceId}',
      summary: 'One piece with all that is known and wanted of it',
      reply: pieceRecord,
      errors: [404],
      handle: (parameter) => mustFind(parameter('pieceId')),
    }),
    endpoint({
      method: 'post',
      path: '/pieces/{pieceId}/changes',
      summary: 'Change a piece, based on the revision that was read',
      body: z.object({ revision, change }),
      reply: pieceRecord,
      errors: [404, 409],
      handle: async (parameter, body) => {
        const { piece, revision: current } = await mustFind(parameter('pieceId'));
        if (current !== body.revision) throw outdated(body.revision, current);
        const after = applyChange(piece, body.change);
        if (!after.ok) throw invalid(after.problems);
        const written = await pieces.save(after.value, body.revision, now());
        if (written.kind === 'missing') throw notFound(`piece "${piece.id}"`);
        if (written.kind === 'outdated') throw outdated(body.revision, written.revision);
        return written.record;
      },
    }),
    endpoint({
      method: 'get',
      path: '/pieces/{pieceId}/routes',
      summary: 'Kept routes of a piece, the newest first',
      reply: z.array(keptRoute),
      errors: [404],
      handle: async (parameter) => {
        const { piece } = await mustFind(parameter('pieceId'));
        return routes.list(piece.id);
      },
    }),
    endpoint({
      method: 'post',
      path: '/pieces/{pieceId}/routes',
      summary: 'Plan the route of a revision and keep it',
      body: z.object({ revision }),
      status: 201,
      reply: keptRoute,
      errors: [404, 409],
      handle: async (parameter, body) => {
        const { piece, revision: current } = await mustFind(parameter('pieceId'));
        if (current !== body.revision) throw outdated(body.revision, current);
        const withShop = await shop.get();
        return routes.keep(piece.id, current, withShop, planRoute(piece, withShop), now());
      },
    }),
  ];
};
