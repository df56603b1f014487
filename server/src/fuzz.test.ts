import { gzipSync } from 'node:zlib';
import type { Change } from '@obrik/core/ledger';
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

const AT = OBSERVATION.at;
const on = { surfaceId: 'top' };
const SCHEME = { kind: 'painted', shade: 'pale', topcoat: 'none' };
const WORK = {
  id: 'w',
  taskKey: 'top/paint/1',
  surfaceIds: ['top'],
  startedAt: AT,
  endedAt: null,
  effect: '{}',
};

/** One change of each kind: a kind that is missing here does not compile. */
const CHANGES: { readonly [K in Change['kind']]: object } = {
  takenIn: { description: CHEST.description },
  describe: { description: CHEST.description },
  observe: { observation: OBSERVATION },
  withdraw: { observationId: 'look-1' },
  confirm: { confirmation: { ...on, variable: 'finish', value: 'wax', at: AT } },
  unconfirm: { ...on, variable: 'finish' },
  find: { finding: { id: 'f', ...on, damage: 'dent', at: AT, note: '' } },
  unfind: { findingId: 'f' },
  picture: { picture: { id: 'p', ...on, photoId: 'x', at: AT, note: '' } },
  unpicture: { pictureId: 'p' },
  layers: { ...on, layers: [{ ...on, layer: 1, colour: 'white' }] },
  fit: { hardware: { id: 'h', kind: 'pull', count: 2 } },
  unfit: { hardwareId: 'h' },
  aim: { surfaceIds: ['top'], aims: [{ ...on, scheme: SCHEME }] },
  account: { account: { paid: 4000 } },
  need: { material: 'woodGlue', colour: null, own: { reckoned: 1, said: 2 } },
  recipe: { recipe: { id: 'r', name: 'Tea', parts: [{ name: 'oak', parts: 1 }], by: 'volume' } },
  unrecipe: { recipeId: 'r' },
  did: { done: [WORK] },
  log: { lines: [{ of: 'note', id: 'l', at: AT, text: 'Smoke.' }] },
  putOff: { taskKeys: ['top/paint/1'], putOff: [] },
  work: { schools: { drawers: 'in' } },
  end: { ending: null },
  archive: {},
  restore: {},
  shopSet: { settings: { units: 'us', airCelsius: 3 } },
  stocked: { containers: [{ id: 'c', material: 'woodGlue', size: 1, left: 1, seenAt: AT }] },
  priced: { prices: [{ material: 'woodGlue', containers: [{ size: 1, price: 900 }] }] },
  revoke: { entryIds: ['entry-1'] },
  erased: {},
};
const OF_SHOP: readonly string[] = ['shopSet', 'stocked', 'priced'];

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

const entryOfKind = (kind: Change['kind']) =>
  entryOf({ kind, ...CHANGES[kind] }, OF_SHOP.includes(kind) ? { pieceId: null } : {});
const KINDS = Object.keys(CHANGES) as Change['kind'][];

/** A true entry with one thing in it made odd. */
const spoilt = fc.constantFrom(...KINDS).chain((kind) => {
  const whole = entryOfKind(kind);
  return fc
    .tuple(fc.constantFrom(...pathsIn(whole)), odd, fc.uuid())
    .map(([path, value, id]) => put({ ...whole, id }, path, value));
});

it('one of each kind is understood: stored, or refused for what it says', async () => {
  const { body } = await server.api.post('/api/entries').send({ entries: KINDS.map(entryOfKind) });
  const { receipts } = body as { receipts: { outcome: string; problems?: { path: string }[] }[] };
  const told = KINDS.map((kind, nth) => [kind, receipts[nth]?.problems?.[0]?.path] as const);
  expect(told.filter(([, path]) => path !== undefined)).toEqual([
    ['takenIn', 'pieceId'],
    ['revoke', expect.any(String)],
    ['erased', 'change.kind'],
  ]);
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
