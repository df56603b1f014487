import { shop, type Shop } from '@obrik/core/piece';
import { route, type Route } from '@obrik/core/route';
import { z } from 'zod';
import type { Database } from './database';

/** A route as it was when somebody kept it. */
export const keptRoute = z.object({
  id: z.int(),
  pieceId: z.string(),
  /** Revision of the piece that it was planned for. */
  pieceRevision: z.int(),
  plannedAt: z.iso.datetime(),
  shop,
  route,
});
export type KeptRoute = z.infer<typeof keptRoute>;

export interface RouteStore {
  keep(pieceId: string, revision: number, withShop: Shop, it: Route, now: Date): Promise<KeptRoute>;
  /** Kept routes of a piece, the newest first. */
  list(pieceId: string): Promise<KeptRoute[]>;
}

export const routeStore = ({ models }: Database): RouteStore => ({
  keep: async (pieceId, pieceRevision, withShop, it, now) => {
    const row = await models.routes.create({
      pieceId,
      pieceRevision,
      plannedAt: now.toISOString(),
      shop: withShop,
      route: it,
    });
    return keptRoute.parse(row.get({ plain: true }));
  },
  list: async (pieceId) =>
    (await models.routes.findAll({ where: { pieceId }, order: [['id', 'DESC']] })).map((row) =>
      keptRoute.parse(row.get({ plain: true })),
    ),
});
