import { receipts, type Receipts } from '@obrik/core/contracts';
import { readLine, summaryOf } from '@obrik/core/ledger';
import { ABOUT_SHOP, theDevice, type WaitingEntry } from '@/device';
import { Unreachable, ask, askFor } from './asking';
import { heldAs, pieceHere } from './reading';

/** Entries sent at once. */
const BATCH = 100;

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
      if (entry.ok) await device.entries.put(heldAs(line, entry.value));
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
