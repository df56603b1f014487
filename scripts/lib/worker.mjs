// What plans beside the screen is bundled apart from it: the bundler of the screens would put every
// module that both share into what the first screen loads.
import path from 'node:path';
import { build } from 'esbuild';
import { ROOT } from './run.mjs';

/** The name under which a page asks for it. */
export const WORKER = 'planner.js';

/** Builds the worker into a folder that is served. */
export const buildWorker = (folder) =>
  build({
    entryPoints: [path.join(ROOT, 'app/src/workers/planner.worker.ts')],
    outfile: path.join(folder, WORKER),
    tsconfig: path.join(ROOT, 'app/tsconfig.json'),
    bundle: true,
    minify: true,
    format: 'iife',
    platform: 'browser',
    target: 'es2022',
    define: { 'process.env.NODE_ENV': '"production"' },
    logLevel: 'warning',
  });
