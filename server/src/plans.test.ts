import type { z } from 'zod';
import { alternative, branches, whatIf } from '@obrik/core/case';
import { careSheet, planRoute, routeCard, type KeptSteps, type Operation } from '@obrik/core/route';
import type { PieceLedger } from '@obrik/core/ledger';
import { USUAL_SHOP } from '@obrik/core/piece';
import { remedyOption } from '@obrik/core/run';
import { shoppingList } from '@obrik/core/supply';
import sharp from 'sharp';
import { asPdf } from './papers/pdf';
import type { KeptRoute } from './store/routes';
import KEPT_LONG_AGO from '../../core/src/testing/kept-route-1.json';
import {
  TYPEFACE,
  entryOf,
  sendPaleChest,
  takenIn,
  testServer,
  type TestServer,
} from './testing/server';

let server: TestServer;
beforeEach(async () => {
  server = await testServer();
  await sendPaleChest(server);
});
afterEach(() => server.close());

const PALE_TOP = {
  surfaceId: 'top',
  scheme: { kind: 'painted', shade: 'pale', topcoat: 'waterborne' },
};
const get = (end: string) => server.api.get(`/api/pieces/chest-1/${end}`);
const expectEach = (schema: z.ZodType, list: unknown) => {
  expect(Array.isArray(list) && list.length > 0).toBe(true);
  for (const it of list as unknown[]) expect(schema.parse(it)).toEqual(it);
};

it('whole-piece ways and what working otherwise would change, as their schemas say', async () => {
  const ways = await get('alternatives');
  expectEach(alternative, ways.body);
  expect((ways.body as { id: string }[])[0]?.id).toBe('as-aimed');
  expectEach(whatIf, (await get('what-ifs')).body);
});

it('open questions with a branch for each answer', async () => {
  const { body } = await get('branches');
  expect(branches.parse(body)).toEqual(body);
  expect(branches.parse(body).gates.map((it) => it.kind)).toContain('lead');
});

it('the care sheet, with nothing promised on lead', async () => {
  const { body } = await get('care-sheet');
  expect(
    careSheet
      .parse(body)
      .surfaces.find((it) => it.name === 'Top')
      ?.coats.join(),
  ).toMatch(/waterborne clear/);
  expect(JSON.stringify(body)).not.toMatch(/\bsafe\b/i);
});

it.each(['route.pdf', 'care-sheet.pdf', 'book.pdf'])(
  '%s is a PDF, set anew each time',
  async (end) => {
    const response = await get(end);
    expect(response.status).toBe(200);
    expect(response.type).toBe('application/pdf');
    expect(response.headers['cache-control']).toBe('no-store');
    expect((response.body as Buffer).subarray(0, 5).toString()).toBe('%PDF-');
  },
);

it('the ways to go on after something turned up, with what each takes; nothing is stored', async () => {
  const found = { id: 'x', kind: 'runs', surfaceIds: ['top'], at: '2026-03-01T08:00:00Z' };
  const { status, body } = await server.api.post('/api/pieces/chest-1/remedies').send(found);
  expect(status).toBe(200);
  expectEach(remedyOption, body);
  expect((body as { remedy: string }[]).map((it) => it.remedy)).toContain('acceptIt');
  const { piece } = (await server.api.get('/api/pieces/chest-1')).body as PieceLedger;
  expect(piece.log).toEqual([]);
});

it('what turned up in a form that nobody knows is refused, with what is wrong and where', async () => {
  const found = { id: 'x', kind: 'ghosts', surfaceIds: [], at: 'yesterday' };
  const { status, body } = await server.api.post('/api/pieces/chest-1/remedies').send(found);
  expect(status).toBe(422);
  const paths = (body as { problems: { path: string }[] }).problems.map((it) => it.path);
  expect(paths).toEqual(expect.arrayContaining(['kind', 'surfaceIds', 'at']));
});

it('what the pieces at work need is bought together, in containers that hold it', async () => {
  const once = shoppingList.parse((await server.api.get('/api/shopping')).body);
  expect(once.lines.length).toBeGreaterThan(3);
  for (const it of once.lines) {
    const held = it.bought.reduce((sum, one) => sum + one.size * one.count, 0);
    expect([it.material, held >= it.needed - 1e-9]).toEqual([it.material, true]);
    expect(it.bought.reduce((sum, one) => sum + one.price * one.count, 0)).toBe(it.cost);
  }
  expect(once.lines.reduce((sum, it) => sum + it.cost, 0)).toBe(once.cost);
  // A second piece like the first needs twice as much, and what is left over is used for it.
  const aim = { kind: 'aim', surfaceIds: ['top'], aims: [PALE_TOP] };
  const other = { pieceId: 'chest-2' };
  await server.api.post('/api/entries').send({ entries: [takenIn(other), entryOf(aim, other)] });
  const both = shoppingList.parse((await server.api.get('/api/shopping')).body);
  const of = (list: typeof once) => list.lines.find((it) => it.material === 'cabinetEnamel');
  expect(of(both)?.needed ?? 0).toBeGreaterThan(of(once)?.needed ?? Infinity);
  expect(new Set(of(both)?.from.map((it) => it.pieceId)).size).toBe(2);
});

it('the book shows pictures of before and after, side by side', async () => {
  const red = await sharp({
    create: { width: 40, height: 30, channels: 3, background: { r: 200, g: 30, b: 30 } },
  })
    .jpeg()
    .toBuffer();
  for (const id of ['p1', 'p2']) {
    const sent = await server.api
      .post(`/api/pieces/chest-1/photos?id=${id}`)
      .set('content-type', 'image/jpeg')
      .send(red);
    expect(sent.status).toBeLessThan(300);
  }
  const picture = (photoId: string, at: string) =>
    entryOf({ kind: 'picture', picture: { id: photoId, surfaceId: 'top', photoId, at, note: '' } });
  const pictures = [picture('p1', '2026-02-01T08:00:00Z'), picture('p2', '2026-02-20T08:00:00Z')];
  const without = (await get('book.pdf')).body as Buffer;
  await server.api.post('/api/entries').send({ entries: pictures });
  const withThem = (await get('book.pdf')).body as Buffer;
  const imagesIn = (pdf: Buffer) => pdf.toString('latin1').match(/\/Subtype \/Image/g)?.length ?? 0;
  expect([imagesIn(without), imagesIn(withThem)]).toEqual([0, 2]);
});

it('a long card goes over several pages', async () => {
  const { piece } = (await server.api.get('/api/pieces/chest-1')).body as PieceLedger;
  const route = planRoute(piece, USUAL_SHOP);
  const ticket = { number: '01', revision: 2, printedAt: 0, timeZone: 'UTC' };
  const pagesOf = async (operations: readonly Operation[]) =>
    (await asPdf(routeCard(piece, { ...route, operations }, ticket), TYPEFACE))
      .toString('latin1')
      .match(/\/Type \/Page\b/g)?.length;
  expect(await pagesOf(route.operations.slice(0, 2))).toBe(1);
  expect(await pagesOf(route.operations)).toBeGreaterThan(1);
});

it.each([
  'alternatives',
  'what-ifs',
  'branches',
  'care-sheet',
  'route.pdf',
  'care-sheet.pdf',
  'book.pdf',
])('%s of an unknown piece: 404', async (end) => {
  const response = await server.api.get(`/api/pieces/nobody/${end}`);
  expect(response.status).toBe(404);
  expect(response.type).toBe('application/problem+json');
});

it('a route that was kept before work was told by tasks stays as it was', async () => {
  await server.api.post('/api/pieces/chest-1/routes').send({ revision: 2 });
  await server.database.write(async ({ routes }) => {
    const row = await routes.findOne();
    await row?.update({ version: 1, route: KEPT_LONG_AGO as unknown as KeptSteps });
  });
  const list = await get('routes');
  expect(list.status).toBe(200);
  const [kept] = list.body as KeptRoute[];
  const [step] = kept?.route.operations ?? [];
  expect(step?.title).toBe('Scuff P150');
  expect(step?.reasons[0]?.text).toBe('Top: lacquer stays; paint holds on a dulled face.');
  expect(step).toMatchObject({ id: 'sand.scuff.150', taskKeys: [], risks: [], sprayed: false });
  expect(kept?.route.refusals).toMatchObject([{ surfaceIds: ['top'], rule: 'patch-will-show' }]);
});
