import { RETIRED_SO_FAR } from '@obrik/core/catalog';
import { pieceSummary, readLine, recordLine, summaryOf } from '@obrik/core/ledger';
import { cardPage, entriesPage, newsPage, receipts, type Receipts } from '@obrik/core/contracts';
import { z } from 'zod';
import {
  ABOUT_SHOP,
  OUTDATED,
  aboutOf,
  compareClocks,
  cursorHere,
  deviceId,
  dropCursor,
  keepCursor,
  keepReadSoFar,
  readSoFar,
  theDevice,
  type WaitingEntry,
} from '@/device';
import { pieceHere } from './reading';

/** The shop could not be reached, or could not answer now: try again later. */
export class Unreachable extends Error {
  override readonly name: string = 'Unreachable';
}

/** The shop does not know this device: it has to be paired first. */
export class Unpaired extends Unreachable {}

/** Longer than this nobody waits for the shop, ms. */
const PATIENCE = 20_000;
/** Entries sent at once. */
const BATCH = 100;

/** What can't be read is sifted line by line: a newer page reads it. */
const lines = { entries: z.array(z.unknown()) };
const anyPage = entriesPage.extend(lines);
const anyNews = newsPage.extend(lines);
const anyCards = cardPage.extend({ pieces: z.array(z.unknown()) });

/** Asks the shop's server. @throws Unreachable where it does not answer as it should */
const ask = async (address: string, init: RequestInit = {}): Promise<Response> => {
  const control = new AbortController();
  const timer = setTimeout(() => control.abort(), PATIENCE);
  const asked = Date.now();
  try {
    const response = await fetch(
      new Request(`/api/${address}`, { ...init, signal: control.signal }),
    );
    compareClocks(response.headers.get('date'), asked, Date.now());
    if (response.status === 401) throw new Unpaired('Not paired.');
    if (response.status >= 500 || response.status === 429) {
      throw new Unreachable(`The shop answered ${response.status}.`);
    }
    return response;
  } catch (error) {
    throw error instanceof Unreachable ? error : new Unreachable(String(error));
  } finally {
    clearTimeout(timer);
  }
};

const askFor = async <S extends z.ZodType>(
  schema: S,
  address: string,
  init?: RequestInit,
): Promise<z.output<S>> => {
  const response = await ask(address, init);
  const body: unknown = await response.json().catch(() => undefined);
  const result = schema.safeParse(body);
  if (!result.success) throw new Unreachable('The shop answered in a form that is not known here.');
  return result.data;
};

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
    await device.entries.bulkPut(
      read.map((it) => ({
        seq: it.entry.seq,
        about: aboutOf(it.entry.pieceId),
        reading: RETIRED_SO_FAR,
        ...it,
      })),
    );
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

/**
 * Brings the card of a piece up to what the shop has just taken: until its list is fetched again, the
 * card would say what it said before.
 */
const renewCard = async (pieceId: string): Promise<void> => {
  const device = await theDevice();
  const [ledger, card] = [await pieceHere(device, pieceId), await device.cards.get(pieceId)];
  if (ledger) await device.cards.put(summaryOf(ledger, card?.planned ?? null));
};

const settle = async (sent: readonly WaitingEntry[], reply: Receipts) => {
  const device = await theDevice();
  await device.transaction('rw', device.entries, device.outbox, device.cards, async () => {
    for (const [index, it] of sent.entries()) {
      const receipt = reply.receipts[index];
      if (!receipt) continue;
      if (receipt.outcome === 'refused') {
        await device.outbox.where('id').equals(it.id).modify({ refused: receipt.problems });
        continue;
      }
      const { seq, number } = receipt;
      const line = { seq, number, receivedAt: reply.now, sent: it.sent };
      const entry = readLine(line);
      if (entry.ok) {
        const held = { seq, about: it.about, line, entry: entry.value };
        await device.entries.put({ ...held, reading: RETIRED_SO_FAR });
      }
      await device.outbox.where('id').equals(it.id).delete();
    }
    const pieces = new Set(sent.map((it) => it.about).filter((it) => it !== ABOUT_SHOP));
    for (const pieceId of pieces) await renewCard(pieceId);
  });
};

const sendPhotos = async (): Promise<void> => {
  const device = await theDevice();
  for (const photo of await device.photos.filter((it) => it.refused === null).toArray()) {
    const response = await ask(
      `pieces/${encodeURIComponent(photo.pieceId)}/photos?id=${encodeURIComponent(photo.id)}`,
      { method: 'POST', headers: { 'content-type': photo.type }, body: photo.bytes },
    );
    if (response.ok) {
      await device.photos.delete(photo.id);
      continue;
    }
    const body = (await response.json().catch(() => ({}))) as { detail?: unknown };
    const refused = typeof body.detail === 'string' ? body.detail : 'The shop can’t keep it.';
    await device.photos.update(photo.id, { refused });
  }
};

/** Sends what waits here, in the order in which it was made. @throws Unreachable */
export const flush = async (): Promise<void> => {
  const device = await theDevice();
  for (;;) {
    const open = await device.outbox.orderBy('order').toArray();
    const sent = open.filter((it) => it.refused === null).slice(0, BATCH);
    if (sent.length === 0) break;
    const reply = await askFor(receipts, 'entries', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ entries: sent.map((it) => it.sent) }),
    });
    await settle(sent, reply);
    if (reply.receipts.length < sent.length)
      throw new Unreachable('Not all entries were answered.');
  }
  await sendPhotos();
};
