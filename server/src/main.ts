import { existsSync, readFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import { createRequire } from 'node:module';
import type { AddressInfo } from 'node:net';
import { hostname, networkInterfaces } from 'node:os';
import { fileURLToPath } from 'node:url';
import { pino } from 'pino';
import { createApp } from './app';
import { backUpDaily, wayOut } from './backup/daily';
import { readConfig } from './config';
import { isLoopback } from './http/gate';
import { loadDemo } from './demo/load';
import { pairingCodes } from './pairing/codes';
import { addressOnNetwork, codeForConsole } from './pairing/show';
import { typefaceFrom } from './papers/pdf';
import { openDatabase } from './store/database';
import { inThreads } from './heavy/pool';
import { ledgerStore } from './store/ledger';
import { DatabaseTrouble } from './store/trouble';

/** How long open requests may take to end before the process goes anyway, ms. */
const PATIENCE = 5000;

const config = readConfig(process.env);
if (!isLoopback(config.HOST) && config.PAIRING !== '1') {
  console.error(
    `HOST=${config.HOST} opens Obrik to everyone on the network. Start it with PAIRING=1, so that only paired devices come in, or leave HOST out.`,
  );
  process.exit(1);
}
const log = pino({ level: config.LOG_LEVEL });
const database = await openDatabase(config.DB_FILE).catch(async (error: unknown) => {
  if (!(error instanceof DatabaseTrouble)) throw error;
  console.error(error.message);
  console.error(await wayOut(config.DB_FILE));
  process.exit(1);
});
const ledger = ledgerStore(database);
await ledger.mend();
const endBackups = backUpDaily(config.DB_FILE, log);
if (config.DEMO === '1') await loadDemo(ledger, new Date());

/** Names and addresses of this machine on its networks. */
const ownNames = (): string[] => [
  hostname(),
  `${hostname()}.local`,
  ...Object.values(networkInterfaces()).flatMap((list) => list?.map((it) => it.address) ?? []),
];

const webDir = config.WEB_DIR ?? fileURLToPath(new URL('../../app/dist', import.meta.url));
const { resolve } = createRequire(import.meta.url);
const { TLS_CERT, TLS_KEY } = config;
const encrypted = TLS_CERT !== undefined && TLS_KEY !== undefined;
const codes = pairingCodes();
const showCode = (code: string): void => {
  const origin = `http${encrypted ? 's' : ''}://${addressOnNetwork(config.HOST)}:${config.PORT}`;
  void codeForConsole(code, origin).then((text) => console.log(text));
};
const heavy = inThreads(fileURLToPath(new URL('./heavy/worker.mjs', import.meta.url)));
const { app, cards } = createApp({
  database,
  log,
  heavy,
  names: [...config.NAMES, ...ownNames()],
  pairing: config.PAIRING === '1',
  codes,
  showCode,
  typeface: typefaceFrom(resolve),
  webDir: existsSync(webDir) ? webDir : undefined,
});
/** What sends its headers or its body drop by drop is cut off, ms. */
const TIMES = { headersTimeout: 10_000, requestTimeout: 90_000, connectionsCheckingInterval: 5000 };
const server = encrypted
  ? createSecureServer({ ...TIMES, cert: readFileSync(TLS_CERT), key: readFileSync(TLS_KEY) }, app)
  : createServer(TIMES, app);
server.on('error', (error: Error) => {
  console.error(
    `Can't listen on ${config.HOST}:${config.PORT} (${error.message}). Name another port: PORT=3211 npm run demo`,
  );
  process.exit(1);
});
server.listen(config.PORT, config.HOST, () => {
  const { port } = server.address() as AddressInfo;
  console.log(
    `Obrik is at http${encrypted ? 's' : ''}://${config.HOST}:${port} (stop it with Ctrl+C)`,
  );
  if (config.PAIRING === '1') showCode(codes.fresh(new Date()));
});

let stopping = false;
const stop = (signal: string): void => {
  if (stopping) return;
  stopping = true;
  log.info({ signal }, 'stopping');
  setTimeout(() => process.exit(1), PATIENCE).unref();
  server.close(() => {
    endBackups();
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
