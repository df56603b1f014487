import { writeFileSync } from 'node:fs';
import { QueryTypes, Sequelize } from 'sequelize';
import { newPiece, pieceDescription } from '@obrik/core/piece';
import { loadDemo } from '../demo/load';
import { CHEST, NOW, folder } from '../testing/server';
import { openDatabase, type Database } from './database';
import { MIGRATIONS } from './migrations';
import { pieceStore } from './pieces';
import { shopStore } from './shop';

let place: ReturnType<typeof folder>;
beforeEach(() => {
  place = folder();
});
afterEach(() => place.remove());

const tablesOf = async ({ sequelize }: Database): Promise<string[]> => {
  const rows = await sequelize.query<{ name: string }>(
    "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' ORDER BY name",
    { type: QueryTypes.SELECT },
  );
  return rows.map((it) => it.name);
};

const pragma = async ({ sequelize }: Database, name: string): Promise<unknown> => {
  const [row] = await sequelize.query<Record<string, unknown>>(`PRAGMA ${name}`, {
    type: QueryTypes.SELECT,
  });
  return Object.values(row ?? {})[0];
};

describe('an empty file', () => {
  it('is brought to the newest shape, with write-ahead log and foreign keys on', async () => {
    const database = await openDatabase(place.at('new.sqlite'));
    expect(await tablesOf(database)).toEqual([
      'SequelizeMeta',
      'aims',
      'confirmations',
      'findings',
      'hardware',
      'layers',
      'observations',
      'photos',
      'pieces',
      'routes',
      'shop',
    ]);
    expect(await pragma(database, 'journal_mode')).toBe('wal');
    expect(await pragma(database, 'foreign_keys')).toBe(1);
    await database.close();
  });

  it('refuses an observation of no piece, by its foreign key', async () => {
    const database = await openDatabase(place.at('new.sqlite'));
    const orphan = database.models.observations.create({
      pieceId: 'nobody',
      id: 'x',
      position: 0,
      surfaceId: 'top',
      testId: 'tap',
      outcome: 'full',
      value: null,
      layer: null,
      at: NOW.toISOString(),
      by: '',
    });
    await expect(orphan).rejects.toThrow(/FOREIGN KEY/);
    await database.close();
  });
});

it('a file from before the whole inspection keeps what it holds, told more finely', async () => {
  const file = place.at('old.sqlite');
  const old = new Sequelize({ dialect: 'sqlite', storage: file, logging: false });
  const [first] = MIGRATIONS;
  await first?.up({ name: first.name, context: old.getQueryInterface() });
  await old.query('CREATE TABLE SequelizeMeta (name VARCHAR(255) NOT NULL PRIMARY KEY)');
  await old.query("INSERT INTO SequelizeMeta VALUES ('0001-first-tables')");
  const at = NOW.toISOString();
  await old.query(
    `INSERT INTO pieces (id, number, revision, name, templateId, measures, childsRoom, origin, keep, archived, createdAt, updatedAt)
     VALUES ('p', 1, 3, 'Old chest', 'chest', '${JSON.stringify(CHEST.description.measures)}', 0, '', '', 0, '${at}', '${at}')`,
  );
  await old.query(
    `INSERT INTO confirmations (pieceId, surfaceId, variable, position, value, at)
     VALUES ('p', 'top', 'substrate', 0, 'laminate', '${at}'), ('p', 'top', 'finish', 1, 'wax', '${at}')`,
  );
  await old.query(
    `INSERT INTO findings (pieceId, id, position, surfaceId, damage, count, note, at)
     VALUES ('p', 'f', 0, 'top', 'dent', 2, 'corner', '${at}')`,
  );
  await old.query(
    `INSERT INTO aims (pieceId, surfaceId, position, scheme, stripWish)
     VALUES ('p', 'top', 0, '{"kind":"clear","topcoat":"wax"}', 'gel')`,
  );
  await old.query("INSERT INTO shop (id, units, leadCutoffYear) VALUES (1, 'us', 1992)");
  await old.close();

  const database = await openDatabase(file);
  const record = await pieceStore(database).find('p');
  expect(record).toMatchObject({ revision: 3, piece: { name: 'Old chest' } });
  expect(record?.piece.confirmations.map((it) => it.value)).toEqual(['foil', 'wax']);
  // An aim from before anybody could ask for a gun or a new part.
  expect(record?.piece.aims).toEqual([
    { surfaceId: 'top', scheme: { kind: 'clear', topcoat: 'wax' }, stripWish: 'gel' },
  ]);
  expect(record?.piece.findings[0]).toMatchObject({ count: 2, note: 'corner', place: null });
  expect(await shopStore(database).get()).toMatchObject({
    units: 'us',
    airHumidity: 55,
    schools: { prime: 'byRisk' },
    tools: ['sander', 'extractor', 'heatGun'],
  });
  await database.close();
});

it('started twice on one file, keeps what is there and migrates nothing twice', async () => {
  const file = place.at('twice.sqlite');
  const first = await openDatabase(file);
  const piece = newPiece('chest-1', pieceDescription.parse(CHEST.description));
  const added = await pieceStore(first).add(piece, NOW);
  await first.close();
  const second = await openDatabase(file);
  expect(await pieceStore(second).find('chest-1')).toEqual(added);
  const done = await second.sequelize.query('SELECT name FROM SequelizeMeta', {
    type: QueryTypes.SELECT,
  });
  expect(done).toHaveLength(MIGRATIONS.length);
  await second.close();
});

it('says so where the file is no database', async () => {
  writeFileSync(place.at('letter.txt'), 'Dear reader, this is not a database. '.repeat(50));
  await expect(openDatabase(place.at('letter.txt'))).rejects.toThrow(/not a database/i);
});

describe('the demo', () => {
  it('loads seven pieces in different states, dated before it starts', async () => {
    const database = await openDatabase(place.at('demo.sqlite'));
    const store = pieceStore(database);
    await loadDemo(store, NOW);
    const list = await store.list();
    expect(list.map((it) => it.number)).toEqual([1, 2, 3, 4, 5, 6, 7]);
    for (const { updatedAt, piece } of list) {
      expect(updatedAt < NOW.toISOString()).toBe(true);
      expect(piece.observations.length).toBeGreaterThan(0);
    }
    await database.close();
  });

  it('leaves a shop alone that has a piece of its own', async () => {
    const database = await openDatabase(place.at('own.sqlite'));
    const store = pieceStore(database);
    await store.add(newPiece('mine', pieceDescription.parse(CHEST.description)), NOW);
    await loadDemo(store, NOW);
    expect((await store.list()).map((it) => it.piece.id)).toEqual(['mine']);
    await database.close();
  });
});
