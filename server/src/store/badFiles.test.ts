import {
  copyFileSync,
  existsSync,
  mkdirSync,
  readFileSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import path from 'node:path';
import { QueryTypes, Sequelize } from 'sequelize';
import { folder, NOW, takenIn, withDatabase } from '../testing/server';
import { openDatabase } from './database';
import { ledgerStore } from './ledger';
import { DatabaseTrouble } from './trouble';

/*
 * Files that are put in the place of the database. What has to be said was written by hand; bytes
 * of the file format are those of https://www.sqlite.org/fileformat2.html (from memory).
 */

let place: ReturnType<typeof folder>;
let shop: string;
beforeAll(async () => {
  place = folder();
  shop = place.at('shop.sqlite');
  await withDatabase(shop, async (it) => {
    const pieces = Array.from({ length: 60 }, (_, index) => takenIn({ pieceId: `p-${index}` }));
    await ledgerStore(it).add(pieces, NOW);
    await it.tidy();
  });
});
afterAll(() => place.remove());

/** A copy of the shop with some bytes changed. */
const changed =
  (change: (bytes: Buffer) => Buffer | void) =>
  (file: string): void => {
    const bytes = readFileSync(shop);
    writeFileSync(file, change(bytes) ?? bytes);
  };

/** A copy of the shop after a statement of another program. */
const after = (sql: string) => async (file: string) => {
  copyFileSync(shop, file);
  const sequelize = new Sequelize({ dialect: 'sqlite', storage: file, logging: false });
  await sequelize.query(sql);
  await sequelize.close();
};

const PAGE = 4096;
const DAMAGED = /is damaged\. It is left as it is; put a backup in its place/;
const NO_DATABASE = /is not a database of Obrik/;

const text = (it: string) => (file: string) => writeFileSync(file, it);

const BAD: readonly [string, (file: string) => Promise<void> | void, RegExp][] = [
  [
    'a letter',
    text('Dear reader, this is no database at all, but it is long enough.'),
    NO_DATABASE,
  ],
  ['one byte', text('x'), NO_DATABASE],
  ['a zip', text('PK\u0003\u0004'.padEnd(5000, 'z')), NO_DATABASE],
  [
    'a picture',
    (file) => writeFileSync(file, Buffer.from([255, 216, 255, 224, 0, 16])),
    NO_DATABASE,
  ],
  [
    'no bytes, beside backups',
    (file) => {
      writeFileSync(file, '');
      mkdirSync(`${file}-backups`);
    },
    /is empty/,
  ],
  ['the first half', changed((it) => it.subarray(0, it.length / 2)), DAMAGED],
  ['the first page', changed((it) => it.subarray(0, PAGE)), DAMAGED],
  ['all but the last page', changed((it) => it.subarray(0, it.length - PAGE)), DAMAGED],
  ['a header overwritten', changed((it) => void it.fill(0, 0, 16)), NO_DATABASE],
  ['a header of another page size', changed((it) => void it.writeUInt16BE(3, 16)), NO_DATABASE],
  ['pages overwritten with zeros', changed((it) => void it.fill(0, PAGE, PAGE * 8)), DAMAGED],
  [
    'pages overwritten with noise',
    changed((it) => void it.fill(0xa5, PAGE * 2, PAGE * 9)),
    DAMAGED,
  ],
  ['a list of tables overwritten', changed((it) => void it.fill(0x5a, 100, PAGE)), DAMAGED],
  [
    'a free list that leads nowhere',
    changed((it) => {
      it.writeUInt32BE(999_999, 32);
      it.writeUInt32BE(7, 36);
    }),
    DAMAGED,
  ],
  [
    'another program’s tables',
    async (file) => {
      const sequelize = new Sequelize({ dialect: 'sqlite', storage: file, logging: false });
      await sequelize.query('CREATE TABLE songs (title TEXT)');
      await sequelize.close();
    },
    /a database of another program/,
  ],
  [
    'a newer Obrik',
    after("INSERT INTO SequelizeMeta (name) VALUES ('0999-later')"),
    /a newer Obrik \(0999-later\)/,
  ],
  ['a lost table', after('DROP TABLE entries'), /is not whole: .*entries/],
  ['a lost column', after('ALTER TABLE snapshots DROP COLUMN planned'), /is not whole: .*planned/],
  ['a folder', (file) => void mkdirSync(file), /is a folder/],
];

describe('in the place of the database', () => {
  it.each(BAD)('%s: one clear message, and it stays as it is', async (name, make, says) => {
    const file = place.at(`bad ${name}.sqlite`);
    await make(file);
    const before = statSync(file).isFile() ? readFileSync(file) : undefined;
    const told: unknown = await openDatabase(file).then(
      (it) => it.close(),
      (error: unknown) => error,
    );
    expect(told).toBeInstanceOf(DatabaseTrouble);
    const { message } = told as DatabaseTrouble;
    expect(message).toMatch(says);
    expect(message).toContain(path.basename(file));
    expect(message).not.toMatch(/\n|    at /);
    if (before) expect(readFileSync(file).equals(before)).toBe(true);
  });

  it('a log of noise beside a whole file does no harm', async () => {
    const file = place.at('noisy log.sqlite');
    copyFileSync(shop, file);
    writeFileSync(`${file}-wal`, Buffer.alloc(20_000, 0xa5));
    await withDatabase(file, async (it) => {
      expect(await ledgerStore(it).summaries(0, 100)).toHaveLength(60);
    });
  });

  it('nothing: a new one is made, and only there', async () => {
    const file = place.at('none yet.sqlite');
    await withDatabase(file, async ({ sequelize }) => {
      const [row] = await sequelize.query<Record<string, number>>('SELECT COUNT(*) FROM entries', {
        type: QueryTypes.SELECT,
      });
      expect(Object.values(row ?? {})).toEqual([0]);
    });
    expect(existsSync(file)).toBe(true);
  });
});
