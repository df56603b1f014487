import { z } from 'zod';
import { AISLES, MATERIALS, UNITS, aisleOf, type Material } from '../catalog';
import { containersIn, isOwnPrice, type Piece, type Shop, type Stocked } from '../piece';
import type { ShopCase } from '../case';
import { inDialect } from '../words';
import type { DeepReadonly } from '../effect';
import { cheapestContainers } from './containers';
import { fittingsToBuy } from './fittings';
import { needsOf, type MaterialNeed } from '../needs';
import { meetFromStock, stockNow, usable, type OnHand } from './stock';

const film = z.object({ m2: z.number(), m2PerLitre: z.number(), transfer: z.number() });
const veneerPart = z.object({ name: z.string(), widthMm: z.number(), lengthMm: z.number() });

/** One thing to buy: how much is needed and why, what is on hand, and the containers that hold the rest for least money. */
export const shoppingLine = z.object({
  material: MATERIALS.id,
  label: z.string(),
  colour: z.string().nullable(),
  unit: z.enum(UNITS),
  aisle: z.enum(AISLES.map((it) => it.id)),
  /** What the pieces take: as reckoned, or as somebody said. */
  needed: z.number(),
  reckoned: z.number(),
  /** Wanted beyond that, for touching up. */
  more: z.number(),
  from: z.array(
    z.object({
      pieceId: z.string(),
      operationId: z.string(),
      title: z.string(),
      quantity: z.number(),
      lost: z.number(),
      film: film.nullable(),
    }),
  ),
  /** What is good of it in the stock, all containers together. */
  stocked: z.number(),
  /** What is taken from the stock, old first. */
  onHand: z.array(z.object({ containerId: z.string(), quantity: z.number() })),
  /** What has to be bought. */
  missing: z.number(),
  bought: z.array(z.object({ size: z.number(), price: z.int(), count: z.int() })),
  /** Minor units of money. */
  cost: z.int(),
  /** Left over of what is bought. */
  left: z.number(),
  /** The price is a placeholder: the shop has not said what this costs. */
  placeholder: z.boolean(),
  /** How veneer is cut from its sheets. */
  cut: z
    .object({
      format: z.object({
        widthMm: z.number(),
        lengthMm: z.number(),
        size: z.number(),
        price: z.int(),
      }),
      sheets: z.array(z.array(veneerPart.extend({ x: z.number(), y: z.number() }))),
      tooLarge: z.array(veneerPart),
      waste: z.number(),
    })
    .nullable(),
});
export type ShoppingLine = DeepReadonly<z.infer<typeof shoppingLine>>;

export const shoppingList = z.object({
  /** By aisle, in the order in which one walks through a shop. */
  lines: z.array(shoppingLine),
  fittings: z.array(
    z.object({
      pieceId: z.string(),
      hardwareId: z.string(),
      kind: z.string(),
      name: z.string(),
      count: z.int(),
      holeSpacingMm: z.number().nullable(),
      because: z.enum(['replaced', 'missing']),
      price: z.int().nullable(),
      got: z.boolean(),
    }),
  ),
  /** Minor units of money; fittings count where somebody said what they cost. */
  cost: z.int(),
  /** Some of it is reckoned by placeholders. */
  placeholders: z.boolean(),
});
export type ShoppingList = DeepReadonly<z.infer<typeof shoppingList>>;

/** What is on the shelves, and the day. */
export interface Shelves {
  readonly stock: readonly Stocked[];
  /** The day of the shop, YYYY-MM-DD. */
  readonly today: string;
}

const wantedMore = (shop: Shop, material: Material, colour: string | null): number =>
  shop.touchUps.find((it) => it.material === material && it.colour === colour)?.quantity ?? 0;

/** What one need comes to: from the shelf first, the rest in the cheapest containers. */
const lineOf = (need: MaterialNeed, shop: Shop, onHand: readonly OnHand[]): ShoppingLine => {
  const { material, colour, unit, cut } = need;
  const more = wantedMore(shop, material, colour);
  const good = usable(onHand, material, colour);
  const met = meetFromStock(need.quantity + more, good);
  const purchase = cheapestContainers(
    met.missing,
    need.only ?? containersIn(shop.prices, material),
  );
  return {
    material,
    label: MATERIALS.get(material).label,
    colour,
    unit,
    aisle: aisleOf(material),
    needed: need.quantity,
    reckoned: need.reckoned,
    more,
    from: need.from,
    stocked: good.reduce((sum, it) => sum + it.left, 0),
    onHand: met.from,
    missing: met.missing,
    bought: (purchase?.bought ?? []).map(({ container, count }) => ({
      size: container.size,
      price: container.price,
      count,
    })),
    cost: purchase?.cost ?? 0,
    left: purchase?.left ?? 0,
    placeholder: !isOwnPrice(shop.prices, material),
    cut,
  };
};

const aislePlace = new Map(AISLES.map((it, at) => [it.id, at]));

/**
 * Needs as a list to buy by: from the shelf first, old first, the rest in the cheapest containers.
 * @param atWork the pieces whose needs they are: their fittings are on the list too
 * @param users all pieces whose bench has taken from the stock
 */
export const listOf = (
  needs: readonly MaterialNeed[],
  atWork: readonly Pick<Piece, 'id' | 'hardware'>[],
  shop: Shop,
  { stock, today }: Shelves,
  users: readonly Pick<Piece, 'log'>[],
): ShoppingList => {
  const onHand = stockNow(stock, users, today);
  const lines = needs
    .map((it) => inDialect(lineOf(it, shop, onHand), shop.units))
    .sort(
      (a, b) =>
        (aislePlace.get(a.aisle) ?? 0) - (aislePlace.get(b.aisle) ?? 0) ||
        a.label.localeCompare(b.label) ||
        (a.colour ?? '').localeCompare(b.colour ?? ''),
    );
  const fittings = fittingsToBuy(atWork);
  return {
    lines,
    fittings,
    cost:
      lines.reduce((sum, it) => sum + it.cost, 0) +
      fittings.reduce((sum, it) => sum + (it.got ? 0 : (it.price ?? 0)), 0),
    placeholders: lines.some((it) => it.placeholder && it.cost > 0),
  };
};

/**
 * What the pieces at work still need, bought together, old stock first. What was put away or sold has
 * taken from the stock too.
 * @param only for this piece alone
 */
export const shoppingFor = (
  { pieces, shop, stock, atWork }: ShopCase,
  today: string,
  only?: string,
): ShoppingList => {
  const own = atWork.filter(({ piece }) => only === undefined || piece.id === only);
  return listOf(
    needsOf(own),
    own.map((it) => it.piece),
    shop,
    { stock, today },
    pieces,
  );
};
