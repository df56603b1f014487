import { copyFileSync, existsSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { QueryTypes, Sequelize } from 'sequelize';
import { piece as pieceSchema, shop as shopSchema, stocked, type Piece } from '@obrik/core/piece';
import { loadDemo } from '../demo/load';
import { CHEST, NOW, OBSERVATION, entryOf, folder, takenIn, withDatabase } from '../testing/server';
import { openDatabase, type Database } from './database';
import { ledgerStore } from './ledger';
import { MIGRATIONS } from './migrations';
import { photoStore } from './photos';
import { routeStore } from './routes';

let place: ReturnType<typeof folder>;
beforeEach(() => {
  place = folder();
});
afterEach(() => place.remove());

const FIXTURES = path.join(__dirname, 'fixtures');
/** Databases as earlier versions of Obrik wrote them, with what those versions said of the pieces. */
const OLD = ['after-0002', 'after-0004', 'after-0007'] as const;

const oldFile = (name: string): string => {
  const file = place.at(`${name}.sqlite`);
  copyFileSync(path.join(FIXTURES, `${name}.sqlite`), file);
  return file;
};
const saidOf = (name: string) =>
  JSON.parse(readFileSync(path.join(FIXTURES, `${name}.json`), 'utf8')) as (Piece & {
    number: number;
  })[];

/** The order within the lists says nothing; compared without it. */
const asSets = (it: Piece) =>
  Object.fromEntries(
    Object.entries(it).map(([key, value]) => [
      key,
      Array.isArray(value) ? value.map((one) => JSON.stringify(one)).sort() : (value as unknown),
    ]),
  );

const select = async ({ sequelize }: Database, sql: string): Promise<unknown[]> => {
  const rows = await sequelize.query<Record<string, unknown>>(sql, { type: QueryTypes.SELECT });
  return rows.map((it) => Object.values(it)[0]);
};

describe('an empty file', () => {
  it('is brought to the newest shape, with write-ahead log and full flushes', () =>
    withDatabase(place.at('new.sqlite'), async (database) => {
      const tables = await select(
        database,
        "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' ORDER BY name",
      );
      expect(tables).toEqual([
        'SequelizeMeta',
        'devices',
        'entries',
        'facts',
        'photos',
        'routes',
        'snapshots',
      ]);
      expect(await select(database, 'PRAGMA journal_mode')).toEqual(['wal']);
    }));

  it('takes no writing but through the one queue', () =>
    withDatabase(place.at('new.sqlite'), async ({ models }) => {
      const beside = models.photos.create({
        id: 'x',
        pieceId: 'p',
        width: 1,
        height: 1,
        bytes: Buffer.from('x'),
        takenInAt: NOW.toISOString(),
      });
      await expect(beside).rejects.toThrow(/readonly/i);
    }));
});

describe.each(OLD)('a database of before the ledger (%s)', (name) => {
  it('is a ledger afterwards, and says of every piece what it said before', () =>
    withDatabase(oldFile(name), async (database) => {
      const ledger = ledgerStore(database);
      await ledger.mend();
      const said = saidOf(name);
      expect((await ledger.summaries(0, 10)).map((it) => it.number)).toEqual(
        said.map((it) => it.number),
      );
      for (const { number, ...old } of said) {
        const now = await ledger.piece(old.id);
        expect(now).toMatchObject({ number, withoutEffect: [], conflicts: [] });
        expect(asSets(now!.piece)).toEqual(asSets(pieceSchema.parse(old)));
      }
      expect((await ledger.shop()).shop).toMatchObject({ units: 'us', leadCutoffYear: 1992 });
      const routes = await routeStore(database).list(said[0]!.id);
      expect(routes).toHaveLength(1);
      expect(routes[0]!.pieceRevision).toBe((await ledger.piece(said[0]!.id))?.revision);
      if (name !== 'after-0002') {
        const photo = await photoStore(database).find('photo-1');
        expect(photo).toMatchObject({ pieceId: said[0]!.id, width: 2 });
        expect([...photo!.bytes]).toEqual([255, 216, 255, 1, 2, 3]);
      }
    }));

  it('is copied first, and the copy can be opened by what wrote it', async () => {
    const file = oldFile(name);
    const before = await rowsOf(file, 'SELECT COUNT(*) FROM observations');
    await withDatabase(file, async () => {});
    const next = MIGRATIONS[Number(name.slice(-1))]?.name;
    expect(await rowsOf(`${file}.before-${next}`, 'SELECT COUNT(*) FROM observations')).toEqual(
      before,
    );
  });
});

/** Records as the ledger wrote them before, with the versions that its entries had then. */
const OLD_LEDGERS = ['after-0010', 'after-0011-version-4', 'after-0011-version-6'] as const;

describe.each(OLD_LEDGERS)('a record of the ledger’s own time (%s)', (name) => {
  it('tells the same pieces and the same shop as then', () =>
    withDatabase(oldFile(name), async (database) => {
      const ledger = ledgerStore(database);
      await ledger.mend();
      const then = JSON.parse(readFileSync(path.join(FIXTURES, `${name}.json`), 'utf8')) as {
        pieces: (Piece & { number: number })[];
        shop: object;
        stock: readonly object[];
      };
      expect((await ledger.after(0, 1000)).unreadable).toEqual([]);
      for (const { number, ...old } of then.pieces) {
        const now = await ledger.piece(old.id);
        expect(now).toMatchObject({ number, withoutEffect: [], conflicts: [] });
        expect(asSets(now!.piece)).toEqual(asSets(pieceSchema.parse(old)));
      }
      const { shop, stock } = await ledger.shop();
      expect(shop).toEqual(shopSchema.parse(then.shop));
      expect(stock).toEqual(then.stock.map((it) => stocked.parse(it)));
    }));
});

/** Rows of a file, read beside Obrik. */
const rowsOf = async (file: string, sql: string): Promise<unknown[]> => {
  const raw = new Sequelize({ dialect: 'sqlite', storage: file, logging: false });
  const rows = await raw.query(sql, { type: QueryTypes.SELECT });
  await raw.close();
  return rows;
};

describe('killed after any statement of any migration', () => {
  /** Copies the files as they lie on the disk at each statement: what a kill would leave. */
  const crashImages = async (file: string): Promise<string[]> => {
    const images: string[] = [];
    const database = await openDatabase(file, {
      onStatement: () => {
        const image = place.at(`crash-${images.length}.sqlite`);
        for (const end of ['', '-wal', '-shm', '-journal']) {
          if (existsSync(file + end)) copyFileSync(file + end, image + end);
        }
        images.push(image);
      },
    });
    await database.close();
    return images;
  };

  // The other old ones run statements that the oldest runs as well.
  it.each([OLD[0], 'fresh'])('%s starts again, and nothing is lost', async (name) => {
    const images = await crashImages(name === 'fresh' ? place.at('fresh.sqlite') : oldFile(name));
    expect(images.length).toBeGreaterThan(30);
    const said = name === 'fresh' ? [] : saidOf(name);
    for (const image of images) {
      await withDatabase(image, async (database) => {
        const ledger = ledgerStore(database);
        await ledger.mend();
        const list = await ledger.summaries(0, 10);
        expect(list.map((it) => it.pieceId)).toEqual(said.map((it) => it.id));
        const first = said[0];
        if (first) {
          const now = await ledger.piece(first.id);
          expect(now?.piece.observations).toHaveLength(first.observations.length);
        }
      });
    }
  });
});

describe('a place that can’t be worked in is told', () => {
  it('one that another Obrik has open', () =>
    withDatabase(place.at('two.sqlite'), async () => {
      await expect(openDatabase(place.at('two.sqlite'))).rejects.toThrow(/Another Obrik/);
    }));

  it('one below what is no folder', async () => {
    await expect(openDatabase(path.join(FIXTURES, 'after-0002.json', 'x.sqlite'))).rejects.toThrow(
      /folder/,
    );
  });
});

describe('the record', () => {
  const filled = async (database: Database) => {
    const ledger = ledgerStore(database);
    await ledger.add([takenIn(), entryOf({ kind: 'observe', observation: OBSERVATION })], NOW);
    await ledger.add([takenIn({ pieceId: 'other' })], NOW);
    return ledger;
  };

  it('gives the same pieces when its snapshots are made again, and after a restart', async () => {
    const file = place.at('record.sqlite');
    const before = await withDatabase(file, async (database) => {
      const ledger = await filled(database);
      const kept = await select(database, 'SELECT ledger FROM snapshots ORDER BY pieceId');
      expect(await ledger.rebuild()).toBe(2);
      expect(await select(database, 'SELECT ledger FROM snapshots ORDER BY pieceId')).toEqual(kept);
      return ledger.piece(CHEST.id);
    });
    await withDatabase(file, async (database) => {
      expect(await ledgerStore(database).piece(CHEST.id)).toEqual(before);
    });
  });

  it('with a line that can’t be read: sets it aside, keeps it, and all else works', () =>
    withDatabase(place.at('bad-line.sqlite'), async (database) => {
      await filled(database);
      await database.write(async ({ entries, snapshots }) => {
        await entries.update({ sent: '{"change":{"kind":"obser' }, { where: { seq: 2 } });
        await snapshots.update({ ledger: '{', form: 0 }, { where: { pieceId: CHEST.id } });
      });
      const ledger = ledgerStore(database);
      await ledger.mend();
      expect((await ledger.summaries(0, 10)).map((it) => it.pieceId)).toEqual([CHEST.id, 'other']);
      expect(await ledger.piece(CHEST.id)).toMatchObject({ piece: { observations: [] } });
      const page = await ledger.ofPiece(CHEST.id);
      expect(page.unreadable).toMatchObject([{ seq: 2, pieceId: CHEST.id }]);
      expect(await select(database, 'SELECT sent FROM entries WHERE seq = 2')).toEqual([
        '{"change":{"kind":"obser',
      ]);
      const [told] = await ledger.add([entryOf({ kind: 'archive' }, { baseSeq: 2 })], NOW);
      expect(told).toMatchObject({ outcome: 'stored' });
    }));

  it('answers every entry where a write can’t even begin, and goes on when it can', () =>
    withDatabase(place.at('begin.sqlite'), async (database) => {
      let works = false;
      const ledger = ledgerStore({
        ...database,
        write: (work) => (works ? database.write(work) : Promise.reject(new Error('SQLITE_FULL'))),
      });
      await expect(ledger.add([takenIn()], NOW)).rejects.toThrow('SQLITE_FULL');
      await expect(ledger.add([takenIn()], NOW)).rejects.toThrow('SQLITE_FULL');
      works = true;
      expect(await ledger.add([takenIn()], NOW)).toMatchObject([{ outcome: 'stored' }]);
    }));

  it('undoes a write whole where a part of it fails', () =>
    withDatabase(place.at('half.sqlite'), async (database) => {
      const ledger = await filled(database);
      const last = await ledger.last();
      const half = database.write(async ({ entries }) => {
        await entries.destroy({ where: {} });
        throw new Error('power cut');
      });
      await expect(half).rejects.toThrow('power cut');
      expect(await ledger.last()).toBe(last);
      await ledger.add([takenIn({ pieceId: 'third' })], NOW);
      expect(await ledger.last()).toBe(last + 1);
    }));
});

describe('the demo', () => {
  it('loads seven pieces in different states, dated before it starts', () =>
    withDatabase(place.at('demo.sqlite'), async (database) => {
      const ledger = ledgerStore(database);
      await loadDemo(ledger, NOW);
      const list = await ledger.summaries(0, 20);
      expect(list.map((it) => it.number)).toEqual([1, 2, 3, 4, 5, 6, 7]);
      for (const { updatedAt, pieceId } of list) {
        expect(updatedAt < NOW.toISOString()).toBe(true);
        const it = await ledger.piece(pieceId);
        expect(it?.piece.observations.length).toBeGreaterThan(0);
        expect(it?.withoutEffect).toEqual([]);
      }
    }));

  it('leaves a shop alone that has a piece of its own', () =>
    withDatabase(place.at('own.sqlite'), async (database) => {
      const ledger = ledgerStore(database);
      await ledger.add([takenIn()], NOW);
      await loadDemo(ledger, NOW);
      expect((await ledger.summaries(0, 20)).map((it) => it.pieceId)).toEqual([CHEST.id]);
    }));
});
