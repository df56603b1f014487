import { ratioOf } from './share';

/** A share of everything, in hundredths of a percent. */
const WHOLE = 10_000;

/** Tax on a net sum, minor units, rounded half up. @param rate hundredths of a percent */
export const taxOn = (net: number, rate: number): number => ratioOf(net, rate, WHOLE);

/** What of a gross sum is not tax. Net and tax of it add up to the gross. */
export const netOf = (gross: number, rate: number): number => ratioOf(gross, WHOLE, WHOLE + rate);

/** The least gross sum whose net is at least so much. */
export const grossFor = (net: number, rate: number): number => {
  let gross = net + taxOn(net, rate);
  while (netOf(gross, rate) < net) gross++;
  while (gross > 0 && netOf(gross - 1, rate) >= net) gross--;
  return gross;
};
