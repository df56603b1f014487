import {
  admitToPiece,
  extendFold,
  foldEntries,
  formOf,
  type Change,
  type Entry,
} from '@obrik/core/ledger';
import { good, type Problem, type Result } from '@obrik/core/piece';
import { nanoid } from '@reduxjs/toolkit';
import { aboutOf, deviceId, personName, shopNow, theDevice } from '@/device';
import { foldHere, lastSeqOf } from './reading';

/** What became of what was to be recorded, all of it or nothing. */
export type RecordOutcome =
  | { readonly ok: true; readonly entryIds: readonly string[] }
  | { readonly ok: false; readonly problems: readonly Problem[] };

/** Taps that follow each other this closely and say the same are one tap, ms. */
const ONE_TAP = 700;

const recent = new Map<string, { readonly at: number; readonly result: Promise<RecordOutcome> }>();

/** What a tap says, whatever ids and times were made for it. */
const meaningOf = (pieceId: string | null, changes: readonly Change[]): string =>
  JSON.stringify([pieceId, changes], (key, value: unknown) =>
    key === 'id' || key === 'at' ? undefined : value,
  );

const NO_ROOM = /Quota/i;

const whyNot = (error: unknown): RecordOutcome => ({
  ok: false,
  problems: [
    {
      path: '',
      message: NO_ROOM.test(String(error))
        ? 'This device has no room left. Make room; what you typed stays here.'
        : 'This device could not save that. What you typed stays here; try again.',
    },
  ],
});

/** Entries about one thing as they are made here, or what forbids one of them. */
const entriesFor = async (
  pieceId: string | null,
  changes: readonly Change[],
): Promise<Result<readonly Entry[]>> => {
  if (changes.length === 0) return good([]);
  const device = await theDevice();
  const made = { at: shopNow().toISOString(), by: personName() };
  const whose = { device: await deviceId(), baseSeq: await lastSeqOf(device, aboutOf(pieceId)) };
  const entries = changes.map((change): Entry => ({
    id: nanoid(),
    pieceId,
    form: formOf(change),
    change,
    ...made,
    ...whose,
  }));
  let fold = pieceId === null ? undefined : await foldHere(device, pieceId);
  for (const entry of entries) {
    // A piece that this device knows by its card only is judged by the shop.
    if (!fold && entry.change.kind !== 'takenIn') continue;
    const problems = admitToPiece(fold, entry);
    if (problems.length > 0) return { ok: false, problems };
    const waiting = { ...entry, seq: null, number: null };
    fold = fold ? extendFold(fold, waiting) : foldEntries([waiting]);
  }
  return good(entries);
};

const put = async (
  pieceId: string | null,
  changes: readonly Change[],
  ofShop: readonly Change[],
): Promise<RecordOutcome> => {
  const device = await theDevice();
  const made = await entriesFor(pieceId, changes);
  const beside = await entriesFor(null, ofShop);
  if (!made.ok) return made;
  if (!beside.ok) return beside;
  // Together, or not at all: whoever watches sees one change.
  const rows = [...made.value, ...beside.value].map((entry) => ({
    id: entry.id,
    about: aboutOf(entry.pieceId),
    sent: { ...entry },
    refused: null,
  }));
  await device.transaction('rw', device.outbox, () => device.outbox.bulkAdd(rows));
  return { ok: true, entryIds: made.value.map((it) => it.id) };
};

/**
 * Records changes, all or none: they are safe on this device when this resolves, and go to the shop by
 * themselves. A second tap that says the same at once is the first.
 * @param pieceId the piece that they are about; null for the shop
 * @param ofShop what changes in the shop by it: recorded in the same go
 */
export const recordWith = (
  pieceId: string | null,
  changes: readonly Change[],
  ofShop: readonly Change[] = [],
): Promise<RecordOutcome> => {
  const meaning = meaningOf(pieceId, [...changes, ...ofShop]);
  const now = performance.now();
  const before = recent.get(meaning);
  if (before && now - before.at < ONE_TAP) return before.result;
  const result = put(pieceId, changes, ofShop).catch(whyNot);
  recent.clear();
  recent.set(meaning, { at: now, result });
  return result;
};

/** Records changes about one thing. */
export const record = (
  pieceId: string | null,
  ...changes: readonly Change[]
): Promise<RecordOutcome> => recordWith(pieceId, changes);

/** Takes an entry that the shop refused off the list, for good. */
export const discardEntry = async (id: string): Promise<void> => {
  await (await theDevice()).outbox.where('id').equals(id).delete();
};

/** Sends an entry that was refused once more. */
export const retryEntry = async (id: string): Promise<void> => {
  await (await theDevice()).outbox.where('id').equals(id).modify({ refused: null });
};

/** Drops a photo that the shop refused, for good. */
export const discardPhoto = async (id: string): Promise<void> => {
  await (await theDevice()).photos.delete(id);
};

const TYPES: readonly string[] = ['image/jpeg', 'image/png', 'image/webp'];

/** Can the browser show it? One that can't is told now, not when the shop refuses it. */
const isPicture = async (file: Blob): Promise<boolean> => {
  if (!TYPES.includes(file.type)) return false;
  if (typeof createImageBitmap === 'undefined') return true;
  try {
    (await createImageBitmap(file)).close();
    return true;
  } catch {
    return false;
  }
};

/** What became of a photo. */
export type PhotoRecorded =
  | { readonly ok: true; readonly photoId: string }
  | { readonly ok: false; readonly problem: string };

/** Saves a photo here; it goes to the shop by itself. */
export const recordPhoto = async (pieceId: string, file: Blob): Promise<PhotoRecorded> => {
  if (!(await isPicture(file))) {
    const problem =
      'That is no picture that can be kept. Send a photo as JPEG, PNG or WebP; on phones choose “most compatible” as the picture format.';
    return { ok: false, problem };
  }
  try {
    const photoId = nanoid();
    const bytes = await file.arrayBuffer();
    const { photos } = await theDevice();
    await photos.add({ id: photoId, pieceId, type: file.type, bytes, refused: null });
    return { ok: true, photoId };
  } catch (error) {
    const result = whyNot(error);
    return { ok: false, problem: result.ok ? '' : (result.problems[0]?.message ?? '') };
  }
};
