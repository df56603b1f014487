const { createHash } = require('node:crypto');
const { readdirSync, readFileSync } = require('node:fs');
const path = require('node:path');
const { buildSync, version } = require('esbuild');

// Core has some eight hundred small modules. A test of it is bundled into one, so that nothing is
// looked up through them a million times over: its properties run two to three times as fast.

const SOURCES = path.join(__dirname, 'core/src');

/** What all sources of core are now: a bundle holds for these only. */
const fingerprint = () => {
  const hash = createHash('sha256')
    .update(version)
    .update(readFileSync(path.join(__dirname, 'jest.bundle.js')));
  for (const name of readdirSync(SOURCES, { recursive: true }).sort()) {
    if (/\.(ts|json)$/.test(name)) hash.update(name).update(readFileSync(path.join(SOURCES, name)));
  }
  return hash.digest('hex');
};
let known;

module.exports = {
  getCacheKey: (_, file) => {
    known ??= fingerprint();
    return createHash('sha256').update(known).update(file).digest('hex');
  },
  process: (_, file) => {
    const { outputFiles } = buildSync({
      entryPoints: [file],
      bundle: true,
      write: false,
      format: 'cjs',
      platform: 'node',
      target: 'node20',
      sourcemap: 'inline',
      // Set up for all tests in one place, or a binary.
      external: ['fast-check', 'highs'],
    });
    return { code: outputFiles[0].text };
  },
};
