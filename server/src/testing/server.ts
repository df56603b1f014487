import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { pino } from 'pino';
import supertest from 'supertest';
import { createApp } from '../app';
import type { Cards } from '../heavy/summaries';
import { inPlace } from '../heavy/pool';
import { typefaceFrom } from '../papers/pdf';
import { openDatabase, type Database } from '../store/database';

/** A folder for a test's files, gone after the test. */
export const folder = (): {
  readonly at: (name: string) => string;
  readonly remove: () => void;
} => {
  const place = mkdtempSync(path.join(tmpdir(), 'obrik-test-'));
  return {
    at: (name) => path.join(place, name),
    remove: () => rmSync(place, { recursive: true, force: true }),
  };
};

export interface TestServer {
  readonly api: ReturnType<typeof supertest>;
  readonly database: Database;
  readonly cards: Cards;
  readonly close: () => Promise<void>;
}

export const NOW = new Date('2026-03-01T09:00:00.000Z');

export const TYPEFACE = typefaceFrom(require.resolve);

/** A server on an empty database in a file of its own. */
export const testServer = async (
  webDir?: string,
  more: Partial<Parameters<typeof createApp>[0]> = {},
): Promise<TestServer> => {
  const place = folder();
  const database = await openDatabase(place.at('test.sqlite'));
  const log = pino({ level: 'silent' });
  const { app, cards } = createApp({
    database,
    log,
    heavy: inPlace,
    typeface: TYPEFACE,
    webDir,
    now: () => NOW,
    ...more,
  });
  return {
    api: supertest(app),
    database,
    cards,
    close: async () => {
      await cards.stop();
      await database.close();
      place.remove();
    },
  };
};

/** A build of one case with the usual four drawers, as a client tells it: what is usual is left out. */
export const chestOf = (measures: Readonly<Record<string, unknown>>) => ({
  startedFrom: 'chest',
  bodies: [
    {
      id: '',
      kind: 'carcass',
      measures: {
        width: 900,
        depth: 450,
        height: 850,
        legHeight: 100,
        corniceHeight: 0,
        ...measures,
      },
    },
  ],
});

/** A chest of drawers as a client describes it. */
export const CHEST = {
  id: 'chest-1',
  description: {
    name: 'Chest by the door',
    build: chestOf({}),
    yearFrom: 1930,
    yearTo: 1939,
  },
};

let serial = 0;

/** An entry about the chest, or about what is named, as a device makes it. */
export const entryOf = (change: object, more: object = {}) => ({
  id: `entry-${++serial}`,
  pieceId: CHEST.id,
  change,
  at: '2026-03-01T08:00:00Z',
  device: 'bench',
  baseSeq: 0,
  ...more,
});

/** The chest comes in. */
export const takenIn = (more: object = {}, description: object = {}) =>
  entryOf({ kind: 'takenIn', description: { ...CHEST.description, ...description } }, more);

/** Takes the chest in and wants its top and one side pale. */
export const sendPaleChest = ({ api }: TestServer) => {
  const surfaceIds = ['top', 'left'];
  const aims = surfaceIds.map((surfaceId) => ({
    surfaceId,
    scheme: { kind: 'painted', shade: 'pale', topcoat: 'waterborne' },
  }));
  const aim = entryOf({ kind: 'aim', surfaceIds, aims });
  return api.post('/api/entries').send({ entries: [takenIn(), aim] });
};

export const OBSERVATION = {
  id: 'look-1',
  surfaceId: 'top',
  testId: 'chip',
  outcome: 'thin-wood',
  at: '2026-03-01T08:00:00Z',
};

/** Opens a database for a while. */
export const withDatabase = async <T>(
  file: string,
  work: (it: Database) => Promise<T>,
): Promise<T> => {
  const database = await openDatabase(file);
  try {
    return await work(database);
  } finally {
    await database.close();
  }
};
