// What is done to the web app after its export: a service worker that keeps the shell on the
// device, and each file packed once, so that the server packs none.
import { createReadStream, createWriteStream, readdirSync, statSync } from 'node:fs';
import path from 'node:path';
import { pipeline } from 'node:stream/promises';
import { constants, createBrotliCompress, createGzip } from 'node:zlib';
import { generateSW } from 'workbox-build';
import { ROOT } from './run.mjs';

const DIST = path.join(ROOT, 'app/dist');
const PACKED = /\.(js|html|json|svg|ttf)$/;
/** Smaller than this, packing wins nothing, bytes. */
const LEAST = 1024;

const filesBelow = (folder) =>
  readdirSync(folder, { withFileTypes: true }).flatMap((it) => {
    const full = path.join(folder, it.name);
    return it.isDirectory() ? filesBelow(full) : [full];
  });

const pack = async (file) => {
  const { size } = statSync(file);
  if (size < LEAST) return;
  const brotli = createBrotliCompress({
    params: {
      [constants.BROTLI_PARAM_QUALITY]: 11,
      [constants.BROTLI_PARAM_SIZE_HINT]: size,
    },
  });
  await pipeline(createReadStream(file), brotli, createWriteStream(`${file}.br`));
  await pipeline(createReadStream(file), createGzip({ level: 9 }), createWriteStream(`${file}.gz`));
};

/** The shell stays on the device; what the API answers is kept by the app itself. */
const serviceWorker = () =>
  generateSW({
    globDirectory: DIST,
    globPatterns: ['**/*.{html,js,json,ttf,png,svg}'],
    globIgnores: ['metadata.json', 'sw.js'],
    swDest: path.join(DIST, 'sw.js'),
    maximumFileSizeToCacheInBytes: 8e6,
    dontCacheBustURLsMatching: /\/_expo\/static\//,
    navigateFallback: '/index.html',
    navigateFallbackDenylist: [/^\/api\//],
    inlineWorkboxRuntime: true,
    sourcemap: false,
    // A new version waits until somebody takes it: a form that is being filled in stays.
    clientsClaim: true,
    skipWaiting: false,
    runtimeCaching: [
      {
        urlPattern: /\/api\/photos\//,
        handler: 'CacheFirst',
        options: { cacheName: 'photos', expiration: { maxEntries: 500 } },
      },
    ],
  });

/** Makes the exported app ready to be served. */
export const finishWeb = async () => {
  const { warnings } = await serviceWorker();
  for (const it of warnings) console.warn(it);
  await Promise.all(
    filesBelow(DIST)
      .filter((it) => PACKED.test(it))
      .map(pack),
  );
};
