import { showDuration, showMoney } from '@obrik/core/units';
import { counted } from '@obrik/core/words';

export const days = (it: number): string => counted(it, 'day');
export const signed = (it: number, words: string): string => `${it > 0 ? '+' : '−'}${words}`;

/** A change against the route as it is. */
interface Change {
  readonly minutes: number;
  readonly days: number;
  readonly money: number;
}

/** "+1 h 20 min · +1 day · −4.50"; empty where nothing changes. @param currency as the shop writes money */
export const changeInWords = (
  { minutes, days: more, money: cost }: Change,
  currency: string | null,
): string =>
  [
    minutes === 0 ? '' : signed(minutes, showDuration(Math.abs(minutes))),
    more === 0 ? '' : signed(more, days(Math.abs(more))),
    cost === 0 ? '' : signed(cost, showMoney(Math.abs(cost), currency)),
  ]
    .filter(Boolean)
    .join(' · ');
