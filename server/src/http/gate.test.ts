import { takenIn, testServer, type TestServer } from '../testing/server';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

describe('who may ask', () => {
  // A page on a name of its own that points to 127.0.0.1 reads and writes with its own Host.
  it.each(['rebound.test', 'rebound.test:3210', '127.0.0.1.rebound.test', '', '192.168.1.7'])(
    'nobody under the name “%s”',
    async (host) => {
      const read = await server.api.get('/api/pieces').set('Host', host);
      expect(read.status).toBe(403);
      const write = await server.api
        .post('/api/entries')
        .set('Host', host)
        .send({ entries: [takenIn()] });
      expect(write.status).toBe(403);
    },
  );

  it.each(['http://elsewhere.test', 'https://127.0.0.1.elsewhere.test', 'null', 'file://'])(
    'no page of %s',
    async (origin) => {
      const { status } = await server.api
        .post('/api/entries')
        .set('Origin', origin)
        .send({ entries: [takenIn()] });
      expect(status).toBe(403);
      const { body } = await server.api.get('/api/pieces');
      expect(body).toMatchObject({ pieces: [] });
    },
  );

  it.each(['text/plain', 'application/x-www-form-urlencoded', 'multipart/form-data'])(
    'no form of another page (%s)',
    async (type) => {
      const { status } = await server.api
        .post('/api/entries')
        .set('Content-Type', type)
        .send('{"entries":[{}]}');
      expect(status).toBeGreaterThanOrEqual(400);
      expect(status).toBeLessThan(500);
    },
  );

  it('our own pages, under the names of this machine', async () => {
    for (const host of ['127.0.0.1:3210', 'localhost:3210', 'LOCALHOST', '[::1]:3210']) {
      const { status } = await server.api
        .get('/api/pieces')
        .set('Host', host)
        .set('Origin', `http://${host}`);
      expect([host, status]).toEqual([host, 200]);
    }
  });
});
