import type { z } from 'zod';
import {
  alternative,
  branches,
  careSheet,
  planRoute,
  routeCard,
  whatIf,
  type KeptSteps,
  type Operation,
} from '@obrik/core/route';
import type { PieceLedger } from '@obrik/core/ledger';
import { USUAL_SHOP } from '@obrik/core/piece';
import { asPdf } from './papers/pdf';
import type { KeptRoute } from './store/routes';
import KEPT_LONG_AGO from '../../core/src/testing/kept-route-1.json';
import { TYPEFACE, entryOf, takenIn, testServer, type TestServer } from './testing/server';

let server: TestServer;
beforeEach(async () => {
  server = await testServer();
  const aim = entryOf({
    kind: 'aim',
    surfaceIds: ['top', 'left'],
    aims: ['top', 'left'].map((surfaceId) => ({
      surfaceId,
      scheme: { kind: 'painted', shade: 'pale', topcoat: 'waterborne' },
    })),
  });
  await server.api.post('/api/entries').send({ entries: [takenIn(), aim] });
});
afterEach(() => server.close());

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

it.each(['route.pdf', 'care-sheet.pdf'])('%s is a PDF, set anew each time', async (end) => {
  const response = await get(end);
  expect(response.status).toBe(200);
  expect(response.type).toBe('application/pdf');
  expect(response.headers['cache-control']).toBe('no-store');
  expect((response.body as Buffer).subarray(0, 5).toString()).toBe('%PDF-');
});

it('a long card goes over several pages', async () => {
  const { piece } = (await server.api.get('/api/pieces/chest-1')).body as PieceLedger;
  const route = planRoute(piece, USUAL_SHOP);
  const ticket = { number: '01', revision: 2, printed: '1 Mar 2026' };
  const pagesOf = async (operations: readonly Operation[]) =>
    (await asPdf(routeCard(piece, { ...route, operations }, ticket), TYPEFACE))
      .toString('latin1')
      .match(/\/Type \/Page\b/g)?.length;
  expect(await pagesOf(route.operations.slice(0, 2))).toBe(1);
  expect(await pagesOf(route.operations)).toBeGreaterThan(1);
});

it.each(['alternatives', 'what-ifs', 'branches', 'care-sheet', 'route.pdf', 'care-sheet.pdf'])(
  '%s of an unknown piece: 404',
  async (end) => {
    const response = await server.api.get(`/api/pieces/nobody/${end}`);
    expect(response.status).toBe(404);
    expect(response.type).toBe('application/problem+json');
  },
);

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
