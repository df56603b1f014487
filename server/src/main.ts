import { existsSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { AddressInfo } from 'node:net';
import { fileURLToPath } from 'node:url';
import { pino } from 'pino';
import { createApp } from './app';
import { readConfig } from './config';
import { loadDemo } from './demo/load';
import { typefaceFrom } from './papers/pdf';
import { openDatabase } from './store/database';
import { inThreads } from './heavy/pool';
import { ledgerStore } from './store/ledger';
import { DatabaseTrouble } from './store/trouble';

/** How long open requests may take to end before the process goes anyway, ms. */
const PATIENCE = 5000;

const config = readConfig(process.env);
const log = pino({ level: config.LOG_LEVEL });
const database = await openDatabase(config.DB_FILE).catch((error: unknown) => {
  if (!(error instanceof DatabaseTrouble)) throw error;
  console.error(error.message);
  process.exit(1);
});
const ledger = ledgerStore(database);
await ledger.mend();
if (config.DEMO === '1') await loadDemo(ledger, new Date());

const webDir = config.WEB_DIR ?? fileURLToPath(new URL('../../app/dist', import.meta.url));
const { resolve } = createRequire(import.meta.url);
const heavy = inThreads(fileURLToPath(new URL('./heavy/worker.mjs', import.meta.url)));
const { app, cards } = createApp({
  database,
  log,
  heavy,
  typeface: typefaceFrom(resolve),
  webDir: existsSync(webDir) ? webDir : undefined,
});
const server = app.listen(config.PORT, config.HOST, (error?: Error) => {
  if (error) {
    console.error(
      `Can't listen on ${config.HOST}:${config.PORT} (${error.message}). Name another port: PORT=3211 npm run demo`,
    );
    process.exit(1);
  }
  const { port } = server.address() as AddressInfo;
  console.log(`Obrik is at http://${config.HOST}:${port} (stop it with Ctrl+C)`);
});

let stopping = false;
const stop = (signal: string): void => {
  if (stopping) return;
  stopping = true;
  log.info({ signal }, 'stopping');
  setTimeout(() => process.exit(1), PATIENCE).unref();
  server.close(() => {
    void cards
      .stop()
      .then(() => heavy.close())
      .then(() => database.close())
      .then(() => process.exit(0));
  });
  server.closeIdleConnections();
};
process.on('SIGINT', () => stop('SIGINT'));
process.on('SIGTERM', () => stop('SIGTERM'));
