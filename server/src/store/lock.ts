import { Sequelize } from 'sequelize';
import { DatabaseTrouble } from './trouble';

/**
 * Takes a database file for this process alone. The lock is one of the operating system's on a
 * small file beside it: it goes with the process, however that ends.
 * @returns gives the file free
 * @throws DatabaseTrouble where another process has it
 */
export const lockFile = async (file: string): Promise<() => Promise<void>> => {
  const beside = new Sequelize({ dialect: 'sqlite', storage: `${file}-lock`, logging: false });
  try {
    await beside.query('PRAGMA busy_timeout = 0');
    await beside.query('BEGIN EXCLUSIVE');
  } catch (error) {
    await beside.close();
    if (!/SQLITE_BUSY/.test(String(error))) {
      throw new DatabaseTrouble(
        `Can't write beside ${file}: the folder has to exist and be writable.`,
      );
    }
    throw new DatabaseTrouble(
      `Another Obrik has ${file} open. Two would overwrite each other: stop the other one, or name another file in DB_FILE.`,
    );
  }
  return () => beside.close();
};
