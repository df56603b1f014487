import {
  foldEntries,
  foldPiece,
  formOf,
  readEntry,
  readLine,
  type Change,
  type KeptEntry,
  type RecordLine,
} from '@obrik/core/ledger';
import { pieceDescription } from '@obrik/core/piece';
import Dexie from 'dexie';
import { cardsHere, pieceHere, shopHere, waitingHere } from './reading';
import { ABOUT_SHOP, closeDevice, theDevice } from '@/device';
import { Unreachable } from './asking';
import { record, recordPhoto, recordWith, retryEntry } from './outbox';
import { pull, pullCards, startAfresh } from './pulling';
import { flush } from './sending';

const AT = '2026-03-01T08:00:00Z';
const DESCRIPTION = pieceDescription.parse({
  name: 'Low table',
  templateId: 'table',
  measures: { width: 1400, depth: 800, height: 750, apronHeight: 90 },
});
const TAKEN_IN: Change = { kind: 'takenIn', description: DESCRIPTION };
const rename = (name: string): Change => ({ kind: 'describe', description: { name } });
const observe = (id: string, testId = 'tap', outcome = 'full'): Change => ({
  kind: 'observe',
  observation: { id, surfaceId: 'top', testId, outcome, value: null, layer: null, at: AT, by: '' },
});

/** The shop's server as far as a device can tell, with what goes wrong on the way to it. */
const makeShop = () => {
  const kept: RecordLine[] = [];
  const photos = new Map<string, number>();
  const reply = (status: number, body: unknown) =>
    new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } });
  const shop = {
    kept,
    photos,
    record: 'one',
    /** What happens to the next requests: nothing is reached, or the answer gets lost. */
    trouble: 'none' as 'none' | 'unreachable' | 'answerLost' | 'fault',
    asked: 0,
    /** Entries that somebody else's device makes. */
    elsewhere: (...changes: Change[]) =>
      changes.forEach((change, index) =>
        shop.keep({
          id: `yard-${kept.length}-${index}`,
          pieceId: 'p',
          form: formOf(change),
          change,
          at: AT,
          device: 'yard',
          by: 'Runa',
          baseSeq: kept.length,
        }),
      ),
    keep: (sent: RecordLine['sent']) => {
      const seq = kept.length + 1;
      const entry = readEntry(sent);
      const number = entry.ok && entry.value.change.kind === 'takenIn' ? 1 : null;
      kept.push({ sent, seq, number, receivedAt: AT });
      return { outcome: 'stored', id: sent.id, seq, number };
    },
    take: (sent: RecordLine['sent']) => {
      const said = (it: RecordLine['sent']) => JSON.stringify({ ...it, knew: 0, baseSeq: 0 });
      const known = kept.find((it) => it.sent.id === sent.id);
      if (known && said(known.sent) === said(sent)) {
        return { outcome: 'known', id: sent.id, seq: known.seq, number: known.number };
      }
      const entry = readEntry(sent);
      if (known || !entry.ok || entry.value.change.kind === 'archive') {
        const problems = [{ path: 'change', message: known ? 'Another entry.' : 'Not today.' }];
        return { outcome: 'refused', id: sent.id, problems };
      }
      return shop.keep(sent);
    },
    /** The record as it is read today. */
    entries: (): KeptEntry[] => kept.map(readLine).flatMap((it) => (it.ok ? [it.value] : [])),
    fetch: async (request: Request): Promise<Response> => {
      shop.asked++;
      if (shop.trouble === 'unreachable') throw new TypeError('Failed to fetch');
      if (shop.trouble === 'fault') return reply(500, { detail: 'Our fault' });
      const { pathname, searchParams } = new URL(request.url, 'http://shop');
      if (pathname.endsWith('/photos')) {
        const id = searchParams.get('id') ?? '?';
        photos.set(id, (photos.get(id) ?? 0) + 1);
        return reply(201, { id });
      }
      if (request.method === 'POST') {
        const { entries } = (await request.json()) as { entries: RecordLine['sent'][] };
        const receipts = entries.map(shop.take);
        if (shop.trouble === 'answerLost') throw new TypeError('Connection reset');
        return reply(200, { receipts, now: AT });
      }
      if (pathname === '/api/entries') {
        const after = Number(searchParams.get('after'));
        const entries = kept.filter((it) => it.seq > after).slice(0, 2);
        const last = entries.at(-1)?.seq ?? after;
        const page = { entries, unreadable: [], last, more: last < kept.length };
        return reply(200, { ...page, record: shop.record });
      }
      return reply(200, { pieces: [], more: false });
    },
  };
  return shop;
};

let shop: ReturnType<typeof makeShop>;
let clock = 0;
beforeEach(async () => {
  jest.spyOn(performance, 'now').mockImplementation(() => clock);
  clock += 10_000;
  await (await theDevice()).delete();
  await closeDevice();
  shop = makeShop();
  globalThis.fetch = ((input: Request) => shop.fetch(input)) as typeof fetch;
});

const ids = async () =>
  (await pieceHere(await theDevice(), 'p'))?.piece.observations.map((it) => it.id);
const put = async (change: Change) => {
  const result = await record('p', change);
  if (!result.ok) throw new Error(result.problems[0]?.message);
  return result.entryIds[0] ?? '';
};

describe('what is recorded', () => {
  it('together is recorded all or not at all', async () => {
    await put(TAKEN_IN);
    const both = await record('p', observe('a'), observe('b', 'chip', 'thin-wood'));
    expect(both).toMatchObject({ ok: true, entryIds: [expect.any(String), expect.any(String)] });
    expect(await ids()).toEqual(['a', 'b']);
    const half = await record('p', observe('c'), observe('a'));
    expect(half).toMatchObject({ ok: false });
    expect(await ids()).toEqual(['a', 'b']);
  });

  it('on a piece and in the shop is recorded in one go, or neither', async () => {
    await put(TAKEN_IN);
    const opened: Change = { kind: 'stocked', containers: [{ id: 'can', openedOn: '2026-03-01' }] };
    const both = (change: Change) => recordWith('p', [change], [opened]);
    const waits = async () => (await waitingHere(await theDevice())).count;
    expect(await both({ kind: 'withdraw', observationId: 'never' })).toMatchObject({ ok: false });
    expect(await waits()).toBe(1);
    expect(await both(observe('a'))).toMatchObject({ ok: true, entryIds: [expect.any(String)] });
    expect(await waits()).toBe(3);
  });

  it('is on this device at once, without the shop, and outlives a reload', async () => {
    shop.trouble = 'unreachable';
    await put(TAKEN_IN);
    await put(observe('a'));
    await closeDevice();
    expect(await ids()).toEqual(['a']);
    expect(await pieceHere(await theDevice(), 'p')).toMatchObject({
      number: null,
      piece: { name: 'Low table' },
    });
    expect(await cardsHere(await theDevice())).toMatchObject([
      { name: 'Low table', waiting: true },
    ]);
    expect(await waitingHere(await theDevice())).toMatchObject({
      count: 2,
      about: ['p'],
      refused: [],
    });
    expect(shop.asked).toBe(0);
  });

  it('goes to the shop in the order in which it was made, and waits no longer', async () => {
    await put(TAKEN_IN);
    await put(observe('a'));
    await put(observe('b', 'chip', 'thin-wood'));
    await flush();
    expect(shop.entries().map((it) => it.change.kind)).toEqual(['takenIn', 'observe', 'observe']);
    expect(await waitingHere(await theDevice())).toMatchObject({ count: 0 });
    expect(await pieceHere(await theDevice(), 'p')).toMatchObject({ number: 1, seq: 3 });
    expect(foldPiece(shop.entries())?.piece).toEqual(
      (await pieceHere(await theDevice(), 'p'))?.piece,
    );
  });

  it.each(['unreachable', 'fault', 'answerLost'] as const)(
    'with the shop in trouble (%s) stays here, and gets there once',
    async (trouble) => {
      await put(TAKEN_IN);
      await put(observe('a'));
      shop.trouble = trouble;
      await expect(flush()).rejects.toThrow(Unreachable);
      expect(await ids()).toEqual(['a']);
      expect(await waitingHere(await theDevice())).toMatchObject({ count: 2 });
      shop.trouble = 'none';
      await flush();
      expect(shop.kept).toHaveLength(2);
      expect(await ids()).toEqual(['a']);
    },
  );

  it('stays on the card from the tap on, also while the shop’s list is an old one', async () => {
    await put(TAKEN_IN);
    await flush();
    await put(rename('Tall table'));
    expect(await cardsHere(await theDevice())).toMatchObject([{ name: 'Tall table' }]);
    await flush();
    expect(await cardsHere(await theDevice())).toMatchObject([
      { name: 'Tall table', waiting: false },
    ]);
  });

  it('whose answer was lost is not shown twice when it comes back as news', async () => {
    await put(TAKEN_IN);
    shop.trouble = 'answerLost';
    await expect(flush()).rejects.toThrow();
    shop.trouble = 'none';
    await pull();
    expect(await waitingHere(await theDevice())).toMatchObject({ count: 0 });
    expect((await pieceHere(await theDevice(), 'p'))?.revision).toBe(1);
  });

  it('by a double tap is one entry; the same said later is another', async () => {
    await put(TAKEN_IN);
    const [one, two] = await Promise.all([put(observe('a')), put(observe('b'))]);
    expect(two).toBe(one);
    expect(await ids()).toEqual(['a']);
    clock += 750;
    expect(await put(observe('c'))).not.toBe(one);
    expect(await ids()).toEqual(['a', 'c']);
  });

  it('is refused here already where it makes no sense', async () => {
    await put(TAKEN_IN);
    const wrong = await record('p', { kind: 'withdraw', observationId: 'never' });
    expect(wrong).toMatchObject({ ok: false, problems: [{ path: 'observationId' }] });
    expect(await waitingHere(await theDevice())).toMatchObject({ count: 1 });
  });

  it('and not taken by the shop is told, no longer shown, and can be sent again', async () => {
    await put(TAKEN_IN);
    const id = await put({ kind: 'archive' });
    await flush();
    expect((await pieceHere(await theDevice(), 'p'))?.piece.archived).toBe(false);
    expect(await waitingHere(await theDevice())).toMatchObject({
      count: 0,
      refused: [{ id, refused: [{ message: 'Not today.' }] }],
    });
    await retryEntry(id);
    expect(await waitingHere(await theDevice())).toMatchObject({ count: 1, refused: [] });
  });

  it('where the device has no room says so and stores nothing', async () => {
    const device = await theDevice();
    jest.spyOn(device.outbox, 'bulkAdd').mockRejectedValueOnce(new Error('QuotaExceededError'));
    expect(await record('p', TAKEN_IN)).toMatchObject({
      ok: false,
      problems: [{ message: expect.stringMatching(/no room left.*stays here/) }],
    });
  });
});

describe('what is new at the shop', () => {
  it('comes page by page, from where this device left off', async () => {
    shop.elsewhere(TAKEN_IN, observe('a'), observe('b', 'chip', 'thin-wood'));
    await pull();
    expect(await ids()).toEqual(['a', 'b']);
    shop.elsewhere(observe('c', 'chip', 'paper'));
    const before = shop.asked;
    await pull();
    expect(shop.asked - before).toBe(1);
    expect((await pieceHere(await theDevice(), 'p'))?.revision).toBe(4);
  });

  it('is told beside what was made here without knowing of it', async () => {
    shop.elsewhere(TAKEN_IN);
    await pull();
    shop.elsewhere(rename('Long table'));
    await put(rename('Hall table'));
    await flush();
    await pull();
    expect(await pieceHere(await theDevice(), 'p')).toMatchObject({
      piece: { name: 'Hall table' },
      conflicts: [{ field: 'name', other: { by: 'Runa' } }],
    });
    expect(foldEntries(shop.entries())?.piece.name).toBe('Hall table');
  });

  it('that this page is too old to read is told, and read again by a newer page', async () => {
    shop.elsewhere(TAKEN_IN, { kind: 'sold', price: 3 } as never, observe('a'));
    await pull();
    expect(await ids()).toEqual(['a']);
    expect(await waitingHere(await theDevice())).toMatchObject({ outdated: true });
    const known = observe('b', 'chip', 'paper');
    const line = shop.kept[1]!;
    shop.kept[1] = { ...line, sent: { ...line.sent, form: formOf(known), change: known } };
    await startAfresh();
    await pull();
    expect(await ids()).toEqual(['b', 'a']);
    expect(await waitingHere(await theDevice())).toMatchObject({ outdated: false });
  });

  it('of a record put back from a backup is taken as it is; what was made here is sent again', async () => {
    shop.elsewhere(TAKEN_IN, observe('a'));
    await pull();
    await put(observe('mine', 'chip', 'paper'));
    await flush();
    // The backup was made before either look.
    shop.kept.length = 1;
    shop.record = 'another';
    shop.elsewhere(observe('b', 'alcohol', 'nothing'));
    await pull();
    await flush();
    await pull();
    expect(await ids()).toEqual(['b', 'mine']);
    expect(shop.entries().map((it) => it.change.kind)).toEqual(['takenIn', 'observe', 'observe']);
  });

  it('that a piece was deleted for good leaves nothing of it here', async () => {
    shop.elsewhere(TAKEN_IN, observe('a'));
    await pull();
    await put(observe('mine', 'chip', 'paper'));
    shop.kept.splice(0, 2);
    shop.kept.push({
      sent: {
        id: 'gone',
        pieceId: 'p',
        form: formOf({ kind: 'erased' }),
        change: { kind: 'erased' },
        at: AT,
        device: 'shop',
      },
      seq: 3,
      number: 1,
      receivedAt: AT,
    });
    await pull();
    const device = await theDevice();
    expect(await pieceHere(device, 'p')).toBeNull();
    expect(await device.entries.count()).toBe(0);
    expect(await device.outbox.count()).toBe(0);
  });

  it('what an older page put here is read as one of today: what it knew nothing of has its default', async () => {
    shop.elsewhere(TAKEN_IN);
    await pull();
    const device = await theDevice();
    const older = async (seq: number, pieceId: string | null, deed: object) => {
      const place = { seq, number: null, receivedAt: AT };
      const sent = {
        id: `older-${seq}`,
        pieceId,
        version: 2,
        deed,
        at: AT,
        device: 'yard',
        knew: 0,
      };
      // Held as it was read then; how that was is a matter of its day.
      const entry = { ...sent, ...place } as unknown as KeptEntry;
      const line = { ...place, sent };
      await device.entries.put({ seq, about: pieceId ?? ABOUT_SHOP, line, entry });
    };
    // As version 2 wrote them, before work had pauses and the air of a shop a file.
    await older(2, 'p', {
      kind: 'did',
      done: [
        {
          id: 'work',
          taskKey: 'top/scuff/1',
          title: 'Scuff',
          surfaceIds: ['top'],
          startedAt: AT,
          endedAt: null,
          by: '',
          spaceId: null,
          effect: '{}',
        },
      ],
    });
    await older(3, null, {
      kind: 'shopSet',
      settings: { air: { kind: 'typical', climate: 'coast', south: false } },
    });
    const piece = (await pieceHere(device, 'p'))?.piece;
    expect(piece?.done[0]).toMatchObject({ pauses: [], timed: false, planned: null });
    expect(piece?.putOff).toEqual([]);
    const { air } = (await shopHere(device)).shop;
    expect(air).toMatchObject({ climate: 'coast', file: null, expected: [] });
  });

  it('what a device held before lines were held as received is still there, and sent as it was made', async () => {
    const { name } = await theDevice();
    await closeDevice();
    await Dexie.delete(name);
    const before = new Dexie(name);
    before.version(2).stores({
      entries: 'seq, about',
      outbox: '++order, &id, about',
      photos: 'id, pieceId',
      cards: 'pieceId, number',
      kept: 'key',
    });
    const made = (id: string, deed: object) => ({
      id,
      pieceId: 'p',
      version: 6,
      deed,
      at: AT,
      device: 'bench',
      by: '',
      knew: 0,
    });
    const place = { seq: 1, number: 1, receivedAt: AT };
    const sent = made('first', TAKEN_IN);
    shop.kept.push({ ...place, sent });
    const waits = made('waits', observe('a'));
    await before.table('entries').put({ seq: 1, about: 'p', entry: { ...sent, ...place } });
    await before.table('outbox').add({ id: 'waits', about: 'p', entry: waits, refused: null });
    before.close();
    expect(await pieceHere(await theDevice(), 'p')).toMatchObject({ piece: { name: 'Low table' } });
    expect(await ids()).toEqual(['a']);
    await flush();
    expect(shop.kept[1]?.sent).toEqual(waits);
    expect(await ids()).toEqual(['a']);
  });

  it('takes cards of pieces off the list that are there no longer', async () => {
    await (
      await theDevice()
    ).cards.put({
      pieceId: 'gone',
      number: 3,
      name: 'Gone',
      startedFrom: 'table',
      sketch: [],
      photoId: null,
      yearFrom: null,
      yearTo: null,
      archived: false,
      updatedAt: AT,
      seq: 1,
      conflicts: 0,
      planned: null,
    });
    await pullCards();
    expect(await cardsHere(await theDevice())).toEqual([]);
  });
});

it('a photo is saved here, sent once, and then no longer kept twice', async () => {
  await put(TAKEN_IN);
  const file = { type: 'image/jpeg', arrayBuffer: async () => new ArrayBuffer(8) } as Blob;
  const result = await recordPhoto('p', file);
  const id = result.ok ? result.photoId : '';
  expect(await recordPhoto('p', { ...file, type: 'text/plain' })).toMatchObject({ ok: false });
  expect(await waitingHere(await theDevice())).toMatchObject({ count: 2 });
  await flush();
  await flush();
  expect([...shop.photos]).toEqual([[id, 1]]);
  expect(await (await theDevice()).photos.count()).toBe(0);
});
