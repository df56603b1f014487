import { showDuration } from '@obrik/core/units';

export const days = (it: number): string => `${it} ${it === 1 ? 'day' : 'days'}`;
export const money = (minor: number): string => (minor / 100).toFixed(2);
export const signed = (it: number, words: string): string => `${it > 0 ? '+' : '−'}${words}`;

/** A change against the route as it is. */
interface Change {
  readonly minutes: number;
  readonly days: number;
  readonly money: number;
}

/** "+1 h 20 min · +1 day · −4.50"; empty where nothing changes. */
export const changeInWords = ({ minutes, days: more, money: cost }: Change): string =>
  [
    minutes === 0 ? '' : signed(minutes, showDuration(Math.abs(minutes))),
    more === 0 ? '' : signed(more, days(Math.abs(more))),
    cost === 0 ? '' : signed(cost, money(Math.abs(cost))),
  ]
    .filter(Boolean)
    .join(' · ');
