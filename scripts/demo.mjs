// Everything that a newcomer needs to see Obrik work: one command, one port.
import { buildWeb, install } from './lib/prepare.mjs';
import { run } from './lib/run.mjs';

await install();
await buildWeb();
const code = await run('node', ['--import', 'tsx', 'server/src/main.ts'], {
  CI: undefined,
  DB_FILE: process.env.DB_FILE ?? 'demo.sqlite',
  DEMO: '1',
});
process.exit(code);
