import { z } from 'zod';
import type { Piece, Result } from '../../piece';
import type { UnitSystem } from '../../units';

/** What an entry is about, for whoever looks for it. */
export type HistoryGroup =
  'done' | 'looks' | 'damages' | 'aims' | 'fittings' | 'money' | 'description' | 'revoked';

/**
 * One thing that an entry sets, so that the last one that sets it stands: which, to what, and the
 * change that sets this alone. Additions set nothing: both stay.
 */
export interface ChangedField<C = { readonly kind: string }> {
  readonly name: string;
  readonly value: unknown;
  readonly change: C;
}

/** A change that makes a part of a piece, and when that was, where the piece tells. */
export interface Dated<C = { readonly kind: string }> {
  readonly change: C;
  readonly at?: string | undefined;
  readonly by?: string | undefined;
}

/** What a line of the history needs to know of its piece. */
export interface ToldFor {
  readonly units: UnitSystem;
  readonly surfaceName: (surfaceId: string) => string;
}

/** Takes a change as one version wrote it to the next. It may get anything: what it doesn't know, it leaves. */
export type Up = (before: Readonly<Record<string, unknown>>) => Readonly<Record<string, unknown>>;

/** What a kind of change changes: a piece, the shop, or the record itself. */
export type Subject = 'piece' | 'shop' | 'record';

/** All about one kind of change. What it leaves out, it does not do. */
export interface ChangeKind<C extends { readonly kind: string }, S extends Subject = Subject> {
  readonly about: S;
  readonly group: HistoryGroup;
  /** From version 1 to 2, from 2 to 3 and so on: there are as many versions as steps, and one more. */
  readonly up: readonly Up[];
  /** The piece afterwards, or what forbids it. */
  readonly apply?: (before: Piece, it: C) => Result<Piece>;
  /** The same about the surfaces that stand for those that were merged since. */
  readonly moved?: (it: C, to: (surfaceId: string) => string) => C;
  readonly fields?: (it: C) => readonly ChangedField<C>[];
  /** The one surface that it changes; undefined where it is about several or none. */
  readonly surfaceOf?: (it: C) => string | undefined;
  /** What it puts on a surface by an id of its own. */
  readonly puts?: (it: C) => { readonly id: string; readonly surfaceId: string };
  /** The id of what it takes off a surface. */
  readonly takes?: (it: C) => string;
  /** The changes of this kind that make a piece. */
  readonly madeFrom?: (piece: Piece) => readonly Dated<C>[];
  /** One line of the history. */
  readonly told: (it: C, context: ToldFor) => string;
}

type Schema<K extends string, Shape extends z.ZodRawShape> = z.ZodObject<
  { kind: z.ZodLiteral<K> } & Shape
>;
type Of<K extends string, Shape extends z.ZodRawShape> = z.output<Schema<K, Shape>>;

/** Defines a kind of change by its name, what it holds, and what it does. */
export const changeKind = <K extends string, Shape extends z.ZodRawShape, S extends Subject>(
  kind: K,
  shape: Shape,
  row: ChangeKind<Of<K, Shape> & { readonly kind: K }, S>,
): ChangeKind<Of<K, Shape> & { readonly kind: K }, S> & {
  readonly kind: K;
  readonly schema: Schema<K, Shape>;
} => ({
  ...row,
  kind,
  schema: z.object({ kind: z.literal(kind), ...shape }),
});

export const withoutId = <T extends { id: string }>(list: readonly T[], gone: string): T[] =>
  list.filter((it) => it.id !== gone);

export const hasId = (list: readonly { id: string }[], wanted: string): boolean =>
  list.some((it) => it.id === wanted);

/** With one in its place by its id, or at the end where there is none. */
export const put = <T extends { id: string }>(list: readonly T[], one: T): T[] =>
  hasId(list, one.id) ? list.map((old) => (old.id === one.id ? one : old)) : [...list, one];

/** One of a list, about the surface that stands for its own. */
export const onSurface = <T extends { surfaceId: string }>(
  one: T,
  to: (surfaceId: string) => string,
): T => ({ ...one, surfaceId: to(one.surfaceId) });

/** The same words for several keys are said once. */
export const namesOf = (it: object, words: Readonly<Record<string, string>>): string =>
  [...new Set(Object.keys(it).map((key) => words[key] ?? key))].join(', ');
