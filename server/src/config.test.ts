import { spawn } from 'node:child_process';
import path from 'node:path';
import { readConfig } from './config';
import { folder } from './testing/server';

describe('the configuration', () => {
  it('binds to the machine itself unless told otherwise', () => {
    expect(readConfig({})).toMatchObject({ HOST: '127.0.0.1', PORT: 3210, DEMO: '0' });
    expect(readConfig({ HOST: '0.0.0.0', PORT: '8080' })).toMatchObject({
      HOST: '0.0.0.0',
      PORT: 8080,
    });
  });

  it('names what is wrong', () => {
    expect(() => readConfig({ PORT: 'seventy', DEMO: 'yes' })).toThrow(/PORT: .*\nDEMO: /);
  });
});

describe('the process', () => {
  it('opens itself to the network with pairing only', async () => {
    const place = folder();
    const child = spawn('node', ['--import', 'tsx', 'server/src/main.ts'], {
      cwd: path.join(__dirname, '../..'),
      env: { ...process.env, HOST: '0.0.0.0', PORT: '0', DB_FILE: place.at('open.sqlite') },
    });
    let said = '';
    child.stderr.on('data', (data: Buffer) => (said += data.toString()));
    const code = await new Promise<number | null>((resolve) => child.on('exit', resolve));
    expect(code).toBe(1);
    expect(said).toMatch(/everyone on the network.*PAIRING=1/);
    place.remove();
  }, 30_000);

  it('says where it is, answers, and stops in good order when told to', async () => {
    const place = folder();
    const child = spawn('node', ['--import', 'tsx', 'server/src/main.ts'], {
      cwd: path.join(__dirname, '../..'),
      env: {
        ...process.env,
        PORT: '0',
        DB_FILE: place.at('main.sqlite'),
        WEB_DIR: place.at('none'),
      },
    });
    const address = await new Promise<string>((resolve, reject) => {
      child.stdout.on('data', (data: Buffer) => {
        const found = /http:\S+/.exec(data.toString());
        if (found) resolve(found[0]);
      });
      child.on('exit', () => reject(new Error('It stopped before it was up.')));
    });
    expect(address).toMatch(/^http:\/\/127\.0\.0\.1:\d+$/);
    expect((await fetch(`${address}/api/health`)).status).toBe(200);
    const code = new Promise<number | null>((resolve) => child.on('exit', resolve));
    child.kill('SIGTERM');
    expect(await code).toBe(0);
    place.remove();
  }, 30_000);
});
