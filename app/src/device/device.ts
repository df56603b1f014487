import type { KeptEntry, PieceSummary, RecordLine } from '@obrik/core/ledger';
import type { Problem } from '@obrik/core/piece';
import Dexie, { type Table } from 'dexie';

/** Who an entry is about: a piece by its id, or the shop, by what is no id. */
export const ABOUT_SHOP = '@shop';
export const aboutOf = (pieceId: string | null): string => pieceId ?? ABOUT_SHOP;

/** A line of the record as this device holds it: as it was received, and as it was read then. */
export interface HeldEntry {
  readonly seq: number;
  readonly about: string;
  readonly line: RecordLine;
  /** Read in the form of its day, with the ids of its day; if these are no longer today's, it is read again. */
  readonly entry: KeptEntry;
  readonly reading?: number;
}

/** An entry as its maker wrote it. */
export type Sent = RecordLine['sent'];

/** An entry that waits here until the shop has it; `refused` says why the shop won't. */
export interface WaitingEntry {
  readonly order?: number;
  readonly id: string;
  readonly about: string;
  /** As it was made: what is sent again is the same, whatever Obrik writes by then. */
  readonly sent: Sent;
  readonly refused: readonly Problem[] | null;
}

/** A photo that waits here until the shop has it. */
export interface WaitingPhoto {
  readonly id: string;
  readonly pieceId: string;
  readonly type: string;
  readonly bytes: ArrayBuffer;
  readonly refused: string | null;
}

/** Something small that belongs to this device, with the version of its form. */
export interface KeptThing {
  readonly key: string;
  readonly version: number;
  readonly value: unknown;
}

/** What this device holds: the record as far as it knows it, and what waits to get there. */
export class Device extends Dexie {
  get entries(): Table<HeldEntry, number> {
    return this.table('entries');
  }
  get outbox(): Table<WaitingEntry, number> {
    return this.table('outbox');
  }
  get photos(): Table<WaitingPhoto, string> {
    return this.table('photos');
  }
  get cards(): Table<PieceSummary, string> {
    return this.table('cards');
  }
  get kept(): Table<KeptThing, string> {
    return this.table('kept');
  }

  constructor(name: string, options?: ConstructorParameters<typeof Dexie>[1]) {
    super(name, options);
    this.version(1).stores({
      entries: 'seq, about',
      outbox: '++order, &id, about',
      photos: 'id, pieceId',
      cards: 'pieceId, number',
      kept: 'key',
    });
    // Cards of before were told by template, and had no picture.
    this.version(2)
      .stores({})
      .upgrade((all) =>
        all
          .table('cards')
          .toCollection()
          .modify((it: Record<string, unknown>) => {
            it.startedFrom ??= it.templateId;
            it.sketch ??= [];
            it.photoId ??= null;
            delete it.templateId;
          }),
      );
    // Entries of before were held as they were read, and nothing else.
    this.version(3)
      .stores({})
      .upgrade(async (all) => {
        await all
          .table('entries')
          .toCollection()
          .modify((it: { line?: RecordLine; entry: Sent }) => {
            const { seq, receivedAt, number, ...sent } = it.entry;
            it.line ??= { seq, receivedAt, number, sent } as RecordLine;
          });
        await all
          .table('outbox')
          .toCollection()
          .modify((it: { sent?: Sent; entry?: Sent }) => {
            it.sent ??= it.entry ?? {};
            delete it.entry;
          });
        await all
          .table('cards')
          .toCollection()
          .modify((it: Record<string, unknown>) => {
            it.conflicts ??= it.contested ?? 0;
            delete it.contested;
          });
      });
  }
}

/** Does what is stored outlive this page? */
export type Storage = 'device' | 'page';

/** A thing that is kept where entries came that this page is too old to read. */
export const OUTDATED = 'outdated';

interface Opened {
  readonly device: Device;
  readonly storage: Storage;
}

const NAME = 'obrik';

/** A browser that lets a page store nothing: everything works from memory, and the screen says so. */
const inMemory = async (): Promise<Opened> => {
  const { IDBFactory, IDBKeyRange } = await import('fake-indexeddb');
  const device = new Device(NAME, { indexedDB: new IDBFactory(), IDBKeyRange });
  await device.open();
  return { device, storage: 'page' };
};

const open = async (): Promise<Opened> => {
  try {
    const device = new Device(NAME);
    await device.open();
    // Some browsers open a database and fail at the first write.
    await device.kept.put({ key: 'opened', version: 1, value: Date.now() });
    return { device, storage: 'device' };
  } catch {
    return inMemory();
  }
};

let opened: Promise<Opened> | undefined;

/** What this device holds; opened when it is first asked for. */
export const theDevice = async (): Promise<Device> => (await (opened ??= open())).device;
export const theStorage = async (): Promise<Storage> => (await (opened ??= open())).storage;

/** Closes and forgets what is open: for tests that start as a page does. */
export const closeDevice = async (): Promise<void> => {
  const before = await opened;
  opened = undefined;
  before?.device.close();
};
