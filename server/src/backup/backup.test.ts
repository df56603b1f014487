import {
  copyFileSync,
  existsSync,
  readFileSync,
  readdirSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import path from 'node:path';
import { dbCommand } from '../cli/db';
import { openDatabase, type Database } from '../store/database';
import { ledgerStore } from '../store/ledger';
import { photoStore } from '../store/photos';
import {
  CHEST,
  NOW,
  OBSERVATION,
  entryOf,
  folder,
  takenIn,
  testServer,
  withDatabase,
} from '../testing/server';
import { makeBackup, readBackup } from './backup';
import { backUpToday, backupFolder, newestGood, wayOut } from './daily';

let place: ReturnType<typeof folder>;
beforeEach(() => {
  place = folder();
});
afterEach(() => place.remove());

const PICTURE = { width: 2, height: 1, bytes: Buffer.from([255, 216, 1, 2]) };

/** A shop with a chest, a look at it, and a photo. */
const fill = async (database: Database): Promise<void> => {
  const look = entryOf({ kind: 'observe', observation: OBSERVATION });
  await ledgerStore(database).add([takenIn(), look], NOW);
  await photoStore(database).add({ id: 'photo', pieceId: CHEST.id, ...PICTURE }, NOW);
};

describe('a backup', () => {
  it('and its restoring give the same pieces and photos; what was there is kept', async () => {
    const file = place.at('shop.sqlite');
    const zip = place.at('backup.zip');
    const before = await withDatabase(file, async (database) => {
      await fill(database);
      return ledgerStore(database).piece(CHEST.id);
    });
    expect(await dbCommand(file, ['backup', zip])).toMatchObject({
      code: 0,
      text: expect.stringMatching(/1 pieces, 2 entries, 1 photos/),
    });
    await withDatabase(file, (it) => ledgerStore(it).add([takenIn({ pieceId: 'later' })], NOW));
    const dry = await dbCommand(file, ['restore', zip]);
    expect(dry.text).toMatch(/holds 2 pieces.*\n.*holds 1 pieces.*\nNothing was changed/);
    await withDatabase(file, async (it) => {
      expect(await ledgerStore(it).piece('later')).toBeDefined();
    });
    expect((await dbCommand(file, ['restore', zip, '--yes'])).text).toMatch(/Put in place/);
    const record = await withDatabase(file, async (it) => {
      const ledger = ledgerStore(it);
      expect(await ledger.piece(CHEST.id)).toEqual(before);
      expect(await ledger.piece('later')).toBeUndefined();
      expect(await photoStore(it).find('photo')).toMatchObject(PICTURE);
      return ledger.record();
    });
    const aside = readdirSync(path.dirname(file)).find((it) => /\.replaced-.*Z$/.test(it));
    await withDatabase(path.join(path.dirname(file), aside!), async (it) => {
      expect(await ledgerStore(it).piece('later')).toBeDefined();
      // Devices tell the two records apart.
      expect(await ledgerStore(it).record()).not.toBe(record);
    });
  });

  it('of an earlier Obrik is brought to the newest shape when it is restored', async () => {
    const old = place.at('old.sqlite');
    const file = place.at('shop.sqlite');
    const zip = place.at('old.zip');
    copyFileSync(path.join(__dirname, '../store/fixtures/after-0010.sqlite'), old);
    await makeBackup(old, zip, NOW);
    expect(await dbCommand(file, ['restore', zip])).toMatchObject({ code: 0 });
    expect(existsSync(file)).toBe(false);
    expect((await dbCommand(file, ['restore', zip, '--yes'])).text).toMatch(/Put in place/);
    await withDatabase(file, async (it) => {
      expect((await ledgerStore(it).piece('stool'))?.piece.name).toBe('Librarian’s stool');
      expect(await ledgerStore(it).record()).not.toBe('');
    });
    expect(readdirSync(path.dirname(file)).filter((it) => /incoming/.test(it))).toEqual([]);
  });

  it('is made while the server runs, and comes as one zip', async () => {
    const server = await testServer();
    await fill(server.database);
    const { body, headers } = await server.api
      .get('/api/backup')
      .buffer(true)
      .parse((response, done) => {
        const parts: Buffer[] = [];
        response.on('data', (it: Buffer) => parts.push(it));
        response.on('end', () => done(null, Buffer.concat(parts)));
      });
    expect(headers['content-disposition']).toMatch(/obrik-2026-03-01\.zip/);
    writeFileSync(place.at('down.zip'), body as Buffer);
    expect((await readBackup(place.at('down.zip'))).counts).toMatchObject({ pieces: 1, photos: 1 });
    await server.close();
  });

  it.each<[string, (file: string) => void, RegExp]>([
    ['of no bytes', (file) => writeFileSync(file, ''), /empty/],
    ['that is a letter', (file) => writeFileSync(file, 'Dear reader'), /no zip/],
    ['that was cut off', (file) => truncateSync(file, 500), /no zip/],
    [
      'in which a byte was changed',
      (file) => {
        const bytes = readFileSync(file);
        const middle = Math.floor(bytes.length / 2);
        bytes[middle] = (bytes[middle] ?? 0) ^ 0xff;
        writeFileSync(file, bytes);
      },
      /can’t be restored/,
    ],
  ])('%s is not put in place', async (_, spoil, said) => {
    const file = place.at('shop.sqlite');
    const zip = place.at('backup.zip');
    await withDatabase(file, fill);
    await dbCommand(file, ['backup', zip]);
    spoil(zip);
    const before = readFileSync(file);
    const told = await dbCommand(file, ['restore', zip, '--yes']);
    expect(told).toMatchObject({ code: 1, text: expect.stringMatching(said) });
    expect(readFileSync(file).equals(before)).toBe(true);
  });
});

describe('daily backups', () => {
  it('are made once a day, and the last seven are kept', () =>
    withDatabase(place.at('daily.sqlite'), async (database) => {
      await fill(database);
      const file = place.at('daily.sqlite');
      for (let day = 1; day <= 9; day++) {
        const at = new Date(`2026-03-0${day}T09:00:00Z`);
        expect(await backUpToday(file, at)).toBe(`obrik-2026-03-0${day}.zip`);
        expect(await backUpToday(file, at)).toBeUndefined();
      }
      expect(readdirSync(backupFolder(file)).sort()).toEqual(
        [3, 4, 5, 6, 7, 8, 9].map((day) => `obrik-2026-03-0${day}.zip`),
      );
    }));

  it('the newest that can be read is named when the database can’t be', async () => {
    const file = place.at('lost.sqlite');
    await withDatabase(file, async (database) => {
      await fill(database);
      for (const day of [1, 2]) {
        await backUpToday(file, new Date(`2026-03-0${day}T09:00:00Z`));
      }
    });
    writeFileSync(path.join(backupFolder(file), 'obrik-2026-03-02.zip'), 'spoilt');
    const good = path.join(backupFolder(file), 'obrik-2026-03-01.zip');
    expect(await newestGood(file)).toBe(good);
    truncateSync(file, 0);
    await expect(openDatabase(file)).rejects.toThrow(/is empty/);
    expect(await wayOut(file)).toContain(`restore ${good} --yes`);
    expect((await dbCommand(file, ['restore', good, '--yes'])).code).toBe(0);
    await withDatabase(file, async (it) => {
      expect(await ledgerStore(it).piece(CHEST.id)).toBeDefined();
    });
  });
});

it('a piece that is deleted for good leaves no trace in the files, and its number to no other', async () => {
  const server = await testServer();
  const secret = 'Countess Xanthippe of Nowhere';
  await server.api.post('/api/entries').send({
    entries: [
      takenIn({ pieceId: 'kept' }),
      takenIn({ pieceId: 'gone' }, { origin: secret }),
      entryOf(
        { kind: 'observe', observation: { ...OBSERVATION, by: secret } },
        { pieceId: 'gone' },
      ),
    ],
  });
  await server.cards.idle();
  const { file } = server.database;
  const inFiles = () =>
    [file, `${file}-wal`].some((it) => existsSync(it) && readFileSync(it).includes(secret));
  expect(inFiles()).toBe(true);
  expect((await server.api.delete('/api/pieces/gone?name=Another')).status).toBe(422);
  await server.api.delete(`/api/pieces/gone?name=${CHEST.description.name}`).expect(200);
  expect(inFiles()).toBe(false);
  expect((await server.api.get('/api/pieces/gone')).status).toBe(404);
  const { body } = await server.api.get('/api/entries');
  expect(
    (body as { entries: { sent: { change: { kind: string } } }[] }).entries.map(
      (it) => it.sent.change.kind,
    ),
  ).toEqual(['takenIn', 'erased']);
  const { body: added } = await server.api
    .post('/api/entries')
    .send({ entries: [takenIn({ pieceId: 'next' })] });
  expect(added).toMatchObject({ receipts: [{ number: 3 }] });
  await server.close();
});

it('with the disk full nothing is stored, that is said, and reading goes on', async () => {
  const server = await testServer();
  await fill(server.database);
  await server.database.write(async ({ entries }) => {
    await entries.sequelize?.query('PRAGMA max_page_count = 1');
  });
  const note = 'x'.repeat(400_000);
  const { status, body } = await server.api.post(`/api/entries`).send({
    entries: Array.from({ length: 40 }, () =>
      takenIn(
        { pieceId: `p-${Math.random().toString(36).slice(2)}` },
        { keep: note.slice(0, 400) },
      ),
    ),
  });
  expect(status).toBe(503);
  expect((body as { detail: string }).detail).toMatch(/full.*nothing was stored/);
  expect((await server.api.get(`/api/pieces/${CHEST.id}`)).status).toBe(200);
  await server.close();
});
