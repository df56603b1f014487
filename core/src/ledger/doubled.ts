import { z } from 'zod';
import type { DoneWork } from '../piece';
import { madeApart } from './conflict';
import type { LedgerEntry } from './entry';
import type { Change } from './kinds';

const who = z.object({ device: z.string(), by: z.string(), at: z.string() });

/** Work that two devices put on record, neither knowing of the other: one counts, and people are told which. */
export const doubled = z.object({
  /** The entry of which this work does not count. */
  entryId: z.string(),
  title: z.string(),
  /** Whose does not count, and whose does. */
  notCounted: who,
  counts: who,
});
export type Doubled = z.infer<typeof doubled>;

/** Who put work on record last, by the key of its task. */
export type Doers = ReadonlyMap<string, { readonly entry: LedgerEntry; readonly done: DoneWork }>;

const whoOf = ({ device, by, at }: LedgerEntry) => ({ device, by, at });

/** What of an entry counts, who has put what on record by then, and what does not count. */
export interface Sifted {
  readonly change: Change;
  /** Ids of work that is gone: it was begun by somebody, and done by somebody else who did not know. */
  readonly gone: readonly string[];
  readonly doers: Doers;
  readonly doubled: readonly Doubled[];
}

/**
 * Takes out of an entry what somebody else had put on record already, without its maker knowing. Work
 * that was done beats work that was begun; else what came first counts.
 */
export const sifted = (before: Doers, entry: LedgerEntry): Sifted => {
  const { change } = entry;
  if (change.kind !== 'did') return { change, gone: [], doers: before, doubled: [] };
  const doers = new Map(before);
  const counted: DoneWork[] = [];
  const gone: string[] = [];
  const twice = new Map<string, Doubled>();
  for (const done of change.done) {
    const known = before.get(done.taskKey);
    const isTwice = known && known.done.id !== done.id && madeApart(entry, known.entry);
    const beats = isTwice && known.done.endedAt === null && done.endedAt !== null;
    if (isTwice) {
      const [counts, not] = beats ? [entry, known.entry] : [known.entry, entry];
      twice.set(`${not.id}/${done.title}`, {
        entryId: not.id,
        title: done.title || done.taskKey,
        notCounted: whoOf(not),
        counts: whoOf(counts),
      });
    }
    if (isTwice && !beats) continue;
    if (beats) gone.push(known.done.id);
    counted.push(done);
    doers.set(done.taskKey, { entry, done });
  }
  return { change: { ...change, done: counted }, gone, doers, doubled: [...twice.values()] };
};
