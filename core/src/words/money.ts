import { showDuration, showMoney } from '../units';
import { counted } from './language';

/** How a shop writes its money: ISO 4217, or null where it has set none. */
type Currency = string | null;

/** What a cost or a line of a quote is for. */
export const COST_WORDS = {
  paid: 'Paid for it',
  material: 'Materials',
  worn: 'Gloves, masks, filters',
  disposal: 'Waste to the collection point',
  space: 'Tools and space',
  extra: 'Other costs',
  work: 'Work',
} as const;

/** Decisions that money settles: what is asked, and the two ways. */
export const DECISION_WORDS = {
  veneerOrPaint: {
    question: 'New veneer on top, or paint it?',
    a: 'Paint the top',
    b: 'New veneer on top',
  },
  stripOrPaintOver: {
    question: 'Paint over what is there, or strip it first?',
    a: 'Paint over it',
    b: 'Strip it first',
  },
  primerOrCarcass: {
    question: 'Prime this one, or look for another carcass?',
    a: 'Another that needs no primer',
    b: 'Prime this one',
  },
  fittings: {
    question: 'Keep the fittings, or buy new ones?',
    a: 'Keep the old ones',
    b: 'Buy new ones',
  },
  coatOrTint: {
    question: 'One more coat, or a tinted primer?',
    a: 'White primer, more coats',
    b: 'Tinted primer',
  },
} as const;
export type DecisionId = keyof typeof DECISION_WORDS;

/** The assumption that tips a decision. */
export type Tip =
  /** The dearer way pays from so much more in the price. */
  | { readonly kind: 'price'; readonly at: number }
  /** The way that takes longer and costs less pays below this rate. */
  | { readonly kind: 'rate'; readonly at: number; readonly below: 'a' | 'b' }
  /** Doing it over would have to cost so much. */
  | { readonly kind: 'redo'; readonly at: number }
  /** Another carcass pays below this price. */
  | { readonly kind: 'carcass'; readonly at: number }
  /** New fittings pay below this price for each. */
  | { readonly kind: 'each'; readonly at: number; readonly count: number }
  /** One way is better in everything that was reckoned. */
  | { readonly kind: 'always'; readonly side: 'a' | 'b' };

const sideOf = (id: DecisionId, side: 'a' | 'b'): string => DECISION_WORDS[id][side];

/** "New veneer on top pays from 84.00 more in the price." */
export const tipInWords = (id: DecisionId, tip: Tip, currency: Currency): string => {
  const money = (minor: number) => showMoney(minor, currency);
  switch (tip.kind) {
    case 'price':
      return `“${sideOf(id, 'b')}” pays if it brings at least ${money(tip.at)} more.`;
    case 'rate':
      return `“${sideOf(id, tip.below)}” pays as long as your hour is worth less than ${money(tip.at)}.`;
    case 'redo':
      return `“${sideOf(id, 'b')}” pays if doing it all over would cost you more than ${money(tip.at)}.`;
    case 'carcass':
      return `Another carcass pays below ${money(tip.at)}, if it needs no primer and is alike in the rest.`;
    case 'each':
      return tip.at <= 0
        ? 'New ones cost work as well: keeping the old ones pays at any price.'
        : `New ones pay below ${money(tip.at)} each, for ${counted(tip.count, 'fitting')}.`;
    case 'always':
      return `“${sideOf(id, tip.side)}” pays in any case, as far as money and hours go.`;
  }
};

/** What a quote and its paper say. */
export const QUOTE_WORDS = {
  title: (name: string) => `Quote: ${name}`,
  number: (number: string, on: string) => `Piece ${number} · ${on}`,
  validUntil: (day: string) => `This quote holds until ${day}.`,
  deposit: (sum: string) => `Deposit before work begins: ${sum}.`,
  takes: (minutes: number, days: number) =>
    `About ${showDuration(minutes)} of work; with its drying at least ${counted(days, 'full working day')}.`,
  net: 'Sum without tax',
  tax: (percent: string) => `Tax, ${percent} %`,
  total: 'To pay',
  choose: 'Choose one of these ways.',
  draft:
    'DRAFT: some prices in it are placeholders that nobody has set. Set your own under Prices before you hand it over.',
  notPriced: 'Not priced yet: your hourly rate is not set.',
  terms: 'Terms',
  surprise:
    'Wood surprises: what only shows once the old finish is off is told before it is worked on, and priced anew.',
  asAimed: {
    title: 'As discussed',
    because: 'The finishes that were chosen so far, surface by surface.',
  },
  leaveTitle: 'Leave it as it is',
  leaveBecause: 'Nothing is done to it.',
  freshenTitle: 'Clean and freshen it up',
  freshenBecause: 'The old finish stays; it is cleaned, mended in places and waxed.',
  foot: 'Reckoned from the areas, coats and hours of this piece.',
} as const;

/** Hundredths of a percent as a figure: "20", "7.5". */
export const percentOf = (basisPoints: number): string => String(basisPoints / 100);
