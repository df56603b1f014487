import { z } from 'zod';
import { pieceSummary, recordLine, unreadable } from '../ledger';

/** Entries sent at once at the most. */
export const MOST_ENTRIES = 200;

const problem = z.object({ path: z.string(), message: z.string() });

/** Entries on their way to the record: each of the form "Entry"; one that is not is refused by itself. */
export const sentEntries = z.object({
  entries: z.array(z.record(z.string(), z.unknown())).min(1).max(MOST_ENTRIES),
});

/** What became of one entry. */
const receipt = z.discriminatedUnion('outcome', [
  z.object({
    outcome: z.enum(['stored', 'known']),
    id: z.string(),
    seq: z.int().min(1),
    number: z.int().min(1).nullable(),
  }),
  z.object({
    outcome: z.literal('refused'),
    id: z.string().nullable(),
    problems: z.array(problem),
  }),
]);

/** What became of entries that were sent, one by one, and the time of the server. */
export const receipts = z.object({ receipts: z.array(receipt), now: z.iso.datetime() });
export type Receipts = z.infer<typeof receipts>;

/** Lines as they stand in the record, and those that can't be read. */
export const entriesPage = z.object({
  entries: z.array(recordLine),
  unreadable: z.array(unreadable),
  last: z.int().min(0),
  more: z.boolean(),
});

/** Lines after a place, and which record that place is in: those of another one say nothing about it. */
export const newsPage = entriesPage.extend({ record: z.string() });

/** Cards of the list by ticket number. */
export const cardPage = z.object({ pieces: z.array(pieceSummary), more: z.boolean() });
