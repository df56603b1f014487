import { flipping, moneyDecision, quoteOption } from '@obrik/core/money';
import { shoppingList } from '@obrik/core/supply';
import { z } from 'zod';
import { NOW, entryOf, takenIn, testServer, type TestServer } from './testing/server';

let server: TestServer;
const ofShop = (change: object) => entryOf(change, { pieceId: null });
const send = (...entries: object[]) => server.api.post('/api/entries').send({ entries });

beforeEach(async () => {
  server = await testServer();
  const scheme = { kind: 'painted', shade: 'pale', topcoat: 'waterborne' };
  const aims = [{ surfaceId: 'top', scheme }];
  await send(takenIn(), entryOf({ kind: 'aim', surfaceIds: ['top'], aims }));
});
afterEach(() => server.close());

const list = async () => shoppingList.parse((await server.api.get('/api/shopping')).body);
const enamelOf = (it: z.infer<typeof shoppingList>) =>
  it.lines.find((line) => line.material === 'cabinetEnamel');

const CAN = {
  id: 'can',
  material: 'cabinetEnamel',
  size: 1,
  left: 1,
  seenAt: '2026-02-20T08:00:00Z',
  boughtOn: '2026-02-20',
  paid: 3000,
};

it('what is on the shelf is not bought again; what the bench takes from it is gone', async () => {
  const before = enamelOf(await list());
  expect(before?.bought.length).toBeGreaterThan(0);
  await send(ofShop({ kind: 'stocked', containers: [{ ...CAN, colour: before?.colour }] }));
  const met = enamelOf(await list());
  expect(met?.bought).toEqual([]);
  expect(met?.onHand[0]?.containerId).toBe('can');
  const used = {
    of: 'used',
    id: 'u1',
    at: '2026-02-21T08:00:00Z',
    material: 'cabinetEnamel',
    quantity: 0.95,
    containerId: 'can',
    colour: before?.colour,
  };
  await send(entryOf({ kind: 'log', lines: [used] }));
  expect(enamelOf(await list())?.bought.length).toBeGreaterThan(0);
  const [left] = (await server.api.get('/api/stock')).body as { left: number; low: boolean }[];
  expect(left?.left).toBeCloseTo(0.05, 9);
  expect(left?.low).toBe(true);
  const { body } = await server.api.get('/api/pieces/chest-1/costs');
  const told = body as { cost: { lines: { key: string; spent: number }[] } };
  // 95 % of a can of 30.00.
  expect(told.cost.lines.find((it) => it.key.startsWith('cabinetEnamel/'))?.spent).toBe(2850);
});

it('prices and rates of the shop make a quote, and its PDF', async () => {
  const bare = z.array(quoteOption).parse((await server.api.get('/api/pieces/chest-1/quote')).body);
  expect(bare.find((it) => it.id === 'as-aimed')?.total).toBeNull();
  const money = { currency: 'EUR', tax: 2000, rateAnHour: 3000, deposit: 2500 };
  await send(ofShop({ kind: 'shopSet', settings: { money } }));
  const { body } = await server.api.get('/api/pieces/chest-1/quote');
  const asAimed = z
    .array(quoteOption)
    .parse(body)
    .find((it) => it.id === 'as-aimed');
  expect(asAimed?.total).toBe((asAimed?.net ?? NaN) + (asAimed?.tax ?? NaN));
  const decisions = (await server.api.get('/api/pieces/chest-1/decisions')).body as unknown;
  expect(z.array(moneyDecision).parse(decisions).length).toBeGreaterThan(0);
  for (const end of ['pieces/chest-1/quote.pdf?options=as-aimed', 'shopping.pdf']) {
    const pdf = await server.api.get(`/api/${end}`).buffer(true);
    expect([end, pdf.status, pdf.type]).toEqual([end, 200, 'application/pdf']);
    expect((pdf.body as Buffer).subarray(0, 5).toString()).toBe('%PDF-');
  }
});

it('a sold piece needs nothing any more, and tells what an hour earned', async () => {
  const sold = { price: 20_000, on: NOW.toISOString().slice(0, 10), fees: 0 };
  await send(entryOf({ kind: 'account', account: { paid: 1000, sold } }));
  expect((await list()).lines).toEqual([]);
  const told = flipping.parse((await server.api.get('/api/money')).body);
  expect(told.sold.map((it) => it.pieceId)).toEqual(['chest-1']);
  expect(told.tiedUp).toBe(0);
});

it.each([
  ['a container of nothing', { kind: 'stocked', containers: [{ ...CAN, size: 0 }] }],
  ['less than nothing left', { kind: 'stocked', containers: [{ ...CAN, left: -1 }] }],
  ['no such material', { kind: 'stocked', containers: [{ ...CAN, material: 'moonDust' }] }],
  [
    'half a cent',
    { kind: 'priced', prices: [{ material: 'oilClear', containers: [{ size: 1, price: 9.5 }] }] },
  ],
  ['no such currency', { kind: 'shopSet', settings: { money: { currency: 'gold' } } }],
  ['more than all as tax', { kind: 'shopSet', settings: { money: { tax: 10_001 } } }],
])('%s is refused, and nothing of it is kept', async (_, change) => {
  const { body } = await send(ofShop(change));
  expect((body as { receipts: { outcome: string }[] }).receipts[0]?.outcome).toBe('refused');
  expect((await server.api.get('/api/stock')).body).toEqual([]);
});

it('stock and prices are of the shop, the account of a piece', async () => {
  const wrong = [
    entryOf({ kind: 'stocked', containers: [CAN] }),
    entryOf({ kind: 'account', account: { paid: 1 } }, { pieceId: null }),
  ];
  const { body } = await send(...wrong);
  const { receipts } = body as { receipts: { outcome: string }[] };
  expect(receipts.map((it) => it.outcome)).toEqual(['refused', 'refused']);
  const nobody = await server.api.get('/api/pieces/nobody/costs');
  expect(nobody.status).toBe(404);
});
