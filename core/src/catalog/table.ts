import { z } from 'zod';

/** Row of a catalog table. */
export interface Row<Id extends string> {
  readonly id: Id;
}

/** A catalog table: its rows in order, and by id. */
export interface Table<R extends Row<string>> {
  readonly rows: readonly R[];
  readonly ids: readonly [R['id'], ...R['id'][]];
  /** Schema of an id of this table. */
  readonly id: z.ZodEnum<{ [Id in R['id']]: Id }>;
  get(id: R['id']): R;
}

/**
 * Makes a catalog table of rows.
 * @throws Error where an id stands twice or the table is empty: a mistake in the catalog itself
 */
export const table = <const R extends Row<string>>(rows: readonly R[]): Table<R> => {
  const byId = new Map<string, R>(rows.map((row) => [row.id, row]));
  const [first, ...others] = rows.map((row) => row.id as R['id']);
  if (first === undefined || byId.size !== rows.length) {
    throw new Error('A catalog table needs rows, each with an id of its own.');
  }
  const ids: [R['id'], ...R['id'][]] = [first, ...others];
  return {
    rows,
    ids,
    id: z.enum(ids),
    get: (id) => {
      const row = byId.get(id);
      if (!row) throw new Error(`The catalog has no row "${id}".`);
      return row;
    },
  };
};
