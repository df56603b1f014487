import { Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import { defineModels, type Models } from './models';
import { MIGRATIONS } from './migrations';

/** An open database: its connection and models. */
export interface Database {
  readonly sequelize: Sequelize;
  readonly models: Models;
  close(): Promise<void>;
}

/**
 * Opens a database file and brings it to the newest shape. Safe to repeat.
 * @param file path of the SQLite file; it is made where there is none
 * @throws Error where the file is not a database or can't be written
 */
export const openDatabase = async (file: string): Promise<Database> => {
  const sequelize = new Sequelize({ dialect: 'sqlite', storage: file, logging: false });
  await sequelize.query('PRAGMA journal_mode = WAL');
  await sequelize.query('PRAGMA foreign_keys = ON');
  const umzug = new Umzug({
    migrations: [...MIGRATIONS],
    context: sequelize.getQueryInterface(),
    storage: new SequelizeStorage({ sequelize }),
    logger: undefined,
  });
  await umzug.up();
  return { sequelize, models: defineModels(sequelize), close: () => sequelize.close() };
};
