// Measures the engines as the app runs them: bundled plain JavaScript, not translated on the fly.
// With --server how fast the server answers, with --web how soon the first screen can be used.
import path from 'node:path';
import { install } from './lib/prepare.mjs';
import { ROOT, run } from './lib/run.mjs';

await install();
for (const kind of ['server', 'web']) {
  if (!process.argv.includes(`--${kind}`)) continue;
  await import(`./bench/${kind}.mjs`);
  process.exit(0);
}
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
