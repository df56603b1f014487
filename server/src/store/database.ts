import { Sequelize } from 'sequelize';
import { inTurn } from '../turns';
import { inWords, inspect } from './inspect';
import { lockFile } from './lock';
import { migrate } from './migrate';
import { defineModels, type Models } from './models';
import { DatabaseTrouble } from './trouble';

/** An open database. */
export interface Database {
  readonly file: string;
  /** Reads; each statement sees the file as it is between two writes. */
  readonly models: Models;
  readonly sequelize: Sequelize;
  /**
   * Writes, one after the other in the order in which they are asked for, each in a transaction of
   * its own. What is thrown undoes all of it.
   */
  readonly write: <T>(work: (models: Models) => Promise<T>) => Promise<T>;
  /** Writes what stands in the log into the file and empties the log. */
  readonly tidy: () => Promise<void>;
  readonly close: () => Promise<void>;
}

interface Options {
  /** Told every statement of the writer, before it is run. */
  readonly onStatement?: (sql: string) => void;
}

const BUSY_MS = 5000;

/**
 * The connection that writes. The log is flushed to the disk at each commit (`synchronous = FULL`):
 * what was acknowledged is there after a power cut too, for a flush of a few milliseconds. What is
 * deleted is overwritten.
 */
const openWriter = async (file: string, { onStatement }: Options): Promise<Sequelize> => {
  const logging = onStatement ? (sql: string) => onStatement(sql) : false;
  const writer = new Sequelize({ dialect: 'sqlite', storage: file, logging });
  for (const pragma of [
    `busy_timeout = ${BUSY_MS}`,
    'journal_mode = WAL',
    'synchronous = FULL',
    'foreign_keys = ON',
    'secure_delete = ON',
  ]) {
    await writer.query(`PRAGMA ${pragma}`);
  }
  return writer;
};

/**
 * Opens a database file for this process alone and brings it to the newest shape. Safe to repeat.
 * @param file path of the SQLite file; it is made where there is none
 * @throws DatabaseTrouble in words, where it can't be worked with; the file is then left as it is
 */
export const openDatabase = async (file: string, options: Options = {}): Promise<Database> => {
  const free = await lockFile(file);
  let writer: Sequelize | undefined;
  try {
    await inspect(file);
    writer = await openWriter(file, options);
    await migrate(writer, file);
  } catch (error) {
    await writer?.close();
    await free();
    throw error instanceof DatabaseTrouble ? error : inWords(file, error);
  }
  const reader = new Sequelize({ dialect: 'sqlite', storage: file, logging: false });
  await reader.query(`PRAGMA busy_timeout = ${BUSY_MS}`);
  await reader.query('PRAGMA query_only = ON');
  const written = defineModels(writer);
  const turn = inTurn();
  const connection = writer;
  return {
    file,
    models: defineModels(reader),
    sequelize: reader,
    write: (work) =>
      turn(async () => {
        await connection.query('BEGIN IMMEDIATE');
        try {
          const result = await work(written);
          await connection.query('COMMIT');
          return result;
        } catch (error) {
          await connection.query('ROLLBACK').catch(() => undefined);
          throw error;
        }
      }),
    tidy: () =>
      turn(async () => {
        await connection.query('PRAGMA wal_checkpoint(TRUNCATE)');
      }),
    close: async () => {
      await turn(async () => {});
      await reader.close();
      await connection.close();
      await free();
    },
  };
};
