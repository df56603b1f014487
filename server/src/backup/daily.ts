import { existsSync, mkdirSync, readdirSync, renameSync, rmSync } from 'node:fs';
import path from 'node:path';
import type { Logger } from 'pino';
import { makeBackup, readBackup } from './backup';

/** Daily backups kept. */
const KEPT = 7;
/** How often is looked whether today's is there, ms. */
const LOOKS = 60 * 60_000;
const NAME = /^obrik-\d{4}-\d{2}-\d{2}\.zip$/;

/** Where the backups of a database lie: beside it. */
export const backupFolder = (databaseFile: string): string => `${databaseFile}-backups`;

const backupsIn = (folder: string): string[] =>
  existsSync(folder)
    ? readdirSync(folder)
        .filter((it) => NAME.test(it))
        .sort()
        .reverse()
    : [];

/** Makes today's backup, where it is not there, and drops those beyond the last seven. */
export const backUpToday = async (databaseFile: string, now: Date): Promise<string | undefined> => {
  const folder = backupFolder(databaseFile);
  const name = `obrik-${now.toISOString().slice(0, 10)}.zip`;
  if (existsSync(path.join(folder, name))) return undefined;
  mkdirSync(folder, { recursive: true });
  const unfinished = path.join(folder, `.${name}`);
  await makeBackup(databaseFile, unfinished, now);
  renameSync(unfinished, path.join(folder, name));
  for (const old of backupsIn(folder).slice(KEPT)) rmSync(path.join(folder, old));
  return name;
};

/** Backs up every day while the server runs. @returns ends it */
export const backUpDaily = (databaseFile: string, log: Logger): (() => void) => {
  const look = () =>
    void backUpToday(databaseFile, new Date()).catch((error: unknown) =>
      log.error({ error: String(error) }, 'no backup was made today'),
    );
  const first = setTimeout(look, 10_000);
  const timer = setInterval(look, LOOKS);
  return () => {
    clearTimeout(first);
    clearInterval(timer);
  };
};

/** The newest backup that can be read. */
export const newestGood = async (databaseFile: string): Promise<string | undefined> => {
  const folder = backupFolder(databaseFile);
  for (const name of backupsIn(folder)) {
    const file = path.join(folder, name);
    if (await readBackup(file).catch(() => undefined)) return file;
  }
  return undefined;
};

/** What to do about a database that can't be worked with. */
export const wayOut = async (databaseFile: string): Promise<string> => {
  const good = await newestGood(databaseFile);
  return good
    ? `The newest good backup is ${good}. To put it in its place: DB_FILE=${databaseFile} npm run --silent db -- restore ${good} --yes`
    : 'There is no backup beside it.';
};
