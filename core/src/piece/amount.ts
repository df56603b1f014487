import { z } from 'zod';

/** More than this no bench pays or asks: ten million in most currencies. */
export const MOST_MONEY = 1_000_000_000;

/** Money: whole minor units of the shop's currency, such as cents. Never a float. */
export const amount = z
  .int('Give an amount of money.')
  .min(0, 'Not less than nothing.')
  .max(MOST_MONEY, 'That is too much to be true.');

/** Hundredths of a percent: 2000 is 20 %. Whole, so that tax is reckoned without floats. */
export const basisPoints = z
  .int('Give a share in percent.')
  .min(0, 'Not less than 0 %.')
  .max(10_000, 'Not more than 100 %.');
