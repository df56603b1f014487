import { execFileSync } from 'node:child_process';
import type { Response } from 'supertest';
import { planRoute } from '@obrik/core/route';
import { USUAL_SHOP, type PieceRecord } from '@obrik/core/piece';
import { CHEST, NOW, OBSERVATION, testServer, type TestServer } from './testing/server';

let server: TestServer;
beforeEach(async () => {
  server = await testServer();
});
afterEach(() => server.close());

const take = () => server.api.post('/api/pieces').send(CHEST);
const change = (revision: number, it: object, pieceId = CHEST.id) =>
  server.api.post(`/api/pieces/${pieceId}/changes`).send({ revision, change: it });
const observe = (revision: number, part: object = {}) =>
  change(revision, { kind: 'observe', observation: { ...OBSERVATION, ...part } });
const recordIn = (response: Response) => response.body as PieceRecord;

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
    const first = await take();
    expect(first.status).toBe(201);
    expect(recordIn(first)).toMatchObject({
      number: 1,
      revision: 1,
      createdAt: NOW.toISOString(),
      piece: { id: 'chest-1', name: 'Chest by the door', observations: [], archived: false },
    });
    const second = await server.api.post('/api/pieces').send({ ...CHEST, id: 'chest-2' });
    expect(recordIn(second).number).toBe(2);
    const list = await server.api.get('/api/pieces');
    expect((list.body as PieceRecord[]).map((it) => it.piece.id)).toEqual(['chest-1', 'chest-2']);
    const read = await server.api.get('/api/pieces/chest-1');
    expect(read.body).toEqual(first.body);
  });

  it('keep everything that is recorded, in the order it was recorded', async () => {
    await take();
    await observe(1);
    await observe(2, { id: 'a-later', testId: 'veneer-thickness', outcome: null, value: 0.62 });
    await observe(3, {
      id: 'lead',
      surfaceId: 'legs',
      testId: 'lead-swab',
      outcome: 'notFound',
      layer: 2,
      by: 'Runa',
    });
    await change(4, {
      kind: 'confirm',
      confirmation: { surfaceId: 'top', variable: 'finish', value: 'wax', at: OBSERVATION.at },
    });
    await change(5, {
      kind: 'find',
      finding: {
        id: 'f1',
        surfaceId: 'top',
        damage: 'gouge',
        count: 3,
        note: 'by the lock',
        at: OBSERVATION.at,
      },
    });
    const aims = [
      {
        surfaceId: 'top',
        scheme: { kind: 'stained', shade: 'mid', topcoat: 'oil' },
        stripWish: 'gel',
        applicator: 'gun',
        newPart: 'solid',
      },
    ];
    const last = await change(6, { kind: 'aim', surfaceIds: ['top'], aims });
    expect(last.status).toBe(200);
    const { revision, piece } = recordIn(await server.api.get('/api/pieces/chest-1'));
    expect(revision).toBe(7);
    expect(piece.observations.map((it) => it.id)).toEqual(['look-1', 'a-later', 'lead']);
    expect(piece.observations[1]).toMatchObject({ value: 0.62, outcome: null, layer: null });
    expect(piece.observations[2]).toMatchObject({ layer: 2, by: 'Runa' });
    expect(piece.confirmations).toHaveLength(1);
    expect(piece.findings).toMatchObject([{ damage: 'gouge', count: 3, note: 'by the lock' }]);
    expect(piece.aims).toEqual(aims);
  });

  it('are put away and brought back, with nothing lost', async () => {
    await take();
    await observe(1);
    expect(recordIn(await change(2, { kind: 'archive' })).piece.archived).toBe(true);
    const back = recordIn(await change(3, { kind: 'restore' })).piece;
    expect(back).toMatchObject({ archived: false, observations: [{ id: 'look-1' }] });
  });

  it('changed on an old revision are refused, and stay as they were', async () => {
    await take();
    await observe(1);
    const late = await observe(1, { id: 'too-late' });
    expectProblem(late, 409, 'revision');
    expect((late.body as { detail: string }).detail).toMatch(/at revision 2.*Load it again/);
    expect(recordIn(await server.api.get('/api/pieces/chest-1')).piece.observations).toHaveLength(
      1,
    );
  });

  it('changed by two at the same moment take one change and refuse the other', async () => {
    await take();
    const answers = await Promise.all(
      Array.from({ length: 8 }, (_, index) => observe(1, { id: `at-once-${index}` })),
    );
    expect(answers.filter((it) => it.status === 200)).toHaveLength(1);
    expect(answers.filter((it) => it.status === 409)).toHaveLength(7);
    expect(recordIn(await server.api.get('/api/pieces/chest-1'))).toMatchObject({ revision: 2 });
  });
});

let serial = 0;
/** A piece of its own for a test, and a way to change it. */
const taken = async () => {
  const id = `own-${++serial}`;
  const { body: record } = await server.api
    .post('/api/pieces')
    .send({ ...CHEST, id })
    .expect(201);
  let { revision } = record;
  const make = async (change: object) => {
    const { body } = await server.api
      .post(`/api/pieces/${id}/changes`)
      .send({ revision, change })
      .expect(200);
    ({ revision } = body);
  };
  return { record, make };
};

describe('layers and hardware', () => {
  const layer = (number: number, colour: string) => ({
    surfaceId: 'top',
    layer: number,
    colour,
    feel: 'brittle',
  });
  const PULLS = { id: 'pulls', kind: 'pull', count: 8, missing: 1, bag: 'A' };

  it('are kept in order, changed, and taken back', async () => {
    const { record, make } = await taken();
    await make({
      kind: 'layers',
      surfaceId: 'top',
      layers: [layer(1, 'white'), layer(2, 'green')],
    });
    await make({ kind: 'fit', hardware: PULLS });
    await make({ kind: 'fit', hardware: { ...PULLS, disposition: 'replace' } });
    const { body } = await server.api.get(`/api/pieces/${record.piece.id}`).expect(200);
    expect(body.piece.layers.map((it: { colour: string }) => it.colour)).toEqual([
      'white',
      'green',
    ]);
    expect(body.piece.hardware).toMatchObject([{ missing: 1, disposition: 'replace' }]);
    await make({ kind: 'unfit', hardwareId: 'pulls' });
    await make({ kind: 'layers', surfaceId: 'top', layers: [] });
    const after = await server.api.get(`/api/pieces/${record.piece.id}`).expect(200);
    expect(after.body.piece).toMatchObject({ layers: [], hardware: [] });
  });

  it.each([
    [{ kind: 'layers', surfaceId: 'top', layers: [layer(2, 'white')] }, 'layers'],
    [{ kind: 'layers', surfaceId: 'top', layers: [layer(1, ' ')] }, 'change.layers.0.colour'],
    [{ kind: 'fit', hardware: { ...PULLS, count: 0 } }, 'change.hardware.count'],
    [{ kind: 'unfit', hardwareId: 'never' }, 'hardwareId'],
  ])('are refused with their place: %j', async (change, path) => {
    const { record } = await taken();
    const { body } = await server.api
      .post(`/api/pieces/${record.piece.id}/changes`)
      .send({ revision: record.revision, change })
      .expect(422);
    expect(body.problems[0].path).toBe(path);
  });
});

describe('what is wrong is said with its place', () => {
  it.each([
    ['a name of nothing', { name: '' }, 'description.name'],
    ['a kind of furniture nobody knows', { templateId: 'boat' }, 'description.templateId'],
    [
      'a width as text',
      { measures: { ...CHEST.description.measures, width: 'wide' } },
      'description.measures.width',
    ],
    ['no depth', { measures: { width: 900 } }, 'description.measures.depth'],
    ['years the wrong way round', { yearFrom: 1950 }, 'description.yearTo'],
  ])('%s: 422', async (_, part, path) => {
    const response = await server.api
      .post('/api/pieces')
      .send({ ...CHEST, description: { ...CHEST.description, ...part } });
    expectProblem(response, 422, path);
    expect((await server.api.get('/api/pieces')).body).toEqual([]);
  });

  it('an id that is taken: 409', async () => {
    await take();
    expectProblem(await take(), 409, 'id');
  });

  it.each([
    ['an unknown kind of change', { kind: 'paint' }, 'change.kind'],
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
  ])('%s: 422, and nothing is stored', async (_, it, path) => {
    await take();
    expectProblem(await change(1, it), 422, path);
    expect(recordIn(await server.api.get('/api/pieces/chest-1')).revision).toBe(1);
  });

  it.each([
    ['get', '/api/pieces/nobody'],
    ['get', '/api/pieces/nobody/routes'],
    ['get', '/api/nothing/here'],
    ['get', '/no-such-file.js'],
  ] as const)('unknown: %s %s: 404', async (method, address) => {
    expectProblem(await server.api[method](address), 404);
  });

  it('a change or a route of an unknown piece: 404', async () => {
    expectProblem(await change(1, { kind: 'archive' }, 'nobody'), 404);
    expectProblem(await server.api.post('/api/pieces/nobody/routes').send({ revision: 1 }), 404);
  });

  it('malformed JSON: 400', async () => {
    const response = await server.api
      .post('/api/pieces')
      .set('Content-Type', 'application/json')
      .send('{"id": "x",');
    expectProblem(response, 400);
  });

  it('no body at all, or one that is not JSON: 400', async () => {
    expectProblem(await server.api.post('/api/pieces'), 400);
    const text = await server.api
      .post('/api/pieces')
      .set('Content-Type', 'text/plain')
      .send('chest');
    expectProblem(text, 400);
  });

  it('a body over the limit: 413', async () => {
    const response = await server.api
      .post('/api/pieces')
      .send({ ...CHEST, filler: 'x'.repeat(1_100_000) });
    expectProblem(response, 413);
  });

  it('a broken address: 400', async () => {
    expectProblem(await server.api.get('/api/pieces/%E0%A4%A'), 400);
  });

  it('our own fault: 500 without the inside turned out', async () => {
    await server.database.sequelize.query('DROP TABLE aims');
    const response = await server.api.get('/api/pieces');
    expectProblem(response, 500);
    expect(JSON.stringify(response.body)).not.toMatch(/SQL|aims|stack/i);
  });
});

describe('how a piece is worked', () => {
  it('is kept with the piece; an unknown way is refused by its path', async () => {
    await take();
    const changed = recordIn(await change(1, { kind: 'work', schools: { drawers: 'in' } }));
    expect(changed.piece.schools).toEqual({ drawers: 'in' });
    expect(recordIn(await server.api.get('/api/pieces/chest-1')).piece.schools).toEqual({
      drawers: 'in',
    });
    expectProblem(
      await change(2, { kind: 'work', schools: { drawers: 'under' } }),
      422,
      'change.schools.drawers',
    );
  });
});

describe('kept routes', () => {
  it('are planned by the server for a revision, with the shop’s settings, newest first', async () => {
    await take();
    const aims = [
      {
        surfaceId: 'top',
        scheme: { kind: 'painted', shade: 'pale', topcoat: 'oil' },
        stripWish: 'best',
      },
    ];
    const { piece, revision } = recordIn(
      await change(1, { kind: 'aim', surfaceIds: ['top'], aims }),
    );
    const kept = await server.api.post('/api/pieces/chest-1/routes').send({ revision });
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
    await server.api.post('/api/pieces/chest-1/routes').send({ revision });
    const list = (await server.api.get('/api/pieces/chest-1/routes')).body as { id: number }[];
    expect(list.map((it) => it.id)).toEqual([2, 1]);
  });

  it('of an old revision are refused', async () => {
    await take();
    await observe(1);
    expectProblem(
      await server.api.post('/api/pieces/chest-1/routes').send({ revision: 1 }),
      409,
      'revision',
    );
  });
});

describe('the engines, stateless', () => {
  const pieceOf = async () => recordIn(await take()).piece;

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
  it('keeps how it works; an unknown way is refused by its path, and nothing changes', async () => {
    const schools = { ...USUAL_SHOP.schools, prime: 'selfPriming', drawers: 'in' };
    const changed = { ...USUAL_SHOP, schools, tools: ['sprayer'] };
    expect((await server.api.put('/api/shop').send(changed)).body).toEqual(changed);
    const wrong = { ...USUAL_SHOP, schools: { ...schools, prime: 'never' } };
    expectProblem(await server.api.put('/api/shop').send(wrong), 422, 'schools.prime');
    const unknown = { ...USUAL_SHOP, tools: ['sander', 'wand'] };
    expectProblem(await server.api.put('/api/shop').send(unknown), 422, 'tools.1');
    expect((await server.api.get('/api/shop')).body).toEqual(changed);
    await server.api.put('/api/shop').send(USUAL_SHOP);
  });

  it('has its usual settings until they are changed, then keeps them', async () => {
    expect((await server.api.get('/api/shop')).body).toEqual(USUAL_SHOP);
    const changed = {
      ...USUAL_SHOP,
      units: 'us',
      leadCutoffYear: 1992,
      airCelsius: 12.5,
      airHumidity: 71,
    };
    expect((await server.api.put('/api/shop').send(changed)).body).toEqual(changed);
    expect((await server.api.get('/api/shop')).body).toEqual(changed);
  });

  it('refuses a year that is none', async () => {
    expectProblem(
      await server.api.put('/api/shop').send({ units: 'metric', leadCutoffYear: 20 }),
      422,
      'leadCutoffYear',
    );
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
    const { put } = body.paths['/api/shop'];
    expect(put.requestBody.content['application/json'].schema.$ref).toMatch(/\/Shop$/);
    expect(put.responses['200'].content['application/json'].schema.$ref).toMatch(/\/ShopOutput$/);
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
        '/api/pieces/{pieceId}/changes',
        '/api/inspect',
        '/api/route',
        '/api/sanding-ladder',
        '/api/shop',
      ]),
    );
    const statuses = Object.keys(paths['/api/pieces/{pieceId}/changes']?.post?.responses ?? {});
    expect(statuses).toEqual(
      expect.arrayContaining(['200', '400', '404', '409', '413', '422', '500']),
    );
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
