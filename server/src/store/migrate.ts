import { existsSync, rmSync } from 'node:fs';
import { QueryTypes, Sequelize, type QueryInterface } from 'sequelize';
import { Umzug, type RunnableMigration, type UmzugStorage } from 'umzug';
import { MIGRATIONS } from './migrations';
import { DatabaseTrouble } from './trouble';

const namesIn = async (sequelize: Sequelize): Promise<string[]> => {
  const rows = await sequelize.query<{ name: string }>('SELECT name FROM SequelizeMeta', {
    type: QueryTypes.SELECT,
  });
  return rows.map((it) => it.name).sort();
};

const makeTable = (sequelize: Sequelize) =>
  sequelize.query(
    'CREATE TABLE IF NOT EXISTS SequelizeMeta (name VARCHAR(255) NOT NULL PRIMARY KEY)',
  );

/** The migration and the word that it was done, in one transaction: both are there, or neither. */
const atOnce = (
  sequelize: Sequelize,
  { name, up }: RunnableMigration<QueryInterface>,
): RunnableMigration<QueryInterface> => ({
  name,
  up: async (given) => {
    await sequelize.query('BEGIN IMMEDIATE');
    try {
      await up(given);
      await sequelize.query('INSERT INTO SequelizeMeta (name) VALUES (:name)', {
        replacements: { name },
      });
      await sequelize.query('COMMIT');
    } catch (error) {
      await sequelize.query('ROLLBACK');
      throw error;
    }
  },
});

/** Umzug asks here; the words themselves are written with the migrations. */
const doneIn = (sequelize: Sequelize): UmzugStorage => ({
  executed: () => namesIn(sequelize),
  logMigration: async () => {},
  unlogMigration: async () => {},
});

/** Reads a copy through: a copy that can't be opened is none. */
const verify = async (copy: string): Promise<void> => {
  const sequelize = new Sequelize({ dialect: 'sqlite', storage: copy, logging: false });
  try {
    const [row] = await sequelize.query<Record<string, unknown>>('PRAGMA integrity_check', {
      type: QueryTypes.SELECT,
    });
    if (Object.values(row ?? {})[0] !== 'ok') throw new DatabaseTrouble('The copy is damaged.');
  } finally {
    await sequelize.close();
  }
};

/**
 * Copies a database as it is, with what stands in its log, and reads the copy through.
 * @throws where there is no room, or the copy can't be read
 */
export const copyDatabase = async (sequelize: Sequelize, copy: string): Promise<void> => {
  if (existsSync(copy)) rmSync(copy);
  await sequelize.query('VACUUM INTO :copy', { replacements: { copy } });
  await verify(copy);
};

/**
 * Brings a database to the newest shape, one transaction a migration; a kill at any moment leaves
 * it as it was before one of them. What holds data is copied first.
 * @param sequelize the only connection to the file
 * @returns the name of the copy, where one was made
 */
export const migrate = async (sequelize: Sequelize, file: string): Promise<string | undefined> => {
  await makeTable(sequelize);
  const done = await namesIn(sequelize);
  const open = MIGRATIONS.filter((it) => !done.includes(it.name));
  const [first] = open;
  if (!first) return undefined;
  const copy = done.length > 0 ? `${file}.before-${first.name}` : undefined;
  if (copy) await copyDatabase(sequelize, copy);
  const umzug = new Umzug({
    migrations: MIGRATIONS.map((it) => atOnce(sequelize, it)),
    context: sequelize.getQueryInterface(),
    storage: doneIn(sequelize),
    logger: undefined,
  });
  // Tables are made anew under their old names: references are looked at again when all is done.
  await sequelize.query('PRAGMA foreign_keys = OFF');
  await umzug.up();
  await sequelize.query('PRAGMA foreign_keys = ON');
  return copy;
};
