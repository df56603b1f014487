import { mkdtempSync, readFileSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { QueryTypes, Sequelize } from 'sequelize';
import { z } from 'zod';
import { jsonIn } from '../store/json';
import { copyDatabase } from '../store/migrate';
import { checksumOf, packZip, unpackZip } from './zip';

const DATABASE = 'obrik.sqlite';
const MANIFEST = 'manifest.json';

/** How much a database holds. */
const counts = z.object({ pieces: z.int(), entries: z.int(), photos: z.int(), routes: z.int() });
export type Counts = z.infer<typeof counts>;

/** What stands in a backup beside the database: what it is, how much it holds, its checksum. */
export const manifest = z.object({
  format: z.literal('obrik-backup', { message: 'It is not a backup of Obrik.' }),
  version: z.literal(1, { message: 'It was made by a newer Obrik.' }),
  madeAt: z.iso.datetime(),
  counts,
  files: z.array(z.object({ name: z.string(), bytes: z.int(), sha256: z.string() })),
});
export type Manifest = z.infer<typeof manifest>;

const inFolder = async <T>(work: (folder: string) => Promise<T>): Promise<T> => {
  const folder = mkdtempSync(path.join(tmpdir(), 'obrik-backup-'));
  try {
    return await work(folder);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
};

const opened = async <T>(file: string, work: (it: Sequelize) => Promise<T>): Promise<T> => {
  const sequelize = new Sequelize({ dialect: 'sqlite', storage: file, logging: false });
  try {
    return await work(sequelize);
  } finally {
    await sequelize.close();
  }
};

const ask = async (sequelize: Sequelize, sql: string): Promise<unknown> => {
  const [row] = await sequelize.query<Record<string, unknown>>(sql, { type: QueryTypes.SELECT });
  return Object.values(row ?? {})[0];
};

/** Reads a database through and counts what it holds. @throws Error where it is damaged */
export const countsOf = (file: string): Promise<Counts> =>
  opened(file, async (sequelize) => {
    if ((await ask(sequelize, 'PRAGMA integrity_check')) !== 'ok') {
      throw new Error('The database in it is damaged.');
    }
    const count = async (sql: string) => Number(await ask(sequelize, sql));
    return {
      pieces: await count('SELECT COUNT(*) FROM snapshots'),
      entries: await count('SELECT COUNT(*) FROM entries'),
      photos: await count('SELECT COUNT(*) FROM photos'),
      routes: await count('SELECT COUNT(*) FROM routes'),
    };
  });

/**
 * Packs everything, database and photos, into one zip, while the server goes on; then takes it out
 * again and reads it through: a backup that can't be opened is none.
 * @param file the database, which may be open
 */
export const makeBackup = (file: string, target: string, now: Date): Promise<Manifest> =>
  inFolder(async (folder) => {
    const copy = path.join(folder, DATABASE);
    await opened(file, (sequelize) => copyDatabase(sequelize, copy));
    const made: Manifest = {
      format: 'obrik-backup',
      version: 1,
      madeAt: now.toISOString(),
      counts: await countsOf(copy),
      files: [{ name: DATABASE, bytes: statSync(copy).size, sha256: await checksumOf(copy) }],
    };
    await packZip(target, [
      { name: MANIFEST, text: JSON.stringify(made, null, 2) },
      { name: DATABASE, file: copy },
    ]);
    await readBackup(target);
    return made;
  });

/**
 * Takes a backup out of its zip and reads it through.
 * @param place where the database goes; nowhere, where it is only checked
 * @throws Error saying what is wrong with it
 */
export const readBackup = (source: string, place?: string): Promise<Manifest> =>
  inFolder(async (folder) => {
    const places = {
      [MANIFEST]: path.join(folder, MANIFEST),
      [DATABASE]: place ?? path.join(folder, DATABASE),
    };
    const found = await unpackZip(source, places).catch((error: unknown) => {
      throw new Error(`It is no zip, or a broken one (${String(error)}).`);
    });
    if (!found.includes(MANIFEST) || !found.includes(DATABASE)) {
      throw new Error('It is not a backup of Obrik.');
    }
    const result = manifest.safeParse(jsonIn(readFileSync(places[MANIFEST], 'utf8')));
    if (!result.success) throw new Error(result.error.issues[0]?.message ?? 'It can’t be read.');
    const [file] = result.data.files.filter((it) => it.name === DATABASE);
    if (file?.sha256 !== (await checksumOf(places[DATABASE]))) {
      throw new Error('Its contents are not what they were: the checksum differs.');
    }
    await countsOf(places[DATABASE]);
    return result.data;
  });
