import { existsSync, statSync } from 'node:fs';
import { QueryTypes, Sequelize } from 'sequelize';
import sqlite3 from 'sqlite3';
import { MIGRATIONS } from './migrations';
import { defineModels } from './models';
import { DatabaseTrouble } from './trouble';

/** No SQLite file is shorter, bytes. */
const SHORTEST = 512;

/** What SQLite says of a file that it can't work with, in words. */
export const inWords = (file: string, error: unknown): DatabaseTrouble => {
  const said = String(error);
  if (/SQLITE_NOTADB|not a database/i.test(said)) return noDatabase(file);
  if (/SQLITE_CORRUPT|malformed/i.test(said)) {
    return new DatabaseTrouble(
      `${file} is damaged. It is left as it is; put a backup in its place.`,
    );
  }
  if (/SQLITE_READONLY|readonly/i.test(said)) {
    return new DatabaseTrouble(`${file} can't be written to. Check who owns it and its folder.`);
  }
  if (/SQLITE_CANTOPEN/.test(said)) {
    return new DatabaseTrouble(`${file} can't be opened. Check that its folder exists.`);
  }
  if (/SQLITE_FULL|ENOSPC/.test(said)) {
    return new DatabaseTrouble(`No room left where ${file} lies. Nothing was changed.`);
  }
  return new DatabaseTrouble(`${file} can't be opened: ${said}`);
};

const noDatabase = (file: string): DatabaseTrouble =>
  new DatabaseTrouble(
    `${file} is not a database of Obrik (SQLite: file is not a database). It is left as it is; name another in DB_FILE.`,
  );

const select = <T extends object>(sequelize: Sequelize, sql: string): Promise<T[]> =>
  sequelize.query<T>(sql, { type: QueryTypes.SELECT });

const isWhole = async (sequelize: Sequelize): Promise<boolean> => {
  const [row] = await select<Record<string, unknown>>(sequelize, 'PRAGMA quick_check(1)');
  return Object.values(row ?? {})[0] === 'ok';
};

const tablesIn = async (sequelize: Sequelize): Promise<ReadonlySet<string>> => {
  const rows = await select<{ name: string }>(
    sequelize,
    "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'",
  );
  return new Set(rows.map((it) => it.name));
};

/** Tables and columns that a database of the newest shape should have and has not. */
const lacking = async (sequelize: Sequelize): Promise<readonly string[]> => {
  const lost: string[] = [];
  defineModels(sequelize);
  for (const model of Object.values(sequelize.models)) {
    const table = model.tableName;
    const rows = await select<{ name: string }>(sequelize, `PRAGMA table_info(${table})`);
    const there = new Set(rows.map((it) => it.name));
    if (there.size === 0) lost.push(table);
    else {
      const columns = Object.keys(model.getAttributes()).filter((it) => !there.has(it));
      lost.push(...columns.map((it) => `${table}.${it}`));
    }
  }
  return lost;
};

/** What is the matter with an open database; undefined where nothing is. */
const matterWith = async (sequelize: Sequelize, file: string): Promise<string | undefined> => {
  if (!(await isWhole(sequelize))) throw new Error('SQLITE_CORRUPT');
  const tables = await tablesIn(sequelize);
  if (tables.size === 0) return undefined;
  if (!tables.has('SequelizeMeta')) {
    return `${file} is a database of another program. It is left as it is; name another in DB_FILE.`;
  }
  const done = (await select<{ name: string }>(sequelize, 'SELECT name FROM SequelizeMeta'))
    .map((it) => it.name)
    .sort();
  const known = MIGRATIONS.map((it) => it.name);
  const newer = done.filter((it) => !known.includes(it));
  if (newer.length > 0) {
    return `${file} was written by a newer Obrik (${newer.join(', ')}). Update Obrik to open it; the file is left as it is.`;
  }
  const lost = done.length === known.length ? await lacking(sequelize) : [];
  return lost.length > 0
    ? `${file} is not whole: ${lost.join(', ')} missing. It is left as it is; put a backup in its place.`
    : undefined;
};

/**
 * Looks at a file before anything is written to it.
 * @throws DatabaseTrouble in words, where it is no database that this Obrik can work with
 */
export const inspect = async (file: string): Promise<void> => {
  const stat = existsSync(file) ? statSync(file) : undefined;
  if (stat?.isDirectory())
    throw new DatabaseTrouble(`${file} is a folder. Name a file in DB_FILE.`);
  if (!stat) return;
  if (stat.size === 0) {
    // Beside backups there once was something in it.
    if (!existsSync(`${file}-backups`)) return;
    throw new DatabaseTrouble(`${file} is empty (0 bytes). It is left as it is.`);
  }
  if (stat.size < SHORTEST) throw noDatabase(file);
  const sequelize = new Sequelize({
    dialect: 'sqlite',
    storage: file,
    logging: false,
    dialectOptions: { mode: sqlite3.OPEN_READONLY },
  });
  try {
    const matter = await matterWith(sequelize, file);
    if (matter) throw new DatabaseTrouble(matter);
  } catch (error) {
    throw error instanceof DatabaseTrouble ? error : inWords(file, error);
  } finally {
    await sequelize.close();
  }
};
