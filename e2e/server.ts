import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';

/** A server of tests' own, on a database that is gone afterwards. */
export interface TestServer {
  readonly url: string;
  /** Ends it like a power cut: nothing is said, nothing is tidied. */
  readonly kill: () => Promise<void>;
}

/** A new folder for a database, and what removes it. */
export const newFolder = (): { readonly folder: string; readonly remove: () => void } => {
  const folder = mkdtempSync(path.join(tmpdir(), 'obrik-e2e-'));
  return { folder, remove: () => rmSync(folder, { recursive: true, force: true }) };
};

/**
 * Starts a server.
 * @param port 0 for any that is free
 * @param demo with the pieces of the demo, or empty
 */
export const startServer = (folder: string, port = 0, demo = true): Promise<TestServer> =>
  new Promise((resolve, reject) => {
    const child = spawn('node', ['--import', 'tsx', 'server/src/main.ts'], {
      env: {
        ...process.env,
        PORT: String(port),
        DB_FILE: path.join(folder, 'e2e.sqlite'),
        DEMO: demo ? '1' : '0',
      },
    });
    const kill = () =>
      new Promise<void>((done) => {
        child.once('exit', () => done());
        child.kill('SIGKILL');
      });
    let said = '';
    child.stderr.on('data', (data) => (said += String(data)));
    child.stdout.on('data', (data) => {
      const url = /http:\/\/[\d.]+:\d+/.exec(String(data))?.[0];
      if (url) resolve({ url, kill });
    });
    child.once('exit', () => reject(new Error(`The server did not come up. ${said}`)));
  });
