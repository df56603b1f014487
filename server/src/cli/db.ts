import { randomUUID } from 'node:crypto';
import { existsSync, readdirSync, renameSync, rmSync } from 'node:fs';
import path from 'node:path';
import { Sequelize } from 'sequelize';
import { countsOf, makeBackup, readBackup, type Counts } from '../backup/backup';
import { openDatabase } from '../store/database';
import { ledgerStore } from '../store/ledger';
import { lockFile } from '../store/lock';

/** What a command says, and how it ended. */
interface Said {
  readonly code: 0 | 1;
  readonly text: string;
}

const USAGE = `The record of the shop, by hand. Stop the server first.

  npm run --silent db -- check                    reads the database through
  npm run --silent db -- rebuild                  makes all snapshots again from the entries
  npm run --silent db -- backup FILE.zip          packs everything into one file
  npm run --silent db -- restore FILE.zip         says what would change
  npm run --silent db -- restore FILE.zip --yes   puts it in place; what was there is kept beside it

Which database: DB_FILE (obrik.sqlite).
`;

const held = ({ pieces, entries, photos, routes }: Counts): string =>
  `${pieces} pieces, ${entries} entries, ${photos} photos, ${routes} kept routes`;

const good = (text: string): Said => ({ code: 0, text: `${text}\n` });
const bad = (text: string): Said => ({ code: 1, text: `${text}\n` });

const rebuild = async (file: string): Promise<Said> => {
  const database = await openDatabase(file);
  const count = await ledgerStore(database).rebuild();
  await database.close();
  return good(`Snapshots of ${count} pieces made again from the entries.`);
};

const backup = async (file: string, target: string): Promise<Said> => {
  if (existsSync(target)) return bad(`${target} is there already. Name another file.`);
  const database = await openDatabase(file);
  const { counts } = await makeBackup(file, target, new Date());
  await database.close();
  return good(`${target}: ${held(counts)}. Read through: it can be opened.`);
};

/** Devices learn by it that places in the record are others now. */
const markAsAnother = async (file: string): Promise<void> => {
  const sequelize = new Sequelize({ dialect: 'sqlite', storage: file, logging: false });
  await sequelize.query("UPDATE facts SET value = :id WHERE key = 'record'", {
    replacements: { id: randomUUID() },
  });
  await sequelize.close();
};

/** Drops a file with all that was made beside it. */
const dropAll = (file: string): void => {
  const folder = path.dirname(path.resolve(file));
  for (const name of readdirSync(folder)) {
    if (name.startsWith(path.basename(file))) rmSync(path.join(folder, name), { force: true });
  }
};

const restore = async (file: string, source: string, sure: boolean): Promise<Said> => {
  if (!existsSync(source)) return bad(`There is no ${source}.`);
  const free = await lockFile(file);
  const incoming = `${file}.incoming`;
  try {
    const { madeAt } = await readBackup(source, incoming);
    // A backup of an earlier Obrik is brought to the newest shape before it counts.
    await openDatabase(incoming).then((it) => it.close());
    const counts = await countsOf(incoming);
    const now = existsSync(file)
      ? await countsOf(file).then(held, () => 'a database that can’t be read')
      : 'nothing';
    const plan = `${file} holds ${now}.\n${source}, made ${madeAt}, holds ${held(counts)}.`;
    if (!sure) {
      return good(`${plan}\nNothing was changed. With --yes it is put in place.`);
    }
    const aside = `${file}.replaced-${new Date().toISOString().replace(/[:.]/g, '-')}`;
    for (const end of ['', '-wal', '-shm']) {
      if (existsSync(file + end)) renameSync(file + end, aside + end);
    }
    renameSync(incoming, file);
    await markAsAnother(file);
    return good(`${plan}\nPut in place. What was there is kept as ${aside}.`);
  } catch (error) {
    return bad(`${source} can’t be restored. ${error instanceof Error ? error.message : ''}`);
  } finally {
    dropAll(incoming);
    await free();
  }
};

/**
 * Works on the database by hand.
 * @param given what was typed after the command
 */
export const dbCommand = async (file: string, given: readonly string[]): Promise<Said> => {
  const [command, target] = given;
  try {
    switch (command) {
      case 'check':
        return good(`${file}: ${held(await countsOf(file))}. Nothing is damaged.`);
      case 'rebuild':
        return await rebuild(file);
      case 'backup':
        return target ? await backup(file, target) : bad(USAGE);
      case 'restore':
        return target ? await restore(file, target, given.includes('--yes')) : bad(USAGE);
      default:
        return bad(USAGE);
    }
  } catch (error) {
    return bad(error instanceof Error ? error.message : String(error));
  }
};
