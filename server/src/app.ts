import path from 'node:path';
import express, { Router, type Express } from 'express';
import helmet from 'helmet';
import type { Logger } from 'pino';
import { z } from 'zod';
import { answer, endpoint, type Endpoint } from './http/endpoint';
import { openApi, pieceFileSchema } from './http/openapi';
import { noSuchAddress, sendProblem } from './http/problem';
import type { Device } from './devices/device';
import { simulatedDevices } from './devices/simulated';
import { keepSummaries, type Cards } from './heavy/summaries';
import type { Heavy } from './heavy/pool';
import { computeEndpoints } from './routers/compute';
import { deviceEndpoints } from './routers/devices';
import { entryEndpoints } from './routers/entries';
import { makeNews, newsStream } from './routers/news';
import { photoEndpoints } from './routers/photos';
import { pieceEndpoints } from './routers/pieces';
import { planEndpoints } from './routers/plans';
import { shopEndpoints } from './routers/shop';
import type { Typeface } from './papers/pdf';
import type { Database } from './store/database';
import { photoStore } from './store/photos';
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
  readonly now?: () => Date;
  /** Meters; the simulated ones that ship with Obrik unless others are given. */
  readonly devices?: readonly Device[];
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
    },
  },
  // Served on plain loopback: a browser told to insist on TLS would lock the user out.
  strictTransportSecurity: false,
});

/** The web app's files; any address without an extension is a screen of it. */
const serveWeb = (app: Express, webDir: string): void => {
  app.use(
    '/_expo',
    express.static(path.join(webDir, '_expo'), { immutable: true, maxAge: '1y', index: false }),
  );
  app.use(express.static(webDir, { index: false }));
  app.get('/{*path}', (request, response, next) => {
    if (path.extname(request.path)) return next();
    response.set('Cache-Control', 'no-cache').sendFile(path.join(webDir, 'index.html'));
  });
};

/** Makes the application. Nothing is listened to yet. */
export const createApp = ({
  database,
  log,
  heavy,
  typeface,
  webDir,
  now = () => new Date(),
  devices = simulatedDevices(METER_SEED),
}: Parts): { readonly app: Express; readonly cards: Cards } => {
  const ledger = ledgerStore(database);
  const news = makeNews();
  const cards = keepSummaries({ ledger, heavy, news, log });
  const endpoints: readonly Endpoint[] = [
    health,
    ...entryEndpoints({ ledger, news, now }),
    ...pieceEndpoints({ ledger, routes: routeStore(database), heavy, now }),
    ...planEndpoints({ ledger, heavy, typeface, now }),
    ...computeEndpoints,
    ...shopEndpoints(ledger),
    ...deviceEndpoints(devices, now),
    ...photoEndpoints({ ledger, photos: photoStore(database), now }),
  ];
  const description = openApi(endpoints);
  const fileSchema = pieceFileSchema();

  const app = express();
  app.disable('x-powered-by');
  app.use(headers);
  app.use((request, response, next) => {
    const start = performance.now();
    response.on('finish', () =>
      log.info({
        method: request.method,
        path: request.originalUrl,
        status: response.statusCode,
        ms: Math.round(performance.now() - start),
      }),
    );
    next();
  });

  const api = Router();
  api.use(express.json({ limit: '1mb' }));
  answer(api, endpoints);
  api.get('/news', newsStream(news));
  api.get('/openapi.json', (_, response) => void response.json(description));
  api.get('/piece-file.schema.json', (_, response) => void response.json(fileSchema));
  api.use(noSuchAddress);
  app.use('/api', api);
  if (webDir) serveWeb(app, webDir);
  app.use(noSuchAddress);
  app.use(sendProblem((error) => log.error(error)));
  return { app, cards };
};
