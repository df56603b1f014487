import { keptRouteHead } from '@obrik/core/contracts';
import type { Shop } from '@obrik/core/piece';
import { KEPT_ROUTE, keep, keptForm, readKept, type Route } from '@obrik/core/route';
import type { z } from 'zod';
import type { Database } from './database';
import type { RouteRow } from './models';

/** A route as it was when somebody kept it: which, for what, and in the current form. */
export const keptRoute = keptForm.extend(keptRouteHead.shape);
export type KeptRoute = z.infer<typeof keptRoute>;

export interface RouteStore {
  /** Keeps a route; asked again for the same revision and shop, gives the one that is kept. */
  keep(pieceId: string, revision: number, withShop: Shop, it: Route, now: Date): Promise<KeptRoute>;
  /** Saved routes of a piece, newest first. */
  list(pieceId: string): Promise<KeptRoute[]>;
}

/** A stored row, read by the migrations beside the form in core. */
const asKept = ({ id, pieceId, pieceRevision, plannedAt, ...stored }: RouteRow): KeptRoute => ({
  id,
  pieceId,
  pieceRevision,
  plannedAt,
  ...readKept({ type: KEPT_ROUTE, ...stored }),
});

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

export const routeStore = ({ models, write }: Database): RouteStore => ({
  keep: (pieceId, pieceRevision, withShop, it, now) =>
    write(async ({ routes }) => {
      const { version, shop, route } = keep(it, withShop);
      const newest = await routes.findOne({ where: { pieceId }, order: [['id', 'DESC']] });
      const known = newest?.get({ plain: true });
      if (known?.pieceRevision === pieceRevision && same(known.shop, shop)) return asKept(known);
      const row = await routes.create({
        pieceId,
        pieceRevision,
        plannedAt: now.toISOString(),
        version,
        shop,
        route,
      });
      return asKept(row.get({ plain: true }));
    }),
  list: async (pieceId) =>
    (await models.routes.findAll({ where: { pieceId }, order: [['id', 'DESC']] })).map((row) =>
      asKept(row.get({ plain: true })),
    ),
});
