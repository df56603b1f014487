// What is done to the web app after its export: a service worker that keeps the shell on the
// device, and each file packed once, so that the server packs none.
import {
  createReadStream,
  createWriteStream,
  existsSync,
  readFileSync,
  readdirSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import path from 'node:path';
import { pipeline } from 'node:stream/promises';
import { constants, createBrotliCompress, createGzip } from 'node:zlib';
import { generateSW } from 'workbox-build';
import { ROOT } from './run.mjs';
import { buildWorker } from './worker.mjs';

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

/** What the page loads before its first screen: read by a test, not by the page. */
const FIRST_SCREEN = 'first-screen.json';

/** The shell stays on the device; what the API answers is kept by the app itself. */
const serviceWorker = () =>
  generateSW({
    globDirectory: DIST,
    globPatterns: ['**/*.{html,js,json,ttf,png,svg}'],
    globIgnores: ['metadata.json', FIRST_SCREEN, 'left-out.json', 'sw.js'],
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

/** Chunks that the list needs besides the entry: asked for by the page, not only once that has run. */
const EARLY = [/^_layout-/, /^index-/];
/** Larger than this, a chunk of such a name is something else, bytes. */
const EARLY_AT_MOST = 20_000;
const SCRIPTS = '_expo/static/js/web';

/** Tells the page what it will need first, so that one round trip fetches it all. */
const tellEarly = () => {
  const page = path.join(DIST, 'index.html');
  const links = readdirSync(path.join(DIST, SCRIPTS))
    .filter((it) => it.endsWith('.js') && EARLY.some((early) => early.test(it)))
    .filter((it) => statSync(path.join(DIST, SCRIPTS, it)).size < EARLY_AT_MOST)
    .map((it) => `<link rel="preload" as="script" href="/${SCRIPTS}/${it}">`);
  writeFileSync(page, readFileSync(page, 'utf8').replace('</head>', `${links.join('')}</head>`));
};

/** Of which package, or folder of Obrik, a module is. */
const partOf = (source) =>
  /node_modules\/((?:@[^/]+\/)?[^/]+)\/(?!.*node_modules\/)/.exec(source)?.[1] ??
  /((?:core|app)\/(?:src\/[^/]+|app|light))\//.exec(source)?.[1] ??
  'made by the bundler';

/**
 * Notes which scripts the page loads before its first screen, and what is in them by the source maps;
 * these are then taken away, nobody is served them.
 */
const noteFirstScreen = () => {
  const page = readFileSync(path.join(DIST, 'index.html'), 'utf8');
  const scripts = [...page.matchAll(/(?:src|href)="\/([^"]+\.js)"/g)].map(([, file]) => file);
  const parts = new Set();
  for (const script of new Set(scripts)) {
    const map = path.join(DIST, `${script}.map`);
    if (!existsSync(map)) continue;
    for (const it of JSON.parse(readFileSync(map, 'utf8')).sources) parts.add(partOf(it));
  }
  const told = { scripts: [...new Set(scripts)], parts: [...parts].sort() };
  writeFileSync(path.join(DIST, FIRST_SCREEN), JSON.stringify(told, null, 2));
  for (const file of filesBelow(path.join(DIST, SCRIPTS))) {
    if (file.endsWith('.map')) rmSync(file);
    else if (file.endsWith('.js')) {
      const text = readFileSync(file, 'utf8');
      writeFileSync(file, text.replace(/\n?\/\/# source(MappingURL|URL)=.*$/gm, ''));
    }
  }
};

/** Makes the exported app ready to be served. */
export const finishWeb = async () => {
  tellEarly();
  noteFirstScreen();
  await buildWorker(DIST);
  const { warnings } = await serviceWorker();
  for (const it of warnings) console.warn(it);
  await Promise.all(
    filesBelow(DIST)
      .filter((it) => PACKED.test(it))
      .map(pack),
  );
};
