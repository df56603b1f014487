import { RETIRED_SO_FAR } from '@obrik/core/catalog';
import {
  foldEntries,
  foldShop,
  formOf,
  ledgerOf,
  readEntry,
  readLine,
  summaryOf,
  type Change,
  type Entry,
  type KeptEntry,
  type LedgerEntry,
  type PieceFold,
  type PieceLedger,
  type RecordLine,
  type ShopLedger,
} from '@obrik/core/ledger';
import {
  ABOUT_SHOP,
  OUTDATED,
  aboutOf,
  cardsInOrder,
  theDevice,
  type ListCard,
  type Device,
  type HeldEntry,
  type WaitingEntry,
  type WaitingPhoto,
} from '@/device';

/*
 * What is read here is given the open device: Dexie sees what a live reading depends on only where
 * nothing else was waited for before.
 */

/** Was it read in the form of today? An older page may have put it here. */
const isOfToday = (it: { readonly form?: string; readonly change?: Change }): boolean =>
  it.change !== undefined && it.form === formOf(it.change);

/** A line as this device holds it from today on. */
export const heldAs = (line: RecordLine, entry: KeptEntry): HeldEntry => ({
  seq: line.seq,
  about: aboutOf(entry.pieceId),
  line,
  entry,
  reading: RETIRED_SO_FAR,
});

/** What this device holds of a line; undefined where it can't be read any more. */
const heldEntry = ({ entry, line, reading }: HeldEntry): KeptEntry | undefined => {
  if (reading === RETIRED_SO_FAR && isOfToday(entry)) return entry;
  const read = readLine(line);
  return read.ok ? read.value : undefined;
};

/** What waits here, read; undefined where that can't be done. */
const waitingEntry = ({ sent }: WaitingEntry): Entry | undefined => {
  const read = readEntry(sent);
  return read.ok ? read.value : undefined;
};

/** All that this device has on something: what stands in the record, then what waits here. */
const entriesAbout = (device: Device, about: string): Promise<readonly LedgerEntry[]> =>
  device.transaction('r', device.entries, device.outbox, async () => {
    const held = await device.entries.where('about').equals(about).sortBy('seq');
    const own = await device.outbox.where('about').equals(about).sortBy('order');
    const known = new Set(held.map((it) => it.entry.id));
    return [
      ...held.flatMap((it) => heldEntry(it) ?? []),
      ...own
        .filter((it) => it.refused === null && !known.has(it.id))
        .flatMap((it): LedgerEntry[] => {
          const entry = waitingEntry(it);
          return entry ? [{ ...entry, seq: null, number: null }] : [];
        }),
    ];
  });

/** Place in the record of the last entry about something that this device has. */
export const lastSeqOf = async (device: Device, about: string): Promise<number> => {
  const last = await device.entries.where('about').equals(about).last();
  return last?.seq ?? 0;
};

/** The fold of what this device has of a piece. */
export const foldHere = async (device: Device, pieceId: string): Promise<PieceFold | undefined> =>
  foldEntries(await entriesAbout(device, pieceId));

/** A piece as this device knows it, with what waits here; null where it has nothing of it. */
export const pieceHere = async (device: Device, pieceId: string): Promise<PieceLedger | null> => {
  const fold = await foldHere(device, pieceId);
  return fold ? ledgerOf(fold) : null;
};

/** The history of a piece, in order, with what waits here. */
export const historyHere = (device: Device, pieceId: string): Promise<readonly LedgerEntry[]> =>
  entriesAbout(device, pieceId);

/** The shop as this device knows it. */
export const shopHere = async (device: Device): Promise<ShopLedger> =>
  foldShop(await entriesAbout(device, ABOUT_SHOP));

/** The cards of the list: those of the shop, brought up to what waits here. */
export const cardsHere = async (device: Device): Promise<readonly ListCard[]> => {
  const [cards, outbox] = await Promise.all([
    device.cards.orderBy('pieceId').toArray(),
    device.outbox.toArray(),
  ]);
  const open = new Set(outbox.filter((it) => it.refused === null).map((it) => it.about));
  const own = await Promise.all(
    [...open]
      .filter((it) => it !== ABOUT_SHOP)
      .map(async (pieceId): Promise<ListCard | undefined> => {
        const card = cards.find((it) => it.pieceId === pieceId);
        const ledger = await pieceHere(device, pieceId);
        if (ledger) return { ...summaryOf(ledger, card?.planned ?? null), waiting: true };
        return card && { ...card, waiting: true };
      }),
  );
  const changed = new Map(own.flatMap((it) => (it ? [[it.pieceId, it] as const] : [])));
  return cardsInOrder([
    ...cards
      .filter((it) => !changed.has(it.pieceId))
      .map((it): ListCard => ({ ...it, waiting: false })),
    ...changed.values(),
  ]);
};

/** What waits on this device. */
export interface Waiting {
  /** Entries and photos that the shop has not answered yet. */
  readonly count: number;
  /** Ids of the pieces among what they are about. */
  readonly about: readonly string[];
  /** Entries that the shop refused, with what they would change; null where that can't be read. */
  readonly refused: readonly (WaitingEntry & { readonly change: Change | null })[];
  /** Photos that the shop refused. */
  readonly refusedPhotos: readonly WaitingPhoto[];
  /** The shop has entries that this page is too old to read. */
  readonly outdated: boolean;
}

export const waitingHere = async (device: Device): Promise<Waiting> => {
  const [outbox, photos, outdated] = await Promise.all([
    device.outbox.toArray(),
    device.photos.toArray(),
    device.kept.get(OUTDATED),
  ]);
  const open = outbox.filter((it) => it.refused === null);
  const openPhotos = photos.filter((it) => it.refused === null);
  return {
    count: open.length + openPhotos.length,
    about: [...new Set([...open.map((it) => it.about), ...openPhotos.map((it) => it.pieceId)])],
    refused: outbox
      .filter((it) => it.refused !== null)
      .map((it) => ({ ...it, change: waitingEntry(it)?.change ?? null })),
    refusedPhotos: photos.filter((it) => it.refused !== null),
    outdated: outdated !== undefined,
  };
};

/** A photo that waits here. */
export const photoHere = async (photoId: string) => (await theDevice()).photos.get(photoId);
