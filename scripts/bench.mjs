// Measures the engines as the app runs them: bundled plain JavaScript, not translated on the fly.
// With --server how fast the server answers, with --web how soon the first screen can be used, with
// --fuzz whether ten thousand odd bodies find a fault in the server.
import path from 'node:path';
import { install } from './lib/prepare.mjs';
import { ROOT, run } from './lib/run.mjs';

await install();
if (process.argv.includes('--fuzz')) {
  const code = await run(
    'npx',
    ['jest', '--selectProjects', 'server', '--testPathPattern', 'fuzz', '--testTimeout', '1800000'],
    { FUZZ_RUNS: '10000' },
  );
  process.exit(code);
}
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
  // It reads its WebAssembly from beside itself.
  external: ['highs'],
  logLevel: 'error',
});
process.exit(await run('node', [outfile]));
