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
import { pieceStore } from './store/pieces';

/** How long open requests may take to end before the process goes anyway, ms. */
const PATIENCE = 5000;

const config = readConfig(process.env);
const log = pino({ level: config.LOG_LEVEL });
const database = await openDatabase(config.DB_FILE);
if (config.DEMO === '1') await loadDemo(pieceStore(database), new Date());

const webDir = config.WEB_DIR ?? fileURLToPath(new URL('../../app/dist', import.meta.url));
const app = createApp({
  database,
  log,
  typeface: typefaceFrom(createRequire(import.meta.url).resolve),
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
    void database.close().then(() => process.exit(0));
  });
  server.closeIdleConnections();
};
process.on('SIGINT', () => stop('SIGINT'));
process.on('SIGTERM', () => stop('SIGTERM'));
