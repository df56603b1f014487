import { z } from 'zod';
import { MATERIALS } from '../catalog';
import { amount } from './amount';
import { id } from './evidence';
import { typedText } from './text';

/** What a piece was sold for, or what a client paid for the work. */
export const sale = z.object({
  price: amount,
  on: z.iso.date('Give a day like 2026-12-24.'),
  /** Fees and delivery that the shop bore. */
  fees: amount.default(0),
});

/** Something else that was paid for the piece: new fittings, a glazier, fetching it. */
export const extraCost = z.object({
  id,
  text: typedText().trim().min(1, 'Say what for.').max(80, 'Keep it under 80 letters.'),
  amount,
});

/** The money of one piece. What is null nobody has said. */
export const account = z.object({
  /** What was paid for it. */
  paid: amount.nullable().default(null),
  /** What it would bring as it stands, unworked. */
  asItStands: amount.nullable().default(null),
  /** What is hoped or asked for it when it is done; tax included. */
  price: amount.nullable().default(null),
  sold: sale.nullable().default(null),
  extras: z.array(extraCost).max(100, 'A hundred at the most.').default([]),
});
export type Account = z.infer<typeof account>;
export const NO_ACCOUNT: Account = account.parse({});

/** These parts of the account become this; the others stay. */
export const accountPart = z
  .strictObject({
    paid: account.shape.paid.unwrap(),
    asItStands: account.shape.asItStands.unwrap(),
    price: account.shape.price.unwrap(),
    sold: account.shape.sold.unwrap(),
    extras: account.shape.extras.unwrap(),
  })
  .partial();
export type AccountPart = z.infer<typeof accountPart>;

/**
 * How much of a material this piece takes, by somebody who knows better than the reckoning. Kept
 * as a figure beside what was reckoned then, so that it still holds in proportion when work is done
 * or planned anew.
 */
export const ownNeed = z.object({
  material: MATERIALS.id,
  colour: typedText().max(40).nullable().default(null),
  reckoned: z.number().positive('Only what is reckoned can be said otherwise.').max(100_000),
  said: z.number().min(0, 'Not less than nothing.').max(100_000, 'That is too much to be true.'),
});
export type OwnNeed = z.infer<typeof ownNeed>;

/** A colour mixed by parts, kept with the piece that wears it. */
export const recipe = z.object({
  id,
  name: typedText().trim().min(1, 'Give it a name.').max(60, 'Keep it under 60 letters.'),
  parts: z
    .array(
      z.object({
        name: typedText().trim().min(1, 'Say what it is.').max(60, 'Keep it under 60 letters.'),
        parts: z.number('Give a figure.').positive('More than nothing.').max(10_000),
      }),
    )
    .min(1, 'A mix has at least one part.')
    .max(12, 'Twelve parts at the most.'),
  /** Parts by volume, or by mass on a scale. */
  by: z.enum(['volume', 'mass']).default('volume'),
  note: typedText().max(300, 'Keep it under 300 letters.').default(''),
});
export type Recipe = z.infer<typeof recipe>;
