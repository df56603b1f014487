import { pieceSummary, readLine, recordLine } from '@obrik/core/ledger';
import { cardPage, entriesPage, newsPage } from '@obrik/core/contracts';
import { z } from 'zod';
import {
  OUTDATED,
  cursorHere,
  deviceId,
  dropCursor,
  keepCursor,
  keepReadSoFar,
  readSoFar,
  theDevice,
} from '@/device';
import { ask, askFor } from './asking';
import { heldAs } from './reading';

/** What can't be read is sifted line by line: a newer page reads it. */
const lines = { entries: z.array(z.unknown()) };
const anyPage = entriesPage.extend(lines);
const anyNews = newsPage.extend(lines);
const anyCards = cardPage.extend({ pieces: z.array(z.unknown()) });

/** A piece was deleted for good: this device keeps nothing of it either. */
export const forgetPiece = async (pieceId: string): Promise<void> => {
  const device = await theDevice();
  await device.entries.where('about').equals(pieceId).delete();
  await device.outbox.where('about').equals(pieceId).delete();
  await device.photos.where('pieceId').equals(pieceId).delete();
  await device.cards.delete(pieceId);
  await device.kept.where('key').startsWith(`draft:piece-${pieceId}`).delete();
};

/**
 * Puts entries of the record into what this device holds. One that it can't read is passed over,
 * and that is noted: a newer page reads it.
 */
const hold = async (entries: readonly unknown[]): Promise<void> => {
  const device = await theDevice();
  const read = entries.flatMap((it) => {
    const line = recordLine.safeParse(it);
    const entry = line.success ? readLine(line.data) : undefined;
    return line.success && entry?.ok ? [{ line: line.data, entry: entry.value }] : [];
  });
  if (read.length < entries.length) {
    await device.kept.put({ key: OUTDATED, version: 1, value: true });
  }
  await device.transaction('rw', device.entries, device.outbox, async () => {
    await device.entries.bulkPut(read.map(({ line, entry }) => heldAs(line, entry)));
    const ids = read.map((it) => it.entry.id);
    await device.outbox.where('id').anyOf(ids).delete();
  });
  for (const { entry } of read) {
    if (entry.change.kind === 'erased' && entry.pieceId !== null) await forgetPiece(entry.pieceId);
  }
};

/** Where an older page passed entries over, the record is read from its beginning once more. */
export const startAfresh = async (): Promise<void> => {
  const device = await theDevice();
  if (!(await device.kept.get(OUTDATED))) return;
  await dropCursor(device);
  await device.kept.delete(OUTDATED);
};

const RECORD = 'record';

/**
 * The shop's record was put back from a backup: what this device holds of it is held no longer, and
 * what it made itself is sent again, so that nothing is lost. What is known there stays as it is.
 */
const beginAnother = async (record: string): Promise<void> => {
  const device = await theDevice();
  const own = await deviceId();
  await device.transaction(
    'rw',
    device.entries,
    device.outbox,
    device.cards,
    device.kept,
    async () => {
      const made = await device.entries.filter((it) => it.entry.device === own).sortBy('seq');
      for (const { about, entry, line } of made) {
        // As it was made, but for the place that it names: that is one of the other record.
        const { baseSeq: _base, knew: _knew, ...sent } = line.sent;
        await device.outbox.add({ id: entry.id, about, sent, refused: null });
      }
      await device.entries.clear();
      await device.cards.clear();
      await dropCursor(device);
      await device.kept.put({ key: RECORD, version: 1, value: record });
    },
  );
};

/** Fetches what is new in the record. */
export const pull = async (): Promise<void> => {
  const device = await theDevice();
  if ((await readSoFar(device)) !== 'whole') await keepReadSoFar(device, 'part');
  for (let after = await cursorHere(device); ;) {
    const { entries, last, more, record } = await askFor(anyNews, `entries?after=${after}`);
    const known = await device.kept.get(RECORD);
    if (known && known.value !== record) {
      await beginAnother(record);
      await keepReadSoFar(device, 'part');
      after = 0;
      continue;
    }
    if (!known) await device.kept.put({ key: RECORD, version: 1, value: record });
    await hold(entries);
    if (last > after) {
      after = last;
      await keepCursor(device, after);
    }
    if (!more) break;
  }
  if ((await readSoFar(device)) !== 'whole') await keepReadSoFar(device, 'whole');
};

/** Fetches the history of one piece: for a device that has not the whole record yet. */
export const pullPiece = async (pieceId: string): Promise<void> => {
  const response = await ask(`pieces/${encodeURIComponent(pieceId)}/entries`);
  if (response.status === 404) return;
  const result = anyPage.safeParse(await response.json().catch(() => undefined));
  if (result.success) await hold(result.data.entries);
};

/** Fetches the settings of the shop. */
export const pullShop = async (): Promise<void> => {
  await hold((await askFor(anyPage, 'shop/entries')).entries);
};

/** Fetches the cards of the list. */
export const pullCards = async (): Promise<void> => {
  const device = await theDevice();
  const seen = new Set<string>();
  for (let after = 0; ;) {
    const { pieces, more } = await askFor(anyCards, `pieces?after=${after}`);
    const cards = pieces.flatMap((it) => {
      const result = pieceSummary.safeParse(it);
      return result.success ? [result.data] : [];
    });
    await device.cards.bulkPut(cards);
    cards.forEach((it) => seen.add(it.pieceId));
    after = cards.at(-1)?.number ?? after;
    if (!more || cards.length === 0) break;
  }
  await device.cards.filter((it) => !seen.has(it.pieceId)).delete();
};
