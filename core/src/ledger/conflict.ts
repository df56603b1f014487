import { z } from 'zod';
import type { LedgerEntry } from './entry';
import { change, fieldsOf, type Change, type ChangedField } from './kinds';

const side = z.object({
  entryId: z.string(),
  device: z.string(),
  by: z.string(),
  at: z.string(),
  /** Sets this alone: sent again, it is what stands. */
  change,
});

/** One thing that two devices set otherwise while neither knew of the other. */
export const conflict = z.object({
  field: z.string(),
  /** The later in the order of the record. */
  stands: side,
  other: side,
});
export type Conflict = z.infer<typeof conflict>;

interface Setter {
  readonly entry: LedgerEntry;
  readonly field: ChangedField<Change>;
}

const sideOf = ({ entry, field }: Setter): Conflict['stands'] => ({
  entryId: entry.id,
  device: entry.device,
  by: entry.by,
  at: entry.at,
  change: field.change,
});

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/** Did its maker not know of the entry before? What waits on a device is known there. */
export const madeApart = (entry: LedgerEntry, before: LedgerEntry): boolean =>
  before.device !== entry.device && before.seq !== null && entry.baseSeq < before.seq;

/** Who set what last, and against whom, as entries are gone through in order. */
export interface Setters {
  readonly last: ReadonlyMap<string, Setter>;
  readonly against: ReadonlyMap<string, Setter>;
}
export const NO_SETTERS: Setters = { last: new Map(), against: new Map() };

/** Goes on by one entry. One made in the knowledge of both sides settles the matter. */
export const setBy = (before: Setters, entry: LedgerEntry): Setters => {
  const fields = fieldsOf(entry.change);
  if (fields.length === 0) return before;
  const last = new Map(before.last);
  const against = new Map(before.against);
  for (const field of fields) {
    const sides = [before.last.get(field.name), before.against.get(field.name)];
    const unknown = sides.find(
      (it) => it && madeApart(entry, it.entry) && !same(it.field.value, field.value),
    );
    last.set(field.name, { entry, field });
    if (unknown) against.set(field.name, unknown);
    else against.delete(field.name);
  }
  return { last, against };
};

/** What is set otherwise on two devices as things stand. */
export const conflictsIn = ({ last, against }: Setters): Conflict[] =>
  [...against].flatMap(([field, other]) => {
    const stands = last.get(field);
    return stands ? [{ field, stands: sideOf(stands), other: sideOf(other) }] : [];
  });
