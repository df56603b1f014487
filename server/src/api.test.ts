import { execFileSync } from 'node:child_process';
import type { Response } from 'supertest';
import { planRoute } from '@obrik/core/route';
import type { PieceLedger } from '@obrik/core/ledger';
import { USUAL_SHOP } from '@obrik/core/piece';
import {
  chestOf,
  NOW,
  OBSERVATION,
  entryOf,
  takenIn,
  testServer,
  type TestServer,
} from './testing/server';

let server: TestServer;
beforeEach(async () => {
  server = await testServer();
});
afterEach(() => server.close());

interface Told {
  readonly outcome: string;
  readonly seq?: number;
  readonly number?: number;
  readonly problems?: readonly { readonly path: string; readonly message: string }[];
}

/** Sends entries, and gives what became of each. */
const send = async (...entries: readonly object[]): Promise<Told[]> => {
  const response = await server.api.post('/api/entries').send({ entries }).expect(200);
  return (response.body as { receipts: Told[] }).receipts;
};
const put = async (change: object, more: object = {}): Promise<Told> => {
  const [told] = await send(entryOf(change, more));
  if (!told) throw new Error('No answer to the entry.');
  return told;
};
const take = () => send(takenIn());
const observe = (part: object = {}, more: object = {}) =>
  put({ kind: 'observe', observation: { ...OBSERVATION, ...part } }, more);
const chest = async (): Promise<PieceLedger> =>
  (await server.api.get('/api/pieces/chest-1').expect(200)).body as PieceLedger;

const expectProblem = (response: Response, status: number, path?: string) => {
  expect(response.status).toBe(status);
  expect(response.type).toBe('application/problem+json');
  expect(response.body).toMatchObject({
    status,
    title: expect.any(String),
    detail: expect.any(String),
  });
  if (path !== undefined) {
    const { problems } = response.body as { problems: { path: string; message: string }[] };
    expect(problems.map((it) => it.path)).toContain(path);
    for (const it of problems) expect(it.message).not.toBe('');
  }
};

describe('pieces', () => {
  it('are taken in, numbered, listed and read again', async () => {
    expect(await take()).toMatchObject([{ outcome: 'stored', seq: 1, number: 1 }]);
    expect(await send(takenIn({ pieceId: 'chest-2' }))).toMatchObject([{ number: 2 }]);
    await server.cards.idle();
    const { body } = await server.api.get('/api/pieces');
    expect(body).toMatchObject({
      pieces: [
        { pieceId: 'chest-1', number: 1, planned: { next: { kind: 'look' }, surfaces: 8 } },
        { pieceId: 'chest-2', number: 2 },
      ],
      more: false,
    });
    expect((await server.api.get('/api/pieces?after=1&limit=1')).body).toMatchObject({
      pieces: [{ pieceId: 'chest-2' }],
      more: false,
    });
    expect(await chest()).toMatchObject({
      number: 1,
      revision: 1,
      piece: { id: 'chest-1', name: 'Chest by the door', observations: [], archived: false },
    });
  });

  it('keep everything that is recorded, in the order it was recorded', async () => {
    const aims = [
      {
        surfaceId: 'top',
        scheme: { kind: 'stained', shade: 'mid', topcoat: 'oil' },
        stripWish: 'gel',
        applicator: 'gun',
        newPart: 'solid',
      },
    ];
    await send(
      takenIn(),
      ...[
        OBSERVATION,
        { ...OBSERVATION, id: 'later', testId: 'veneer-thickness', outcome: null, value: 0.62 },
        {
          ...OBSERVATION,
          id: 'lead',
          surfaceId: 'legs',
          testId: 'lead-swab',
          outcome: 'notFound',
          layer: 2,
          by: 'Runa',
        },
      ].map((observation) => entryOf({ kind: 'observe', observation })),
      entryOf({
        kind: 'confirm',
        confirmation: { surfaceId: 'top', variable: 'finish', value: 'wax', at: OBSERVATION.at },
      }),
      entryOf({
        kind: 'find',
        finding: {
          id: 'f1',
          surfaceId: 'top',
          damage: 'gouge',
          count: 3,
          note: 'by the lock',
          at: OBSERVATION.at,
        },
      }),
      entryOf({ kind: 'aim', surfaceIds: ['top'], aims }),
    );
    const { revision, piece } = await chest();
    expect(revision).toBe(7);
    expect(piece.observations.map((it) => it.id)).toEqual(['look-1', 'later', 'lead']);
    expect(piece.observations[1]).toMatchObject({ value: 0.62, outcome: null, layer: null });
    expect(piece.observations[2]).toMatchObject({ layer: 2, by: 'Runa' });
    expect(piece.confirmations).toHaveLength(1);
    expect(piece.findings).toMatchObject([{ damage: 'gouge', count: 3, note: 'by the lock' }]);
    expect(piece.aims).toEqual(aims);
  });

  it('are put away and brought back, with nothing lost', async () => {
    await take();
    await observe();
    await put({ kind: 'archive' });
    expect((await chest()).piece.archived).toBe(true);
    await put({ kind: 'restore' });
    expect((await chest()).piece).toMatchObject({
      archived: false,
      observations: [{ id: 'look-1' }],
    });
  });

  it('keep layers in order, and fittings changed and taken off the list', async () => {
    const layer = (number: number, colour: string) => ({
      surfaceId: 'top',
      layer: number,
      colour,
      feel: 'brittle',
    });
    const pulls = { id: 'pulls', kind: 'pull', count: 8, missing: 1, bag: 'A' };
    await take();
    await put({
      kind: 'layers',
      surfaceId: 'top',
      layers: [layer(1, 'white'), layer(2, 'green')],
    });
    await put({ kind: 'fit', hardware: pulls });
    await put({ kind: 'fit', hardware: { ...pulls, disposition: 'replace' } });
    const { piece } = await chest();
    expect(piece.layers.map((it) => it.colour)).toEqual(['white', 'green']);
    expect(piece.hardware).toMatchObject([{ missing: 1, disposition: 'replace' }]);
    await put({ kind: 'unfit', hardwareId: 'pulls' });
    await put({ kind: 'layers', surfaceId: 'top', layers: [] });
    expect((await chest()).piece).toMatchObject({ layers: [], hardware: [] });
  });
});

describe('entries', () => {
  it('sent again are known, and make nothing twice', async () => {
    await take();
    const look = entryOf({ kind: 'observe', observation: OBSERVATION });
    expect(await send(look, look)).toMatchObject([
      { outcome: 'stored', seq: 2 },
      { outcome: 'known', seq: 2 },
    ]);
    expect(await send(look)).toMatchObject([{ outcome: 'known', seq: 2 }]);
    expect((await chest()).piece.observations).toHaveLength(1);
  });

  it('with an id that another entry has are refused', async () => {
    await take();
    await put({ kind: 'archive' }, { id: 'one' });
    expect(await put({ kind: 'restore' }, { id: 'one' })).toMatchObject({
      outcome: 'refused',
      problems: [{ path: 'id' }],
    });
  });

  it('are answered each by itself: a bad one stops none beside it', async () => {
    const told = await send(
      takenIn(),
      entryOf({ kind: 'paint' }),
      { id: 5 },
      entryOf({ kind: 'observe', observation: OBSERVATION }),
    );
    expect(told.map((it) => it.outcome)).toEqual(['stored', 'refused', 'refused', 'stored']);
  });

  it('are taken back, and that is taken back, by entries', async () => {
    await take();
    await observe({}, { id: 'look' });
    await put({ kind: 'revoke', entryIds: ['look'] }, { id: 'undo' });
    expect((await chest()).piece.observations).toEqual([]);
    await put({ kind: 'revoke', entryIds: ['undo'] });
    expect((await chest()).piece.observations).toHaveLength(1);
  });

  it('made by two apart are both kept; what they set otherwise is told', async () => {
    await take();
    await put({ kind: 'describe', description: { name: 'Hall chest' } }, { baseSeq: 1 });
    await put(
      { kind: 'describe', description: { name: 'Big chest' } },
      { baseSeq: 1, device: 'yard', by: 'Runa' },
    );
    expect(await chest()).toMatchObject({
      piece: { name: 'Big chest' },
      conflicts: [{ field: 'name', stands: { by: 'Runa' }, other: { device: 'bench' } }],
    });
  });

  it('sent by eight at the same moment all get there', async () => {
    await take();
    const told = await Promise.all(
      Array.from({ length: 40 }, (_, index) =>
        observe({ id: `at-once-${index}` }, { device: `phone-${index % 8}` }),
      ),
    );
    expect(told.filter((it) => it.outcome === 'stored')).toHaveLength(40);
    expect((await chest()).piece.observations).toHaveLength(40);
  });

  it('are read page by page, and those of a piece as its history', async () => {
    await take();
    await send(takenIn({ pieceId: 'other' }));
    await observe();
    const { body: first } = await server.api.get('/api/entries?limit=2');
    expect(first).toMatchObject({ entries: [{ seq: 1 }, { seq: 2 }], last: 2, more: true });
    const { body: rest } = await server.api.get(`/api/entries?after=${first.last}`);
    expect(rest).toMatchObject({
      entries: [{ seq: 3, sent: { pieceId: 'chest-1' } }],
      more: false,
    });
    const { body: own } = await server.api.get('/api/pieces/chest-1/entries');
    expect((own as { entries: { seq: number }[] }).entries.map((it) => it.seq)).toEqual([1, 3]);
    expectProblem(await server.api.get('/api/entries?after=soon'), 422, 'after');
  });
});

describe('what is written down at the bench', () => {
  const line = (part: object) => ({ id: 'l1', at: '2026-03-01T08:00:00Z', ...part });
  const log = (...lines: object[]) => put({ kind: 'log', lines });
  const timer = { of: 'timer', timer: 'gelDwell', endsAt: '2026-03-01T08:25:00Z' };

  it('is on the piece, each line once: told again, it becomes what it says now', async () => {
    await take();
    await log(line(timer), line({ of: 'note', id: 'l2', text: 'Smells of smoke.' }));
    await log(line({ ...timer, endedAt: '2026-03-01T08:31:00Z' }));
    const { piece } = await chest();
    expect(piece.log).toMatchObject([
      { id: 'l1', of: 'timer', endedAt: '2026-03-01T08:31:00Z' },
      { id: 'l2', of: 'note', text: 'Smells of smoke.' },
    ]);
    const { seq } = (await put({
      kind: 'log',
      lines: [line({ of: 'note', id: 'l3', text: 'x' })],
    })) as {
      seq: number;
    };
    const { body } = await server.api.get('/api/pieces/chest-1/entries');
    const ids = (body as { entries: { seq: number; sent: { id: string } }[] }).entries;
    const last = ids.find((it) => it.seq === seq);
    await put({ kind: 'revoke', entryIds: [last?.sent.id] });
    expect((await chest()).piece.log.map((it) => it.id)).toEqual(['l1', 'l2']);
  });

  it('of a version that knew no bench: read as a piece on which nothing was written down', async () => {
    await send(takenIn({ version: 3 }));
    expect((await chest()).piece.log).toEqual([]);
  });

  it.each([
    [
      'an answer that the check does not have',
      { of: 'check', check: 'noBleed', answer: 'maybe' },
      'answer',
    ],
    ['a check that there is not', { of: 'check', check: 'aura', answer: 'white' }, 'check'],
    [
      'a material that there is not',
      { of: 'used', material: 'unobtainium', quantity: 1 },
      'material',
    ],
    ['less than nothing used', { of: 'used', material: 'woodGlue', quantity: -1 }, 'quantity'],
    ['a note without a word', { of: 'note', text: '   ' }, 'text'],
    ['a timer without an end', { of: 'timer', timer: 'gelDwell' }, 'endsAt'],
    ['a discovery without its setback', { of: 'discovery', kind: 'runs' }, 'setback'],
    ['a time of no work', { of: 'time', doneIds: [], minutes: 5 }, 'doneIds'],
    ['a kind of line that there is not', { of: 'gossip' }, 'of'],
  ])('%s is refused with its place, and nothing is kept', async (_, part, at) => {
    await take();
    const told = await log(line(part));
    expect(told.outcome).toBe('refused');
    expect(told.problems?.map((it) => it.path)).toContain(`change.lines.0.${at}`);
    for (const it of told.problems ?? []) expect(it.message).not.toBe('');
    expect((await chest()).piece.log).toEqual([]);
  });

  it('a discovery sets the route back, and taking it back gives the old route', async () => {
    await take();
    const aims = [
      {
        surfaceId: 'top',
        scheme: { kind: 'painted', shade: 'white', topcoat: 'none' },
        stripWish: 'best',
      },
    ];
    await put({ kind: 'aim', surfaceIds: ['top'], aims });
    const planned = async () => planRoute((await chest()).piece, USUAL_SHOP).tasks;
    const before = (await planned()).map((it) => it.key);
    const flaw = { film: 'top', lost: [], reopened: [], mend: 'levelOut' };
    const discovery = { of: 'discovery', kind: 'runs', remedy: 'levelOut', surfaceIds: ['top'] };
    await log(line({ ...discovery, setback: flaw }));
    const after = await planned();
    expect(after.map((it) => it.method)).toContain('mend-levelOut');
    const { body } = await server.api.get('/api/pieces/chest-1/entries');
    const entries = (body as { entries: { sent: { id: string } }[] }).entries;
    await put({ kind: 'revoke', entryIds: [entries.at(-1)?.sent.id] });
    expect((await planned()).map((it) => it.key)).toEqual(before);
  });
});

describe('what is wrong is said with its place', () => {
  it.each([
    ['a name of nothing', { name: '' }, 'change.description.name'],
    [
      'a body of a kind nobody knows',
      { build: { bodies: [{ id: '', kind: 'boat', measures: {} }] } },
      'change.description.build.bodies.0.kind',
    ],
    [
      'a width as text',
      { build: chestOf({ width: 'wide' }) },
      'change.description.build.bodies.0.measures.width',
    ],
    [
      'no depth',
      { build: { bodies: [{ id: '', kind: 'carcass', measures: { width: 900 } }] } },
      'change.description.build.bodies.0.measures.depth',
    ],
    [
      'a measure that no case has',
      { build: chestOf({ wings: 2 }) },
      'change.description.build.bodies.0.measures.wings',
    ],
    ['no body at all', { build: { bodies: [] } }, 'change.description.build.bodies'],
    ['years the wrong way round', { yearFrom: 1950 }, 'change.description.yearTo'],
  ])('%s: refused', async (_, part, path) => {
    const [told] = await send(takenIn({}, part));
    expect(told).toMatchObject({ outcome: 'refused' });
    expect(told?.problems?.map((it) => it.path)).toContain(path);
    expect((await server.api.get('/api/pieces')).body).toMatchObject({ pieces: [] });
  });

  it('an id that a piece has already: refused', async () => {
    await take();
    expect(await take()).toMatchObject([{ outcome: 'refused', problems: [{ path: 'pieceId' }] }]);
  });

  const LAYER = { surfaceId: 'top', layer: 1, colour: 'white' };
  it.each([
    ['an unknown kind', { kind: 'paint' }, 'form'],
    [
      'an outcome the test does not have',
      { kind: 'observe', observation: { ...OBSERVATION, outcome: 'purple' } },
      'change.observation.outcome',
    ],
    [
      'a surface the piece does not have',
      { kind: 'observe', observation: { ...OBSERVATION, surfaceId: 'roof' } },
      'observations.0.surfaceId',
    ],
    [
      'a lead result without a layer',
      { kind: 'observe', observation: { ...OBSERVATION, testId: 'lead-swab', outcome: 'found' } },
      'change.observation.layer',
    ],
    [
      'lead settled by a word',
      {
        kind: 'confirm',
        confirmation: { surfaceId: 'top', variable: 'lead', value: 'absent', at: OBSERVATION.at },
      },
      'change.confirmation.variable',
    ],
    [
      'something that is not there to take back',
      { kind: 'withdraw', observationId: 'never' },
      'observationId',
    ],
    [
      'layers that do not start at the top',
      { kind: 'layers', surfaceId: 'top', layers: [{ ...LAYER, layer: 2 }] },
      'layers',
    ],
    [
      'a layer of no colour',
      { kind: 'layers', surfaceId: 'top', layers: [{ ...LAYER, colour: ' ' }] },
      'change.layers.0.colour',
    ],
    [
      'no fittings at all',
      { kind: 'fit', hardware: { id: 'x', kind: 'pull', count: 0 } },
      'change.hardware.count',
    ],
    [
      'an unknown way of working',
      { kind: 'work', schools: { drawers: 'under' } },
      'change.schools.drawers',
    ],
    [
      'two aims for one surface',
      {
        kind: 'aim',
        surfaceIds: ['top'],
        aims: ['leave', 'leave'].map((kind) => ({ surfaceId: 'top', scheme: { kind } })),
      },
      'aims',
    ],
  ])('%s: refused, and nothing is stored', async (_, change, path) => {
    await take();
    const told = await put(change);
    expect(told.outcome).toBe('refused');
    expect(told.problems?.map((it) => it.path)).toContain(path);
    expect((await chest()).revision).toBe(1);
  });

  it.each([
    ['get', '/api/pieces/nobody'],
    ['get', '/api/pieces/nobody/routes'],
    ['get', '/api/pieces/nobody/entries'],
    ['get', '/api/nothing/here'],
    ['get', '/no-such-file.js'],
  ] as const)('unknown: %s %s: 404', async (method, address) => {
    expectProblem(await server.api[method](address), 404);
  });

  it('an entry about an unknown piece is refused, a route of it: 404', async () => {
    expect(await put({ kind: 'archive' }, { pieceId: 'nobody' })).toMatchObject({
      outcome: 'refused',
      problems: [{ path: 'pieceId' }],
    });
    expectProblem(await server.api.post('/api/pieces/nobody/routes').send({ revision: 1 }), 404);
  });

  it('malformed JSON: 400', async () => {
    const response = await server.api
      .post('/api/entries')
      .set('Content-Type', 'application/json')
      .send('{"id": "x",');
    expectProblem(response, 400);
  });

  it('no body at all, or one that is not JSON: 400', async () => {
    expectProblem(await server.api.post('/api/entries'), 400);
    const text = await server.api
      .post('/api/entries')
      .set('Content-Type', 'text/plain')
      .send('chest');
    expectProblem(text, 400);
  });

  it('a body over the limit: 413', async () => {
    const response = await server.api
      .post('/api/entries')
      .send({ entries: [], filler: 'x'.repeat(1_100_000) });
    expectProblem(response, 413);
  });

  it('a broken address: 400', async () => {
    expectProblem(await server.api.get('/api/pieces/%E0%A4%A'), 400);
  });

  it('our own fault: 500 without the inside turned out', async () => {
    await server.database.write(({ snapshots }) => snapshots.drop());
    const response = await server.api.get('/api/pieces');
    expectProblem(response, 500);
    expect(JSON.stringify(response.body)).not.toMatch(/SQL|snapshots|stack/i);
  });
});

describe('kept routes', () => {
  const aim = (shade: string) => ({
    kind: 'aim',
    surfaceIds: ['top'],
    aims: [
      {
        surfaceId: 'top',
        scheme: { kind: 'painted', shade, topcoat: 'oil' },
        stripWish: 'best',
      },
    ],
  });
  const keep = (revision: number) =>
    server.api.post('/api/pieces/chest-1/routes').send({ revision });

  it('are planned by the server for a revision, newest first, and kept once', async () => {
    await take();
    await put(aim('pale'));
    const { piece, revision } = await chest();
    const kept = await keep(revision);
    expect(kept.status).toBe(201);
    expect(kept.body).toMatchObject({ pieceRevision: 2, plannedAt: NOW.toISOString() });
    expect((kept.body as { route: unknown }).route).toMatchObject({
      operations: planRoute(piece, USUAL_SHOP).operations.map(({ id, title, taskKeys, how }) => ({
        id,
        title,
        taskKeys,
        how,
      })),
    });
    expect((await keep(revision)).body).toMatchObject({ id: 1 });
    await put(aim('dark'));
    await keep(revision + 1);
    const list = (await server.api.get('/api/pieces/chest-1/routes')).body as { id: number }[];
    expect(list.map((it) => it.id)).toEqual([2, 1]);
  });

  it('of an old revision are refused', async () => {
    await take();
    await observe();
    expectProblem(await keep(1), 409, 'revision');
  });
});

describe('the engines, stateless', () => {
  const pieceOf = async () => {
    await take();
    return (await chest()).piece;
  };

  it('inspect', async () => {
    const piece = await pieceOf();
    const seen = { ...piece, observations: [OBSERVATION] };
    const { body } = await server.api.post('/api/inspect').send({ piece: seen });
    expect(body).toHaveLength(8);
    expect(body[0]).toMatchObject({
      surfaceId: 'top',
      substrate: { said: { label: 'veneer' }, settled: true, speaksFor: ['look-1'] },
      leadStatus: { kind: 'open' },
    });
  });

  it('route, by the lead year it is given', async () => {
    const piece = await pieceOf();
    const aims = [
      { surfaceId: 'top', scheme: { kind: 'painted', shade: 'dark', topcoat: 'none' } },
    ];
    const ask = (shop?: object) =>
      server.api.post('/api/route').send({ piece: { ...piece, aims }, shop });
    const first = async (shop?: object) =>
      ((await ask(shop)).body as { operations: { method: string }[] }).operations[0]?.method;
    expect(await first()).toBe('lead-gate');
    expect(await first({ leadCutoffYear: 1920 })).toBe('photograph');
  });

  it('sanding ladder, and its refusal, both with 200', async () => {
    const ask = (task: object) => server.api.post('/api/sanding-ladder').send(task);
    const good = await ask({ defectUm: 90, targetGrit: 180, coarsestGrit: 80 });
    expect(good.body).toMatchObject({
      kind: 'ladder',
      rungs: [{ grit: 80 }, { grit: 120 }, { grit: 180 }],
    });
    const refused = await ask({ defectUm: 90, targetGrit: 180, lead: 'open' });
    expect(refused.status).toBe(200);
    expect(refused.body).toMatchObject({ kind: 'refused', rule: 'dry-sanding-suspect-paint' });
    expectProblem(await ask({ defectUm: 90, targetGrit: 110 }), 422, 'targetGrit');
  });

  it('say where a piece is broken', async () => {
    const piece = await pieceOf();
    const broken = { ...piece, observations: [{ ...OBSERVATION, testId: 'lick' }] };
    for (const address of ['/api/inspect', '/api/route']) {
      expectProblem(
        await server.api.post(address).send({ piece: broken }),
        422,
        'piece.observations.0.testId',
      );
    }
  });
});

describe('the shop', () => {
  const set = (settings: object) => put({ kind: 'shopSet', settings }, { pieceId: null });
  const now = async () => (await server.api.get('/api/shop')).body as unknown;

  it('has its usual settings until some are changed, then keeps those', async () => {
    expect(await now()).toEqual(USUAL_SHOP);
    const schools = { ...USUAL_SHOP.schools, prime: 'selfPriming', drawers: 'in' };
    await set({ schools, tools: ['sprayer'] });
    await set({ units: 'us', leadCutoffYear: 1992, airCelsius: 12.5, airHumidity: 71 });
    const changed = {
      units: 'us',
      leadCutoffYear: 1992,
      airCelsius: 12.5,
      airHumidity: 71,
      schools,
      tools: ['sprayer'],
    };
    expect(await now()).toEqual({ ...USUAL_SHOP, ...changed });
    expect((await server.api.get('/api/shop/entries')).body.entries).toHaveLength(2);
  });

  it.each([
    [{ schools: { ...USUAL_SHOP.schools, prime: 'never' } }, 'change.settings.schools.prime'],
    [{ tools: ['sander', 'wand'] }, 'change.settings.tools.1'],
    [{ leadCutoffYear: 20 }, 'change.settings.leadCutoffYear'],
  ])('refuses %j by its place, and nothing changes', async (settings, path) => {
    const told = await set(settings);
    expect(told.problems?.map((it) => it.path)).toEqual([path]);
    expect(await now()).toEqual(USUAL_SHOP);
  });
});

/** The validator is a module of the new kind, which Jest can't load; Node itself can. */
const VALIDATE = `
  import { text } from 'node:stream/consumers';
  import { Validator } from '@seriousme/openapi-schema-validator';
  const result = await new Validator().validate(JSON.parse(await text(process.stdin)));
  console.log(JSON.stringify(result));
`;
const validateOutside = (description: unknown): unknown =>
  JSON.parse(
    execFileSync('node', ['--input-type=module', '-e', VALIDATE], {
      input: JSON.stringify(description),
      encoding: 'utf8',
    }),
  );

describe('the description of the API', () => {
  it('is valid OpenAPI 3.1, by an outside validator', async () => {
    const { body } = await server.api.get('/api/openapi.json');
    expect(validateOutside(body)).toEqual({ valid: true });
  });

  it('lets a request leave out what has a default, and promises it in the reply', async () => {
    const { body } = await server.api.get('/api/openapi.json');
    const { Shop, ShopOutput } = body.components.schemas as Record<string, { required?: string[] }>;
    expect(Shop?.required ?? []).not.toContain('units');
    expect(ShopOutput?.required).toContain('units');
    const { get } = body.paths['/api/shop'];
    expect(get.responses['200'].content['application/json'].schema.$ref).toMatch(/\/ShopOutput$/);
  });

  it('says which bodies are pictures', async () => {
    const { body } = await server.api.get('/api/openapi.json');
    const upload = body.paths['/api/pieces/{pieceId}/photos'].post;
    expect(Object.keys(upload.requestBody.content)).toEqual(['image/*']);
    expect(Object.keys(upload.responses)).toEqual(expect.arrayContaining(['413', '415', '422']));
    const shown = body.paths['/api/photos/{photoId}'].get.responses['200'];
    expect(Object.keys(shown.content)).toEqual(['image/jpeg']);
  });

  it('names every address with its errors', async () => {
    const { paths } = (await server.api.get('/api/openapi.json')).body as {
      paths: Record<string, Record<string, { responses: object }>>;
    };
    expect(Object.keys(paths)).toEqual(
      expect.arrayContaining([
        '/api/pieces',
        '/api/entries',
        '/api/inspect',
        '/api/route',
        '/api/sanding-ladder',
        '/api/shop',
      ]),
    );
    const statuses = Object.keys(paths['/api/entries']?.post?.responses ?? {});
    expect(statuses).toEqual(expect.arrayContaining(['200', '400', '413', '422', '500']));
  });

  it('gives the format of a piece file as a JSON Schema', async () => {
    const { body } = await server.api.get('/api/piece-file.schema.json');
    expect(body).toMatchObject({
      type: 'object',
      properties: { format: { const: 'obrik-piece' } },
    });
  });
});

it('sends the headers that keep a page to itself', async () => {
  const { headers } = await server.api.get('/api/health');
  expect(headers['content-security-policy']).toMatch(/default-src 'self'/);
  expect(headers['x-content-type-options']).toBe('nosniff');
  expect(headers['strict-transport-security']).toBeUndefined();
  expect(headers['x-powered-by']).toBeUndefined();
});
