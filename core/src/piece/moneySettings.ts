import { z } from 'zod';
import { amount, basisPoints } from './amount';
import { typedText } from './text';

/** Does the runtime's currency table have this code? A made-up one is taken, but has no sign. */
const isCurrency = (code: string): boolean => {
  try {
    new Intl.NumberFormat('en', { style: 'currency', currency: code });
    return true;
  } catch {
    return false;
  }
};

/** What the shop reckons with. What is null nobody has said yet: nothing is invented for it. */
export const moneySettings = z.object({
  /** ISO 4217; null: figures are shown without a sign. */
  currency: z
    .string()
    .length(3, 'A code of three letters, like EUR.')
    .refine(isCurrency, 'No such currency. Give a code of three letters, like EUR.')
    .nullable()
    .default(null),
  /** Tax on what is sold and quoted, in hundredths of a percent; 0 where none is charged. */
  tax: basisPoints.default(0),
  /** What an hour of own work is wanted to earn. */
  rateAnHour: amount.nullable().default(null),
  /** What an hour of tools and space costs: rent, heat, wear. */
  spaceAnHour: amount.nullable().default(null),
  /** What it costs to get rid of sludge, rags and dust of one piece. */
  disposalAPiece: amount.nullable().default(null),
  /** Asked of a client before work begins, in hundredths of a percent of the whole. */
  deposit: basisPoints.default(0),
  /** A quote holds for so many days. */
  quoteDays: z.int().min(1).max(365).default(30),
  /** Terms that stand under every quote, in the shop's own words. */
  terms: typedText().max(2000, 'Keep it under 2000 letters.').default(''),
});
export type MoneySettings = z.infer<typeof moneySettings>;
