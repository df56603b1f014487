import { z } from 'zod';
import { MATERIALS, UNITS } from '../catalog';
import type { Piece, Shop } from '../piece';
import { planRoute } from '../route';
import type { DeepReadonly } from '../work';
import { cheapestContainers } from './containers';
import { needsOf } from './needs';

/** One thing to buy: how much is needed and why, and the containers that hold it for least money. */
export const shoppingLine = z.object({
  material: MATERIALS.id,
  label: z.string(),
  colour: z.string().nullable(),
  unit: z.enum(UNITS),
  needed: z.number(),
  from: z.array(
    z.object({
      pieceId: z.string(),
      operationId: z.string(),
      title: z.string(),
      quantity: z.number(),
      lost: z.number(),
    }),
  ),
  bought: z.array(z.object({ size: z.number(), price: z.int(), count: z.int() })),
  /** Minor units of money, by placeholder prices. */
  cost: z.int(),
  left: z.number(),
});
export const shoppingList = z.object({
  lines: z.array(shoppingLine),
  /** Minor units of money, by placeholder prices. */
  cost: z.int(),
});
export type ShoppingList = DeepReadonly<z.infer<typeof shoppingList>>;

/**
 * What the routes of some pieces still need, bought together in the cheapest containers. Prices are
 * the placeholders of the catalog.
 */
export const shoppingFor = (pieces: readonly Piece[], shop: Shop): ShoppingList => {
  const plans = pieces.map((it) => ({ pieceId: it.id, route: planRoute(it, shop) }));
  const lines = needsOf(plans).map((need) => {
    const { label, containers } = MATERIALS.get(need.material);
    const purchase = cheapestContainers(need.quantity, containers);
    return {
      material: need.material,
      label,
      colour: need.colour,
      unit: need.unit,
      needed: need.quantity,
      from: need.from,
      bought: (purchase?.bought ?? []).map(({ container, count }) => ({ ...container, count })),
      cost: purchase?.cost ?? 0,
      left: purchase?.left ?? 0,
    };
  });
  return { lines, cost: lines.reduce((sum, it) => sum + it.cost, 0) };
};
