import { gzipSync } from 'node:zlib';
import fc from 'fast-check';
import {
  CHEST,
  OBSERVATION,
  entryOf,
  takenIn,
  testServer,
  type TestServer,
} from './testing/server';

/** Bodies tried; the bench tries ten thousand. */
const RUNS = Number(process.env.FUZZ_RUNS ?? 500);

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
  await server.api.post('/api/entries').send({ entries: [takenIn()] });
});
afterAll(() => server.close());

const CHANGES = [
  { kind: 'observe', observation: OBSERVATION },
  { kind: 'describe', description: CHEST.description },
  {
    kind: 'confirm',
    confirmation: { surfaceId: 'top', variable: 'finish', value: 'wax', at: OBSERVATION.at },
  },
  {
    kind: 'find',
    finding: { id: 'f', surfaceId: 'top', damage: 'dent', at: OBSERVATION.at, note: '' },
  },
  { kind: 'layers', surfaceId: 'top', layers: [{ surfaceId: 'top', layer: 1, colour: 'white' }] },
  { kind: 'fit', hardware: { id: 'h', kind: 'pull', count: 2 } },
  {
    kind: 'aim',
    surfaceIds: ['top'],
    aims: [{ surfaceId: 'top', scheme: { kind: 'painted', shade: 'pale', topcoat: 'none' } }],
  },
  { kind: 'work', schools: { drawers: 'in' } },
  { kind: 'revoke', entryIds: ['entry-1'] },
  { kind: 'shopSet', settings: { units: 'us', airCelsius: 3 } },
] as const;

/** What nobody types, but somebody sends. */
const odd = fc.oneof(
  fc.jsonValue(),
  fc.constantFrom<unknown>(
    null,
    '',
    '\0',
    '\uD800',
    '__proto__',
    -1,
    1e308,
    0.5,
    [],
    {},
    'x'.repeat(5000),
    '9999-99-99T00:00:00Z',
    "'; DROP TABLE entries; --",
    '<script>alert(1)</script>',
  ),
);

type Tree = Readonly<Record<string, unknown>>;
const isTree = (it: unknown): it is Tree => typeof it === 'object' && it !== null;
const pathsIn = (it: unknown, at: readonly string[] = []): string[][] =>
  isTree(it)
    ? Object.entries(it).flatMap(([key, value]) => [[...at, key], ...pathsIn(value, [...at, key])])
    : [];
const put = (it: unknown, [key, ...rest]: readonly string[], value: unknown): unknown => {
  if (key === undefined) return value;
  const old = isTree(it) ? it : {};
  const next = put(old[key], rest, value);
  return Array.isArray(old)
    ? old.map((one, index) => (String(index) === key ? next : (one as unknown)))
    : { ...old, [key]: next };
};

/** A true entry with one thing in it made odd. */
const spoilt = fc.constantFrom(...CHANGES).chain((change) => {
  const whole = entryOf(change, change.kind === 'shopSet' ? { pieceId: null } : {});
  return fc
    .tuple(fc.constantFrom(...pathsIn(whole)), odd, fc.uuid())
    .map(([path, value, id]) => put({ ...whole, id }, path, value));
});

/** Reading goes on whatever was sent. */
const expectReadable = async () => {
  for (const address of [
    '/api/pieces',
    '/api/entries?limit=1',
    `/api/pieces/${CHEST.id}`,
    '/api/shop',
  ]) {
    expect([address, (await server.api.get(address)).status]).toEqual([address, 200]);
  }
};

it('entries with something odd in them are answered, and break no later read', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(spoilt, { minLength: 1, maxLength: 4 }), async (entries) => {
      const { status } = await server.api.post('/api/entries').send({ entries });
      expect(status).toBeLessThan(500);
      await expectReadable();
    }),
    { numRuns: RUNS / 5 },
  );
});

const ADDRESSES = [
  '/api/entries',
  `/api/pieces/${CHEST.id}/routes`,
  '/api/inspect',
  '/api/route',
  '/api/sanding-ladder',
  '/api/devices/moisture-meter/readings',
  `/api/pieces/${CHEST.id}/photos`,
] as const;

it('any body to any address is answered with less than 500', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.constantFrom(...ADDRESSES),
      fc.oneof(
        odd.map((it) => ({ type: 'application/json', bytes: JSON.stringify(it) ?? 'null' })),
        fc.string().map((bytes) => ({ type: 'application/json', bytes })),
        fc.uint8Array().map((it) => ({ type: 'image/jpeg', bytes: Buffer.from(it) })),
        fc.string().map((bytes) => ({ type: 'text/plain', bytes })),
      ),
      async (address, { type, bytes }) => {
        const { status } = await server.api.post(address).set('Content-Type', type).send(bytes);
        expect([address, status < 500]).toEqual([address, true]);
      },
    ),
    { numRuns: RUNS },
  );
  await expectReadable();
});

describe('what is broken on the way is the sender’s fault', () => {
  it.each([
    ['NUL in the address', () => server.api.get('/api/pieces/%00')],
    ['NUL in a file’s name', () => server.api.get('/%00.js')],
    [
      'an empty photo',
      () => server.api.post(`/api/pieces/${CHEST.id}/photos`).set('Content-Type', 'image/jpeg'),
    ],
    [
      'broken gzip',
      () =>
        server.api
          .post('/api/entries')
          .set('Content-Type', 'application/json')
          .set('Content-Encoding', 'gzip')
          .send(gzipSync('{"entries":[]}').subarray(0, 12)),
    ],
    [
      'what calls itself gzip',
      () =>
        server.api
          .post('/api/entries')
          .set('Content-Type', 'application/json')
          .set('Content-Encoding', 'gzip')
          .send('not packed'),
    ],
    [
      'a letter set that nobody knows',
      () =>
        server.api
          .post('/api/entries')
          .set('Content-Type', 'application/json; charset=klingon')
          .send('{}'),
    ],
  ])('%s', async (_, ask) => {
    const { status } = await ask();
    expect(status).toBeGreaterThanOrEqual(400);
    expect(status).toBeLessThan(500);
  });
});
