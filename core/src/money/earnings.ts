import { HOUR } from '../units';
import { z } from 'zod';
import type { Account, MoneySettings } from '../piece';
import type { PieceCost } from './cost';
import { ratioOf } from './share';
import { grossFor, netOf } from './tax';

/** What a piece earns, minor units; null where something is missing that nobody has said. */
export const earnings = z.object({
  /** Sold, or hoped for; null where neither was said. */
  price: z.int().nullable(),
  isSold: z.boolean(),
  /** Of the price: the part that is tax. */
  tax: z.int(),
  fees: z.int(),
  /** What is left for the hours: price without tax, less fees and all costs. */
  left: z.int().nullable(),
  /** Done and still to come, minutes. */
  minutes: z.int(),
  /** What an hour earns: what is left ÷ hours. */
  anHour: z.int().nullable(),
  /** The least price at which an hour earns the wanted rate; tax included. */
  floorPrice: z.int().nullable(),
  /** What the next hours earn: what finishing adds to what the piece would bring as it stands, ÷ hours still to come. */
  nextHour: z.int().nullable(),
  /** Nobody said what it would bring as it stands: it counts as nothing. */
  asItStandsUnknown: z.boolean(),
});
export type Earnings = Readonly<z.infer<typeof earnings>>;

/**
 * What a piece earns by the hour, what it has to bring, and whether going on pays. What was spent is
 * gone either way: the next hour counts only what finishing adds and still costs.
 */
export const earningsOf = (
  cost: PieceCost,
  account: Account,
  { tax: rate, rateAnHour }: MoneySettings,
): Earnings => {
  const { sold, asItStands } = account;
  const price = sold?.price ?? account.price;
  const fees = sold?.fees ?? 0;
  const minutes = cost.hours.done + cost.hours.toCome;
  const net = price === null ? null : netOf(price, rate);
  const left = net === null ? null : net - fees - cost.expected;
  const toCome = cost.hours.toCome;
  return {
    price,
    isSold: sold !== null,
    tax: price === null || net === null ? 0 : price - net,
    fees,
    left,
    minutes,
    anHour: left === null || minutes === 0 ? null : ratioOf(left, HOUR, minutes),
    floorPrice:
      rateAnHour === null
        ? null
        : grossFor(cost.expected + fees + ratioOf(rateAnHour, minutes, HOUR), rate),
    nextHour:
      net === null || sold !== null || toCome === 0
        ? null
        : ratioOf(net - netOf(asItStands ?? 0, rate) - cost.toCome, HOUR, toCome),
    asItStandsUnknown: asItStands === null,
  };
};
