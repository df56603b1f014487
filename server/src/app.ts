import path from 'node:path';
import compression from 'compression';
import express, { Router, type Express } from 'express';
import expressStaticGzip, { type ExpressStaticGzipOptions } from 'express-static-gzip';
import helmet from 'helmet';
import type { Logger } from 'pino';
import { z } from 'zod';
import { answer, endpoint, type Endpoint } from './http/endpoint';
import { ownPagesOnly } from './http/gate';
import { withinLimits } from './http/limits';
import { openApi, pieceFileSchema } from './http/openapi';
import { noSuchAddress, sendProblem } from './http/problem';
import type { Meter } from './devices/device';
import { simulatedDevices } from './devices/simulated';
import { keepSummaries, type Cards } from './heavy/summaries';
import type { Heavy } from './heavy/pool';
import { backupDownload } from './routers/backup';
import { computeEndpoints } from './routers/compute';
import { deviceEndpoints } from './routers/devices';
import { entryEndpoints } from './routers/entries';
import { makeNews } from './routers/news';
import { pairingEndpoints } from './routers/pairing';
import { photoEndpoints } from './routers/photos';
import { pieceEndpoints } from './routers/pieces';
import { moneyEndpoints } from './routers/money';
import { planEndpoints } from './routers/plans';
import { scheduleEndpoints, scheduleStream } from './routers/schedule';
import { shoppingEndpoints } from './routers/shopping';
import { shopEndpoints } from './routers/shop';
import { pairingCodes, type PairingCodes } from './pairing/codes';
import { doorkeeper, pairedOnly } from './pairing/pairedOnly';
import type { Typeface } from './papers/pdf';
import type { Database } from './store/database';
import { photoStore } from './store/photos';
import { deviceStore } from './store/devices';
import { ledgerStore } from './store/ledger';
import { routeStore } from './store/routes';

interface Parts {
  readonly database: Database;
  readonly log: Logger;
  /** Does what takes long. */
  readonly heavy: Heavy;
  /** What PDFs are set in. */
  readonly typeface: Typeface;
  /** Folder of the built web app; without it only the API answers. */
  readonly webDir?: string;
  /** Names under which it may be reached beside those of this machine. */
  readonly names?: readonly string[];
  /** Are devices on the network asked to pair? */
  readonly pairing?: boolean;
  /** Is an address one of this machine, which needs no pairing? */
  readonly isHere?: (address: string) => boolean;
  /** Codes that pair a device. */
  readonly codes?: PairingCodes;
  /** Shows a pairing code to whoever runs the server. */
  readonly showCode?: (code: string) => void;
  readonly now?: () => Date;
  /** Meters; the simulated ones that ship with Obrik unless others are given. */
  readonly devices?: readonly Meter[];
}

/** The simulated meters are the same in every shop. */
const METER_SEED = 20;

const health = endpoint({
  method: 'get',
  path: '/health',
  summary: 'Is the server up?',
  reply: z.object({ ok: z.literal(true) }),
  handle: () => ({ ok: true as const }),
});

const headers = helmet({
  contentSecurityPolicy: {
    useDefaults: false,
    directives: {
      defaultSrc: ["'self'"],
      scriptSrc: ["'self'"],
      styleSrc: ["'self'", "'unsafe-inline'"],
      workerSrc: ["'self'", 'blob:'],
      fontSrc: ["'self'", 'data:'],
      imgSrc: ["'self'", 'data:', 'blob:'],
      connectSrc: ["'self'"],
      objectSrc: ["'none'"],
      baseUri: ["'self'"],
      frameAncestors: ["'none'"],
      formAction: ["'none'"],
      manifestSrc: ["'self'"],
    },
  },
  // Served on plain loopback: a browser told to insist on TLS would lock the user out.
  strictTransportSecurity: false,
});

/** Page, service worker and icons carry no hash in their names: asked for each time, sent if changed. */
const neverStale = (response: { setHeader(name: string, value: string): void }): void =>
  response.setHeader('Cache-Control', 'no-cache');

/** The web app's files; any address without an extension is a screen of it. */
const serveWeb = (app: Express, webDir: string): void => {
  const packed = (folder: string, serveStatic: ExpressStaticGzipOptions['serveStatic']) =>
    expressStaticGzip(folder, {
      enableBrotli: true,
      orderPreference: ['br', 'gz'],
      index: false,
      serveStatic,
    });
  // A folder whose name begins with a dot is ours to serve, files that begin with one are not.
  app.use('/_expo', packed(path.join(webDir, '_expo'), { immutable: true, maxAge: '1y' }));
  const files = packed(webDir, { cacheControl: false, setHeaders: neverStale });
  app.use(files);
  app.get('/{*path}', (request, response, next) => {
    if (path.extname(request.path)) return next();
    request.url = '/index.html';
    files(request, response, next);
  });
};

/** Makes the application. Nothing is listened to yet. */
export const createApp = ({
  database,
  log,
  heavy,
  typeface,
  webDir,
  names = [],
  pairing = false,
  isHere,
  codes = pairingCodes(),
  showCode = () => {},
  now = () => new Date(),
  devices = simulatedDevices(METER_SEED),
}: Parts): { readonly app: Express; readonly cards: Cards } => {
  const ledger = ledgerStore(database);
  const news = makeNews();
  const paired = deviceStore(database);
  const door = doorkeeper(paired, pairing, isHere);
  const cards = keepSummaries({ ledger, heavy, news, log, now });
  const endpoints: readonly Endpoint[] = [
    health,
    ...entryEndpoints({ ledger, news, now }),
    ...pieceEndpoints({ ledger, routes: routeStore(database), heavy, news, now }),
    ...planEndpoints({ ledger, heavy, typeface, photos: photoStore(database), now }),
    ...scheduleEndpoints({ ledger, heavy, devices: paired, now }),
    ...shoppingEndpoints(ledger, heavy, now, typeface),
    ...moneyEndpoints({ ledger, heavy, typeface, now }),
    ...computeEndpoints(now),
    ...shopEndpoints(ledger),
    ...deviceEndpoints(devices, now),
    ...pairingEndpoints({
      devices: paired,
      codes,
      door,
      show: showCode,
      now,
    }),
    ...photoEndpoints({ ledger, photos: photoStore(database), now }),
  ];
  const description = openApi(endpoints);
  const fileSchema = pieceFileSchema();

  const app = express();
  app.disable('x-powered-by');
  app.use(headers);
  app.use(ownPagesOnly(names));
  app.use((request, response, next) => {
    const start = performance.now();
    response.on('finish', () =>
      log.info({
        method: request.method,
        // What is asked for by name stays out of the log.
        path: request.originalUrl.split('?')[0],
        status: response.statusCode,
        ms: Math.round(performance.now() - start),
      }),
    );
    next();
  });

  const api = Router();
  api.use(pairedOnly(door));
  api.use(withinLimits());
  // What streams is not packed: it would wait for more.
  api.get('/news', news.stream);
  api.get('/schedule/live', scheduleStream({ ledger, heavy, now }));
  api.use(compression());
  api.use(express.json({ limit: '1mb' }));
  api.get('/backup', backupDownload(database.file, now));
  answer(api, endpoints);
  api.get('/openapi.json', (_, response) => void response.json(description));
  api.get('/piece-file.schema.json', (_, response) => void response.json(fileSchema));
  api.use(noSuchAddress);
  app.use('/api', api);
  if (webDir) serveWeb(app, webDir);
  app.use(noSuchAddress);
  app.use(sendProblem((error) => log.error(error)));
  return { app, cards };
};
