import type { Minute } from '../../climate';
import type { Aim, Piece, Shop } from '../../piece';
import { benchOf } from './clockView';
import type { Held } from '../model/fromRoutes';
import { weekdayOf } from '../../clock';
import { clockDays } from '../calendar/hours';
import { planShop } from '../solver/shopPlan';

/** Something that could be otherwise in the shop. */
export const WHAT_IFS = [
  'heat',
  'fan',
  'secondPerson',
  'saturday',
  'sunday',
  'waterbased',
  'startSaturday',
] as const;
export type ShopWhatIf = (typeof WHAT_IFS)[number];

/** What it would bring: the end of all work before and after; null where some of it is stalled. */
export interface WhatItBrings {
  readonly kind: ShopWhatIf;
  readonly before: Minute | null;
  readonly after: Minute | null;
}

const HEATED = { watt: 3000, toCelsius: 20 } as const;
const A_DAY = [{ from: 9 * 60, to: 17 * 60 }];

const withDay = (shop: Shop, weekday: number): Shop | null => {
  const free = shop.people.filter((it) => it.hours[weekday]?.length === 0);
  if (free.length === 0) return null;
  const people = shop.people.map((it) =>
    free.includes(it)
      ? { ...it, hours: it.hours.map((day, index) => (index === weekday ? [...A_DAY] : day)) }
      : it,
  );
  return { ...shop, people };
};

/** The shop as it would be; null where it is so already. */
const otherShop = (
  shop: Shop,
  kind: Exclude<ShopWhatIf, 'waterbased' | 'startSaturday'>,
): Shop | null => {
  switch (kind) {
    case 'heat':
      if (shop.air.kind === 'steady') {
        return shop.airCelsius >= HEATED.toCelsius
          ? null
          : { ...shop, airCelsius: HEATED.toCelsius };
      }
      return shop.spaces.every((it) => (it.heater?.toCelsius ?? 0) >= HEATED.toCelsius)
        ? null
        : { ...shop, spaces: shop.spaces.map((it) => ({ ...it, heater: { ...HEATED } })) };
    case 'fan':
      return shop.spaces.every((it) => it.movement === 'fan')
        ? null
        : { ...shop, spaces: shop.spaces.map((it) => ({ ...it, movement: 'fan' as const })) };
    case 'secondPerson': {
      const [first] = shop.people;
      return shop.people.length >= 6 || !first
        ? null
        : {
            ...shop,
            people: [...shop.people, { ...first, id: 'what-if', name: 'A second person' }],
          };
    }
    case 'saturday':
      return withDay(shop, 5);
    case 'sunday':
      return withDay(shop, 6);
  }
};

/** An aim with water-based coats where it had oil-based ones; the same where it had none. */
const waterbased = (aim: Aim): Aim => {
  const { scheme } = aim;
  switch (scheme.kind) {
    case 'painted': {
      const topcoat = scheme.topcoat === 'oil' ? ('waterborne' as const) : scheme.topcoat;
      return scheme.paint === 'oilEnamel'
        ? { ...aim, scheme: { ...scheme, paint: 'cabinetEnamel', topcoat } }
        : { ...aim, scheme: { ...scheme, topcoat } };
    }
    case 'stained':
      return {
        ...aim,
        scheme: {
          ...scheme,
          // What is left open is oil-based.
          stain: (scheme.stain ?? 'oil') === 'oil' ? 'water' : scheme.stain,
          topcoat: scheme.topcoat === 'oil' ? 'waterborne' : scheme.topcoat,
        },
      };
    case 'clear':
      return scheme.topcoat === 'oil'
        ? { ...aim, scheme: { ...scheme, topcoat: 'waterborne' } }
        : aim;
    default:
      return aim;
  }
};

/** What is planned: the pieces in a shop, from a day on. */
interface Planned {
  readonly pieces: readonly Piece[];
  readonly shop: Shop;
  /** Nothing that has not begun begins before; undefined where it may at once. */
  readonly notBefore?: Minute;
}

const SATURDAY = 5;
const A_WEEK = 8;

/** When next Saturday begins; undefined where it is Saturday. */
const nextSaturday = (shop: Shop, now: Minute): Minute | undefined => {
  const days = clockDays(now, A_WEEK, shop.timeZone);
  const today = days.findLast((it) => it.midnight <= now);
  if (!today || weekdayOf(today.day) === SATURDAY) return undefined;
  return days.find((it) => it.midnight > now && weekdayOf(it.day) === SATURDAY)?.midnight;
};

/** Everything as it would be; null where it is so already. */
export const otherShops = (
  { pieces, shop }: Planned,
  kind: ShopWhatIf,
  now: Minute,
): Planned | null => {
  switch (kind) {
    case 'waterbased': {
      const other = pieces.map((it) => ({ ...it, aims: it.aims.map(waterbased) }));
      return JSON.stringify(other.map((it) => it.aims)) ===
        JSON.stringify(pieces.map((it) => it.aims))
        ? null
        : { pieces: other, shop };
    }
    case 'startSaturday': {
      const notBefore = nextSaturday(shop, now);
      return notBefore === undefined ? null : { pieces, shop, notBefore };
    }
    default: {
      const other = otherShop(shop, kind);
      return other ? { pieces, shop: other } : null;
    }
  }
};

/** Rounds for each of the plans that are compared: alike for all, so that none is favoured. */
const ROUNDS = 15;

/** What each change would bring for the end of all work. */
export const whatTheyBring = (
  pieces: readonly Piece[],
  shop: Shop,
  now: Minute,
): readonly WhatItBrings[] => {
  const finishIn = (it: Planned): Minute | null => {
    const bench = benchOf(it.pieces, it.shop, now);
    const held: Held = new Map(
      it.notBefore === undefined
        ? []
        : bench.flatMap(({ piece, route }) =>
            route.operations.map((one) => [`${piece.id}/${one.id}`, it.notBefore ?? now] as const),
          ),
    );
    return planShop(bench, it.shop, now, { objective: 'finish', seed: 1, rounds: ROUNDS, held })
      .finish;
  };
  const before = finishIn({ pieces, shop });
  return WHAT_IFS.flatMap((kind) => {
    const other = otherShops({ pieces, shop }, kind, now);
    return other ? [{ kind, before, after: finishIn(other) }] : [];
  });
};
