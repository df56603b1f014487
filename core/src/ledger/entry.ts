import { z } from 'zod';
import { retiredIn } from '../catalog';
import { id, problemsOf, typedText, type Problem, type Result } from '../piece';
import { brought, change, formOf, readForm } from './kinds';

/** One line of the record: made on a device, sent as often as needed, never edited. */
export const entry = z
  .object({
    /** Made on the device; what is sent twice is known by it. */
    id,
    /** The piece that it is about; null for the shop. */
    pieceId: id.nullable(),
    /** Kind and version of the change: "obrik.observe/1". */
    form: z.string().max(60),
    change,
    /** When it was made, by the clock of the device. */
    at: z.iso.datetime({ message: 'Give the time as UTC, like 2026-01-31T18:20:00Z.' }),
    /** Which device made it. */
    device: id,
    /** Who made it, as far as the device knows. */
    by: typedText().max(80, 'Keep it under 80 letters.').default(''),
    /** Place in the record of the last entry that the device knew of; 0 where it knew none. */
    baseSeq: z.int().min(0).default(0),
  })
  .refine((it) => it.form === formOf(it.change), {
    path: ['form'],
    error: 'Name the form of this kind of change, like "obrik.observe/1".',
  });
export type Entry = z.infer<typeof entry>;

const place = z.object({
  seq: z.int().min(1),
  receivedAt: z.iso.datetime(),
  number: z.int().min(1).nullable(),
});

/** A line of the record: an entry as it was received, its place, and, for a new piece, its ticket number. */
export const recordLine = place.extend({ sent: z.record(z.string(), z.unknown()) });
export type RecordLine = z.infer<typeof recordLine>;

/** An entry in the record, read. */
export type KeptEntry = Entry & z.infer<typeof place>;

/** An entry in the record, or one that still waits on this device to get there. */
export type LedgerEntry = Entry & {
  readonly seq: number | null;
  readonly number: number | null;
};

/** A line that can't be read: kept as it is, and shown as that. */
export const unreadable = z.object({
  seq: z.int().min(1),
  id: z.string(),
  pieceId: z.string().nullable(),
  why: z.string(),
});
export type Unreadable = z.infer<typeof unreadable>;

type Sent = Readonly<Record<string, unknown>>;

const isObject = (it: unknown): it is Sent =>
  typeof it === 'object' && it !== null && !Array.isArray(it);

const nameIn = (it: Sent): string => (typeof it.kind === 'string' ? it.kind : '');

/** Versions that all kinds of change had together, before each had its own. */
const SHARED_VERSIONS = 6;
/** Kinds that were called otherwise then. */
const ONCE_CALLED: Readonly<Record<string, string>> = { takenBack: 'revoke' };

/**
 * An entry in the words of before each kind had its own version. What one of those versions does not
 * tell gets its default, so that all of them are the first version of their kind; an entry that names
 * none is the oldest.
 */
const inTodaysWords = (it: Sent): Sent | Problem => {
  if ('form' in it || !('deed' in it)) return it;
  const { deed, version = 1, knew, ...rest } = it;
  if (!Number.isInteger(version) || Number(version) < 1 || Number(version) > SHARED_VERSIONS) {
    return { path: 'version', message: `No such version. ${SHARED_VERSIONS} was the last.` };
  }
  if (!isObject(deed)) return { path: 'deed', message: 'Say what the entry changes.' };
  const kind = ONCE_CALLED[nameIn(deed)] ?? nameIn(deed);
  return {
    ...rest,
    form: `obrik.${kind}/1`,
    change: { ...deed, kind },
    ...(knew === undefined ? {} : { baseSeq: knew }),
  };
};

const isProblem = (it: Sent | Problem): it is Problem => 'message' in it && 'path' in it;

/** Problems by the names that the sender used. */
const asSent = (problems: readonly Problem[], sent: unknown): readonly Problem[] =>
  isObject(sent) && 'deed' in sent && !('change' in sent)
    ? problems.map((it) => ({ ...it, path: it.path.replace(/^change\b/, 'deed') }))
    : problems;

/**
 * Reads an entry of any version: it is brought to the form of today, kind by kind.
 * @returns the entry, or what is wrong with it, by the names that it uses itself
 */
export const readEntry = (sent: unknown): Result<Entry> => {
  const fail = (...problems: readonly Problem[]): Result<Entry> => ({
    ok: false,
    problems: asSent(problems, sent),
  });
  const told = isObject(sent) ? inTodaysWords(sent) : sent;
  if (isObject(told) && isProblem(told)) return fail(told);
  let today: unknown = told;
  if (isObject(told) && isObject(told.change)) {
    // What names no version is the oldest: never what today's happens to be.
    const named = told.form === undefined ? `obrik.${nameIn(told.change)}/1` : told.form;
    const form = typeof named === 'string' ? readForm(named) : undefined;
    if (!form) {
      return fail({ path: 'form', message: 'Name the form of the change: "obrik.observe/1".' });
    }
    const made = brought(retiredIn(told.change), form);
    if (isProblem(made)) return fail(made);
    today = { ...told, form: formOf({ kind: form.kind } as Entry['change']), change: made };
  }
  const read = entry.safeParse(today);
  return read.success ? { ok: true, value: read.data } : fail(...problemsOf(read.error));
};

/** Reads a line of the record. */
export const readLine = ({ sent, ...at }: RecordLine): Result<KeptEntry> => {
  const read = readEntry(sent);
  return read.ok ? { ok: true, value: { ...read.value, ...at } } : read;
};
