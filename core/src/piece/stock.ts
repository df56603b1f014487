import { z } from 'zod';
import { MATERIALS } from '../catalog';
import { amount } from './amount';
import { id } from './evidence';
import { typedText } from './text';

const quantity = z
  .number('Give a figure.')
  .min(0, 'Not less than nothing.')
  .max(10_000, 'That is too much to be true.');
const day = z.iso.date('Give a day like 2026-12-24.');

/** How somebody knows how much is left. */
export const SEEN_BY = ['bought', 'weighed', 'eye'] as const;

/** One container that stands in the shop, as it was last seen. */
export const stocked = z.object({
  id,
  material: MATERIALS.id,
  /** The colour that is in it, as the route names it; null where it has none of its own. */
  colour: typedText().max(40).nullable().default(null),
  /** What stands on it, typed or pasted: code or lot. */
  code: typedText().trim().max(60, 'Keep it under 60 letters.').default(''),
  /** What it holds when it is full, in the unit of the material. */
  size: quantity.min(0.001, 'At least a thousandth of the unit.'),
  /** What was left in it at `seenAt`; what the bench writes down later is taken off. */
  left: quantity,
  seenAt: z.iso.datetime({ message: 'Give the time as UTC, like 2026-01-31T18:20:00Z.' }),
  seenBy: z.enum(SEEN_BY).default('bought'),
  boughtOn: day.nullable().default(null),
  openedOn: day.nullable().default(null),
  /** Best before; null where nobody knows: then the shelf life of its kind counts from the day it was bought. */
  keepsUntil: day.nullable().default(null),
  place: typedText().trim().max(60, 'Keep it under 60 letters.').default(''),
  /** What was paid for it, minor units; null where nobody knows. */
  paid: amount.nullable().default(null),
  /** Thrown away or used up: out of the stock, kept in the record. */
  gone: z.boolean().default(false),
});
export type Stocked = z.infer<typeof stocked>;

type Part = Exclude<keyof Stocked, 'id'>;

/** What is seen of a container at one look: two who look at different things don't contradict each other. */
const LOOK_OF: Readonly<Record<Part, 'what' | 'level' | 'opened' | 'place' | 'gone'>> = {
  material: 'what',
  colour: 'what',
  code: 'what',
  size: 'what',
  boughtOn: 'what',
  keepsUntil: 'what',
  paid: 'what',
  left: 'level',
  seenAt: 'level',
  seenBy: 'level',
  openedOn: 'opened',
  place: 'place',
  gone: 'gone',
};
const PARTS = Object.keys(LOOK_OF) as Part[];

type Shape = Omit<typeof stocked.shape, 'id'>;
type Named = {
  [K in Part]: z.ZodOptional<Shape[K] extends z.ZodDefault<infer Inner> ? Inner : Shape[K]>;
};

/** What is told of a container, by its id; what is not named stays as it was. */
export const stockedPart = z.object({
  id,
  ...(Object.fromEntries(
    PARTS.map((part) => {
      const shape = stocked.shape[part];
      return [part, z.optional(shape instanceof z.ZodDefault ? shape.unwrap() : shape)];
    }),
  ) as unknown as Named),
});
export type StockedPart = z.infer<typeof stockedPart>;

/** What is told of a container, look by look. */
export const looksIn = (
  it: StockedPart,
): readonly { readonly look: string; readonly part: StockedPart }[] =>
  [...new Set(Object.values(LOOK_OF))].flatMap((look) => {
    const own = PARTS.filter((part) => LOOK_OF[part] === look && it[part] !== undefined);
    if (own.length === 0) return [];
    return [{ look, part: { id: it.id, ...Object.fromEntries(own.map((one) => [one, it[one]])) } }];
  });

/** The stock with what is told of its containers. One that is not there comes in where it is told whole. */
export const withStocked = (
  stock: readonly Stocked[],
  told: readonly StockedPart[],
): readonly Stocked[] =>
  told.reduce<readonly Stocked[]>((all, part) => {
    const old = all.find((it) => it.id === part.id);
    if (old) return all.map((it) => (it === old ? { ...old, ...part } : it));
    const fresh = stocked.safeParse(part);
    return fresh.success ? [...all, fresh.data] : all;
  }, stock);
