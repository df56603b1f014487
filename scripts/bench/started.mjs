// A server of its own for measuring, on an empty database that is gone afterwards.
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { ROOT } from '../lib/run.mjs';

/** @returns its address, and what stops it */
export const startServer = (env = {}) =>
  new Promise((resolve, reject) => {
    const folder = mkdtempSync(path.join(tmpdir(), 'obrik-bench-'));
    const child = spawn('node', ['--import', 'tsx', 'server/src/main.ts'], {
      cwd: ROOT,
      env: { ...process.env, PORT: '0', DB_FILE: path.join(folder, 'bench.sqlite'), ...env },
    });
    const stop = () =>
      new Promise((done) => {
        child.once('exit', () => {
          rmSync(folder, { recursive: true, force: true });
          done();
        });
        child.kill('SIGTERM');
      });
    child.stderr.on('data', (data) => process.stderr.write(data));
    child.stdout.on('data', (data) => {
      const url = /http:\/\/[\d.]+:\d+/.exec(String(data))?.[0];
      if (url) resolve({ url, stop });
    });
    child.once('exit', () => reject(new Error('The server did not come up.')));
  });
