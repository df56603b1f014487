import { COATINGS, DRYING, LABEL_AIR, type Coating } from '../../catalog';
import { airAt, misfitsFor, type Minute } from '../../climate';
import { topcoatCoating } from '../../coating';
import { paintClass, space, topcoat, type Aim, type Piece, type Shop } from '../../piece';
import { benchOf } from './clockView';
import { heldByAir, type HeldByAir } from './heldByAir';
import { planShop, type ShopPlan } from '../solver/shopPlan';
import { upsetBy, type UpsetRecord } from './upset';

/** What can be done about it. */
export type AirRemedy =
  | { readonly kind: 'heater'; readonly watt: number; readonly toCelsius: number }
  | { readonly kind: 'indoors'; readonly toCelsius: number }
  | { readonly kind: 'material'; readonly coating: Coating };

/** A remedy that was tried: the same plan, made the same way, with it. */
export interface TriedRemedy {
  readonly remedy: AirRemedy;
  /** When the piece is done with it. */
  readonly done: Minute;
  /** What puts it on record. */
  readonly recorded: readonly UpsetRecord[];
}

/** What the air holds up on a piece, and what would help. */
export interface AirHelp {
  readonly held: HeldByAir;
  /** When the piece is done if nothing is done about it; null where it has no end. */
  readonly asItIs: Minute | null;
  /** Soonest first; those that bring nothing are left out. */
  readonly tried: readonly TriedRemedy[];
}

/** A heater such as many have, and the warmth at which coats are laid without a thought (J). */
const HEATER = { watt: 3000, toCelsius: 20 } as const;
const INDOORS = { watt: 2000, toCelsius: 20 } as const;
/** What paint is taken where an aim leaves it open. */
const USUAL_PAINT: Coating = 'cabinetEnamel';
/** Rounds for each of the plans that are compared: alike for all, so that none is favoured. */
const ROUNDS = 10;

const inShop = (settings: Partial<Shop>): readonly UpsetRecord[] => [{ pieceId: null, settings }];

/** Heats where coats are laid; nothing where it is heated. */
const heated = ({ air, airCelsius, spaces }: Shop): readonly UpsetRecord[] => {
  if (air.kind === 'steady') {
    return airCelsius >= HEATER.toCelsius ? [] : inShop({ airCelsius: HEATER.toCelsius });
  }
  const isWarm = (it: Shop['spaces'][number]): boolean =>
    !it.wet || (it.heater?.toCelsius ?? 0) >= HEATER.toCelsius;
  return spaces.every(isWarm)
    ? []
    : inShop({
        spaces: spaces.map((it) => (isWarm(it) ? it : { ...it, heater: { ...HEATER } })),
      });
};

/** So many spaces a shop has at the most. */
const MOST_SPACES = 6;

/** Adds a heated room for coats; nothing where there is one, or where air is as typed everywhere. */
const indoors = ({ air, spaces }: Shop): readonly UpsetRecord[] => {
  const isThere = spaces.some((it) => it.wet && it.room === 'house' && it.heater !== null);
  if (air.kind === 'steady' || isThere || spaces.length >= MOST_SPACES) return [];
  const room = space.parse({
    id: 'indoors',
    name: 'Room in the house',
    room: 'house',
    dust: false,
    spray: false,
    heater: INDOORS,
  });
  return inShop({ spaces: [...spaces.filter((it) => it.id !== room.id), room] });
};

/** Does a coating go on and dry at this temperature? */
const standsCold = (coating: Coating, celsius: number): boolean => {
  const stalls = DRYING.get(COATINGS.get(coating).mechanism).stallsBelow;
  const wrong = misfitsFor(coating, { celsius, humidity: LABEL_AIR.humidity });
  return (stalls === null || celsius >= stalls) && !wrong.some((it) => it.kind === 'cold');
};

/** An aim with another material where it has this one; the same where it has not. */
const SWAPS: readonly {
  readonly coating: Coating;
  readonly swap: (it: Aim, of: Coating) => Aim;
}[] = [
  ...paintClass.options.map((paint) => ({
    coating: paint,
    swap: (it: Aim, of: Coating): Aim =>
      it.scheme.kind === 'painted' && (it.scheme.paint ?? USUAL_PAINT) === of
        ? { ...it, scheme: { ...it.scheme, paint } }
        : it,
  })),
  ...topcoat.options.flatMap((option) =>
    option === 'none' || option === 'wax'
      ? []
      : [
          {
            coating: topcoatCoating(option),
            swap: (it: Aim, of: Coating): Aim => {
              const { scheme } = it;
              const own = 'topcoat' in scheme ? scheme.topcoat : 'none';
              return own !== 'none' && topcoatCoating(own) === of
                ? { ...it, scheme: { ...scheme, topcoat: option } as Aim['scheme'] }
                : it;
            },
          },
        ],
  ),
];

/** Other classes of material that stand this cold, in place of the one that is held up. */
const otherMaterials = (
  { id, aims }: Piece,
  held: Coating,
  celsius: number,
): readonly { readonly remedy: AirRemedy; readonly recorded: readonly UpsetRecord[] }[] =>
  SWAPS.flatMap(({ coating, swap }) => {
    const other = aims.map((it) => swap(it, held)).filter((it, index) => it !== aims[index]);
    if (coating === held || other.length === 0 || !standsCold(coating, celsius)) return [];
    const surfaceIds = other.map((it) => it.surfaceId);
    const change = { kind: 'aim' as const, surfaceIds, aims: other };
    return [{ remedy: { kind: 'material', coating }, recorded: [{ pieceId: id, change }] }];
  });

/**
 * What the air holds up on a piece, until about when, and what would help: each remedy is tried with a
 * plan of the whole shop, made in the same way as the plan without it, so that dates compare.
 * @returns undefined where the air holds up nothing on it for long
 */
export const airHelp = (
  pieceId: string,
  pieces: readonly Piece[],
  shop: Shop,
  now: Minute,
): AirHelp | undefined => {
  const planWith = (recorded: readonly UpsetRecord[]): ShopPlan => {
    const other = upsetBy(recorded, pieces, shop);
    return planShop(benchOf(other.pieces, other.shop, now), other.shop, now, {
      objective: 'finish',
      seed: 1,
      rounds: ROUNDS,
    });
  };
  const doneIn = (plan: ShopPlan): Minute | null =>
    plan.timetable.done.find((it) => it.pieceId === pieceId)?.at ?? null;
  const plan = planWith([]);
  const held = heldByAir(plan, shop).find((it) => it.pieceId === pieceId);
  const piece = pieces.find((it) => it.id === pieceId);
  const [air] = plan.of.airs;
  if (!held || !piece || !air) return undefined;
  const asItIs = doneIn(plan);
  const remedies: readonly {
    readonly remedy: AirRemedy;
    readonly recorded: readonly UpsetRecord[];
  }[] = [
    { remedy: { kind: 'heater', ...HEATER }, recorded: heated(shop) },
    { remedy: { kind: 'indoors', toCelsius: INDOORS.toCelsius }, recorded: indoors(shop) },
    ...otherMaterials(piece, held.coating, airAt(air, now).celsius),
  ];
  return {
    held,
    asItIs,
    tried: remedies
      .flatMap((it): TriedRemedy[] => {
        if (it.recorded.length === 0) return [];
        const done = doneIn(planWith(it.recorded));
        return done !== null && (asItIs === null || done < asItIs) ? [{ ...it, done }] : [];
      })
      .sort((a, b) => a.done - b.done),
  };
};
