// Measures the engines as the app runs them: bundled plain JavaScript, not translated on the fly.
import path from 'node:path';
import { install } from './lib/prepare.mjs';
import { ROOT, run } from './lib/run.mjs';

await install();
const { build } = await import('esbuild');
const outfile = path.join(ROOT, '.cache/bench.mjs');
await build({
  entryPoints: [path.join(ROOT, 'scripts/bench.ts')],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
  logLevel: 'error',
});
process.exit(await run('node', [outfile]));
