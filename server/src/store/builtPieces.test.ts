import { pieceDescription, surfacesOf } from '@obrik/core/piece';
import { QueryTypes, Sequelize } from 'sequelize';
import sqlite3 from 'sqlite3';
import { builtPieces } from './migrations/0011-built-pieces';

/*
 * Entries as version 1 wrote them, told by hand; what they say of a piece must be what the migrated
 * ones say. Whole databases of earlier versions are tried in `database.test.ts`.
 */

const MEASURES = { width: 900, depth: 450, height: 850, legHeight: 100, rows: 4, columns: 1 };
const whole = { templateId: 'chest', measures: MEASURES };
const more = { name: 'Chest', yearFrom: 1930, yearTo: null };

let sequelize: Sequelize;
beforeEach(async () => {
  sequelize = new Sequelize({
    dialect: 'sqlite',
    dialectModule: sqlite3,
    storage: ':memory:',
    logging: false,
  });
  await sequelize.query(
    'CREATE TABLE entries (seq INTEGER PRIMARY KEY, pieceId TEXT, version INTEGER, deed TEXT)',
  );
});
afterEach(() => sequelize.close());

interface Row {
  readonly seq: number;
  readonly version: number;
  readonly deed: string;
}

/** The entries after the migration, each given as piece and deed. */
const migrated = async (
  entries: readonly (readonly [string | null, object])[],
): Promise<readonly { version: number; deed: { description?: Record<string, unknown> } }[]> => {
  for (const [index, [pieceId, deed]] of entries.entries()) {
    await sequelize.query('INSERT INTO entries VALUES (?, ?, 1, ?)', {
      replacements: [index + 1, pieceId, JSON.stringify(deed)],
    });
  }
  const context = sequelize.getQueryInterface();
  await builtPieces.up({ name: builtPieces.name, context });
  // Begun a second time it changes nothing.
  const rows = () =>
    sequelize.query<Row>('SELECT * FROM entries ORDER BY seq', { type: QueryTypes.SELECT });
  const once = await rows();
  await builtPieces.up({ name: builtPieces.name, context });
  expect(await rows()).toEqual(once);
  return once.map(({ version, deed }) => ({ version, deed: JSON.parse(deed) as object }));
};

it('a piece taken in by template is told by how it is built', async () => {
  const [it] = await migrated([['a', { kind: 'takenIn', description: { ...more, ...whole } }]]);
  expect(it?.version).toBe(2);
  expect(it?.deed.description).not.toHaveProperty('templateId');
  // As it stands in the row: today's reader would understand the old form too.
  const [body] = (it?.deed.description as { build?: { bodies?: unknown[] } }).build?.bodies ?? [];
  expect(body).toMatchObject({ measures: { width: 900, depth: 450, height: 850 } });
  const read = pieceDescription.parse(it?.deed.description);
  expect(read).toMatchObject({ name: 'Chest', yearFrom: 1930 });
  expect(surfacesOf(read).find((one) => one.id === 'fronts')?.count).toBe(4);
});

it('an entry that told measures alone is completed by the kind told before it, piece by piece', async () => {
  const entries = await migrated([
    ['a', { kind: 'takenIn', description: { ...more, ...whole } }],
    [
      'b',
      {
        kind: 'takenIn',
        description: {
          ...more,
          templateId: 'table',
          measures: { width: 1400, depth: 800, height: 750, apronHeight: 90 },
        },
      },
    ],
    ['a', { kind: 'describe', description: { measures: { ...MEASURES, rows: 6 } } }],
    ['b', { kind: 'describe', description: { name: 'Desk' } }],
  ]);
  const resized = pieceDescription.parse({ ...more, ...entries[2]?.deed.description });
  expect(surfacesOf(resized).find((one) => one.id === 'fronts')?.count).toBe(6);
  expect(entries[3]).toMatchObject({ version: 1, deed: { description: { name: 'Desk' } } });
});

it('what is no description, or can’t be read as one of version 1, stays as it was', async () => {
  const odd = [
    ['a', { kind: 'observe', observation: { note: 'it says "takenIn"' } }],
    ['a', { kind: 'takenIn', description: { ...more, templateId: 'boat', measures: {} } }],
    [null, { kind: 'shopSet', settings: { units: 'us' } }],
  ] as const;
  const after = await migrated(odd);
  expect(after[0]).toMatchObject({ version: 1, deed: odd[0][1] });
  expect(after[2]).toMatchObject({ version: 1, deed: odd[2][1] });
  expect(after[1]).toMatchObject({ version: 1, deed: odd[1][1] });
});
