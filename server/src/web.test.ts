import { mkdirSync, writeFileSync } from 'node:fs';
import { folder, testServer, type TestServer } from './testing/server';

/** A built web app in small: its page, and one bundle with the hash of its contents in its name. */
const built = folder();
mkdirSync(built.at('_expo'));
writeFileSync(built.at('index.html'), '<!doctype html><title>Obrik</title>');
writeFileSync(built.at('_expo/entry-0a1b.js'), 'void 0;');
writeFileSync(built.at('favicon.svg'), '<svg xmlns="http://www.w3.org/2000/svg"/>');

let server: TestServer;
beforeAll(async () => {
  server = await testServer(built.at('.'));
});
afterAll(async () => {
  await server.close();
  built.remove();
});

describe('the web app from the same port', () => {
  it.each(['/', '/pieces', '/pieces/radio-console/look?surface=top', '/nowhere'])(
    'answers %s with the page, so that a reload stays where it was',
    async (address) => {
      const response = await server.api.get(address);
      expect(response.status).toBe(200);
      expect(response.text).toContain('<title>Obrik</title>');
      // A page kept by the browser would ask for bundles of an older build.
      expect(response.headers['cache-control']).toBe('no-cache');
    },
  );

  it('lets the browser keep what carries its hash in its name', async () => {
    const response = await server.api.get('/_expo/entry-0a1b.js');
    expect(response.status).toBe(200);
    expect(response.headers['cache-control']).toMatch(/max-age=31536000, immutable/);
  });

  it.each(['/_expo/entry-9999.js', '/gone.png'])(
    'says 404 for a file that is not there (%s), and not the page in its place',
    async (address) => {
      const response = await server.api.get(address);
      expect(response.status).toBe(404);
      expect(response.text).not.toContain('<title>');
    },
  );

  it.each(['/../package.json', '/%2e%2e/package.json', '/_expo/..%2f..%2fpackage.json'])(
    'serves nothing from outside its folder (%s)',
    async (address) => {
      const response = await server.api.get(address);
      expect(response.text).not.toContain('"workspaces"');
    },
  );

  it('leaves addresses of the API to the API', async () => {
    const response = await server.api.get('/api/nothing');
    expect(response.status).toBe(404);
    expect(response.type).toBe('application/problem+json');
  });
});
