import type { Minute } from '../climate';
import type { Piece, Shop } from '../piece';
import { benchOf } from './clockView';
import { planShop } from './shopPlan';

/** Something that could be otherwise in the shop. */
export const WHAT_IFS = ['heat', 'fan', 'secondPerson', 'saturday', 'sunday'] as const;
export type ShopWhatIf = (typeof WHAT_IFS)[number];

/** What it would bring: the end of all work before and after. */
export interface WhatItBrings {
  readonly kind: ShopWhatIf;
  readonly before: Minute;
  readonly after: Minute;
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
export const otherwise = (shop: Shop, kind: ShopWhatIf): Shop | null => {
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

/** Rounds for each of the plans that are compared: alike for all, so that none is favoured. */
const ROUNDS = 15;

/** What each change would bring for the end of all work. */
export const whatTheyBring = (
  pieces: readonly Piece[],
  shop: Shop,
  now: Minute,
): readonly WhatItBrings[] => {
  const finishIn = (it: Shop): Minute =>
    planShop(benchOf(pieces, it, now), it, now, { objective: 'finish', seed: 1, rounds: ROUNDS })
      .answer.outcome.finish;
  const before = finishIn(shop);
  return WHAT_IFS.flatMap((kind) => {
    const other = otherwise(shop, kind);
    return other ? [{ kind, before, after: finishIn(other) }] : [];
  });
};
