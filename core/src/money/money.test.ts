import { asCase } from '../testing/asCase';
import fc from 'fast-check';
import { MATERIALS } from '../catalog';
import {
  NO_ACCOUNT,
  USUAL_SHOP,
  hardware,
  stocked,
  type LogLine,
  type Piece,
  type Shop,
} from '../piece';
import { planRoute, type Operation } from '../route';
import { tookAt } from '../needs';
import { painted, pieceOf } from '../testing/pieces';
import { DONE_AT, didOf, workedOn } from '../testing/worked';
import {
  costOf,
  decisionsFor,
  earningsOf,
  flippingOf,
  grossFor,
  netOf,
  quoteFor,
  quotePaper,
  shared,
  spreadOf,
  taxOn,
  tipByRate,
  type PieceCost,
} from './index';

const money = (told: Partial<Shop['money']>): Shop => ({
  ...USUAL_SHOP,
  money: { ...USUAL_SHOP.money, ...told },
});

describe('money that is parted', () => {
  const weights = fc.array(fc.nat(100_000), { minLength: 1, maxLength: 12 });
  const totals = fc.nat(10_000_000);

  it('adds up to the whole, to the cent, in any order', () => {
    fc.assert(
      fc.property(totals, weights, fc.integer(), (total, list, seed) => {
        const parts = shared(total, list);
        expect(parts.reduce((sum, it) => sum + it, 0)).toBe(total);
        expect(parts.every((it) => Number.isInteger(it) && it >= 0)).toBe(true);
        const sum = list.reduce((all, it) => all + it, 0);
        if (sum > 0) {
          parts.forEach((it, nth) =>
            expect(Math.abs(it - (total * (list[nth] ?? 0)) / sum)).toBeLessThan(1 + 1e-6),
          );
        }
        const turn = Math.abs(seed) % list.length;
        const turned = shared(total, [...list.slice(turn), ...list.slice(0, turn)]);
        expect(turned.reduce((all, it) => all + it, 0)).toBe(total);
      }),
    );
  });

  // Worked by hand: 100 by thirds; by 1 : 2 : 3; by nothing.
  it.each([
    { total: 100, list: [1, 1, 1], parts: [34, 33, 33] },
    { total: 100, list: [1, 2, 3], parts: [17, 33, 50] },
    { total: 5, list: [0, 0], parts: [5, 0] },
    { total: 0, list: [3, 4], parts: [0, 0] },
    { total: 1, list: [1, 9], parts: [0, 1] },
  ])('$total by $list', ({ total, list, parts }) => {
    expect(shared(total, list)).toEqual(parts);
  });

  it('is whole, and says so', () => {
    expect(() => shared(1.5, [1])).toThrow(/whole/);
    expect(() => shared(1, [-1])).toThrow(/whole/);
  });
});

describe('tax', () => {
  // Worked by hand.
  it.each([
    { net: 10_000, rate: 2000, tax: 2000 },
    { net: 999, rate: 1900, tax: 190 },
    { net: 1, rate: 5000, tax: 1 },
    { net: 33_333, rate: 750, tax: 2500 },
  ])('$rate on $net', ({ net, rate, tax }) => expect(taxOn(net, rate)).toBe(tax));

  it('and net add up to the price; the least price for a net is the least', () => {
    fc.assert(
      fc.property(fc.nat(5_000_000), fc.nat(5000), (sum, rate) => {
        const net = netOf(sum, rate);
        expect(net).toBeLessThanOrEqual(sum);
        expect(Math.abs(net + taxOn(net, rate) - sum)).toBeLessThanOrEqual(1);
        const gross = grossFor(sum, rate);
        expect(netOf(gross, rate)).toBeGreaterThanOrEqual(sum);
        expect(gross === 0 || netOf(gross - 1, rate) < sum).toBe(true);
      }),
    );
  });
});

const TABLE = pieceOf({
  template: 'table',
  known: { top: { substrate: 'hardwood', wood: 'pale', finish: 'varnish', bleed: 'none' } },
  aims: { top: painted('white', 'none') },
});
const costsAt = (
  shop: Shop,
  piece: Piece,
  stock: Parameters<typeof costOf>[1]['stock'] = [],
  users: readonly Piece[] = [piece],
): PieceCost => costOf(asCase(piece, shop), { stock, users });
const lineOf = (cost: PieceCost, key: string) => cost.lines.find((it) => it.key.startsWith(key));

const used = (told: Partial<Extract<LogLine, { of: 'used' }>>): LogLine => ({
  id: 'u1',
  of: 'used',
  at: '2026-03-02T19:00:00Z',
  by: '',
  taskKeys: [],
  surfaceIds: ['top'],
  material: 'cabinetEnamel',
  quantity: 0.3,
  lot: '',
  containerId: null,
  colour: null,
  ...told,
});

/** A litre of enamel that cost so much. */
const canFor = (paid: number) =>
  stocked.parse({
    id: 'can',
    material: 'cabinetEnamel',
    size: 1,
    left: 1,
    seenAt: '2026-03-01T00:00:00Z',
    paid,
  });

describe('what a piece costs', () => {
  const paid: Piece = { ...TABLE, account: { ...NO_ACCOUNT, paid: 4000 } };

  it('is planned in whole before work begins: nothing is spent but what was paid', () => {
    const cost = costsAt(USUAL_SHOP, paid);
    expect(cost.spent).toBe(4000);
    expect(cost.planned).toBe(cost.expected);
    expect(cost.hours.done).toBe(0);
    expect(cost.hours.toCome).toBe(cost.hours.planned);
    for (const sum of ['planned', 'spent', 'toCome'] as const) {
      expect(cost.lines.reduce((all, it) => all + it[sum], 0)).toBe(cost[sum]);
    }
  });

  it('is as planned where nobody wrote down what was used', () => {
    const route = planRoute(paid, USUAL_SHOP);
    const whole = workedOn(paid, USUAL_SHOP, route.tasks.length);
    const cost = costsAt(USUAL_SHOP, whole);
    expect(cost.toCome).toBe(0);
    expect(cost.hours.toCome).toBe(0);
    expect(cost.hours.done).toBe(cost.hours.planned);
    expect(cost.spent).toBe(cost.planned);
    expect(lineOf(cost, 'cabinetEnamel')?.material?.used).toBeNull();
  });

  it('is actual: a coat that was done twice took twice as much, and its hours count', () => {
    const route = planRoute(paid, USUAL_SHOP);
    const HOUR = 60 * 60_000;
    const doneAll = route.operations.flatMap((it, step) =>
      it.taskKeys.map((key, nth) => {
        const task = route.tasks.find((one) => one.key === key) as (typeof route.tasks)[number];
        const end = Date.parse(DONE_AT) + step * HOUR;
        return didOf(task, {
          id: `d${step}-${nth}`,
          startedAt: new Date(end - it.minutes * 60_000).toISOString(),
          endedAt: new Date(end).toISOString(),
          took: nth === 0 ? [...tookAt(paid, route, it, it.taskKeys)] : [],
        });
      }),
    );
    const once = { ...paid, done: doneAll };
    const first = costsAt(USUAL_SHOP, once);
    expect(first.hours.done).toBe(first.hours.planned);
    expect(first.spent).toBe(first.planned);
    const coat = route.operations.findIndex((it) => it.coating === 'cabinetEnamel');
    const again = doneAll
      .filter((it) => it.id.startsWith(`d${coat}-`))
      .map((it) => ({ ...it, id: `again-${it.id}`, endedAt: '2026-04-01T10:00:00.000Z' }))
      .map((it) => ({ ...it, startedAt: '2026-04-01T09:00:00.000Z' }));
    const twice = { ...paid, done: [...doneAll, ...again] };
    const second = costsAt(USUAL_SHOP, twice);
    const took = (cost: typeof first) => lineOf(cost, 'cabinetEnamel')?.material?.took ?? 0;
    const more = tookAt(
      paid,
      route,
      route.operations[coat] as Operation,
      route.operations[coat]?.taskKeys ?? [],
    );
    const enamel = more.find((it) => it.material === 'cabinetEnamel')?.quantity ?? NaN;
    expect(took(second) - took(first)).toBeCloseTo(enamel, 9);
    expect(second.hours.done).toBe(first.hours.done + 60);
    expect(second.spent).toBeGreaterThan(first.spent);
    expect(second.planned).toBe(first.planned);
  });

  it('counts new fittings at what they cost: to come until they are bought, then spent', () => {
    const pulls = hardware.parse({
      id: 'h',
      kind: 'pull',
      count: 6,
      disposition: 'replace',
      priceEach: 450,
    });
    const fitted = (got: boolean) => ({ ...paid, hardware: [{ ...pulls, got }] });
    const line = (it: Piece) =>
      costsAt(USUAL_SHOP, it).lines.find((one) => one.kind === 'fittings');
    expect(line(fitted(false))).toMatchObject({ planned: 2700, spent: 0, toCome: 2700 });
    expect(line(fitted(true))).toMatchObject({ planned: 2700, spent: 2700, toCome: 0 });
  });

  it('is by what was used where it was written down, at what its can cost', () => {
    const can = canFor(3001);
    const worked = {
      ...workedOn(paid, USUAL_SHOP, 3),
      log: [
        used({ containerId: 'can', quantity: 0.3 }),
        used({ id: 'u2', containerId: 'can', quantity: 0.2 }),
      ],
    };
    const cost = costsAt(USUAL_SHOP, worked, [can]);
    const line = lineOf(cost, 'cabinetEnamel');
    expect(line?.material?.used).toBeCloseTo(0.5, 9);
    // Half of a can of 30.01: 9.00 or 9.01 and 6.00, the other half stays in it.
    expect(line?.spent).toBe(1500);
    expect(line?.planned).toBeGreaterThan(0);
  });

  it('of one can over several pieces is what was paid for it, to the cent', () => {
    const can = canFor(1000);
    const users = ['a', 'b', 'c'].map((id): Piece => ({
      ...workedOn({ ...TABLE, id }, USUAL_SHOP, 1),
      log: [used({ id: `u-${id}`, containerId: 'can', quantity: 1 / 3 })],
    }));
    const spent = users.map(
      (it) => lineOf(costsAt(USUAL_SHOP, it, [can], users), 'cabinetEnamel')?.spent ?? 0,
    );
    expect(spent.reduce((sum, it) => sum + it, 0)).toBeLessThanOrEqual(1000);
    expect(spent.reduce((sum, it) => sum + it, 0)).toBeGreaterThanOrEqual(999);
  });

  it('counts tools and space by the hour, waste by the piece, and what else was paid', () => {
    const more: Piece = {
      ...TABLE,
      account: { ...NO_ACCOUNT, extras: [{ id: 'x', text: 'New glides', amount: 480 }] },
    };
    const plain = costsAt(USUAL_SHOP, more);
    const cost = costsAt(money({ spaceAnHour: 600, disposalAPiece: 250 }), more);
    const hours = plain.hours.planned / 60;
    expect(cost.planned - plain.planned).toBe(Math.round(600 * hours) + 250);
    expect(lineOf(cost, 'x')?.spent).toBe(480);
    expect(plain.lines.some((it) => it.kind === 'space' || it.kind === 'disposal')).toBe(false);
  });

  it('marks what is a placeholder until the shop has set it', () => {
    expect(costsAt(USUAL_SHOP, TABLE).placeholders).toBe(true);
    const prices = MATERIALS.rows
      .filter((it) => !it.kept)
      .map((it) => ({ material: it.id, containers: [...it.containers] }));
    expect(costsAt({ ...USUAL_SHOP, prices }, TABLE).placeholders).toBe(false);
  });

  it('counts timed hours as they were, the rest as planned', () => {
    const route = planRoute(TABLE, USUAL_SHOP);
    const [first] = route.tasks;
    if (!first) throw new Error('No tasks');
    const done = [
      didOf(first, {
        startedAt: '2026-03-02T18:00:00Z',
        endedAt: '2026-03-02T19:30:00Z',
        timed: true,
        planned: { kind: first.phase, minutes: 30 },
      }),
    ];
    const piece = { ...TABLE, done };
    const cost = costsAt(USUAL_SHOP, piece);
    expect(cost.hours.done).toBeGreaterThanOrEqual(90);
    expect(cost.hours.done).toBeLessThan(90 + 30);
  });
});

/** A cost by hand. */
const costs = (spent: number, toCome: number, done: number, left: number): PieceCost => ({
  lines: [],
  planned: spent + toCome,
  spent,
  toCome,
  expected: spent + toCome,
  hours: { planned: done + left, done, toCome: left },
  placeholders: false,
});

describe('what a piece earns', () => {
  // Sold at 420 after 19 h 40, paid 40, materials 119, sundries 29: 232 left, 11.80 an hour; at a
  // rate of 18 it would have to bring 188 + 354 = 542.
  it('sold: by hand', () => {
    const told = earningsOf(
      costs(18_800, 0, 19 * 60 + 40, 0),
      { ...NO_ACCOUNT, sold: { price: 42_000, on: '2026-03-02', fees: 0 } },
      money({ rateAnHour: 1800 }).money,
    );
    expect(told).toMatchObject({ left: 23_200, anHour: 1180, floorPrice: 54_200, nextHour: null });
  });

  // 240 with 20 % tax in it are 200 net; 10 fees; 50 costs: 140 for 7 h is 20 an hour.
  it('with tax and fees: by hand', () => {
    const told = earningsOf(
      costs(5000, 0, 7 * 60, 0),
      { ...NO_ACCOUNT, sold: { price: 24_000, on: '2026-03-02', fees: 1000 } },
      money({ tax: 2000, rateAnHour: 2000 }).money,
    );
    expect(told).toMatchObject({ tax: 4000, left: 14_000, anHour: 2000, floorPrice: 24_000 });
  });

  // Worth 90 as it stands, 300 when done, 30 still to buy, 6 h to go: what was spent is gone either way.
  it.each([
    { spent: 5000, nextHour: 3000 },
    { spent: 90_000, nextHour: 3000 },
  ])('the next hour, whatever was spent ($spent)', ({ spent, nextHour }) => {
    const told = earningsOf(
      costs(spent, 3000, 10 * 60, 6 * 60),
      { ...NO_ACCOUNT, asItStands: 9000, price: 30_000 },
      money({}).money,
    );
    expect(told.nextHour).toBe(nextHour);
    expect(told.floorPrice).toBeNull();
  });

  it('is not told where nobody gave a price', () => {
    expect(earningsOf(costs(100, 0, 60, 0), NO_ACCOUNT, money({}).money)).toMatchObject({
      price: null,
      left: null,
      anHour: null,
      nextHour: null,
    });
  });
});

describe('a quote', () => {
  const shop = money({
    rateAnHour: 3000,
    tax: 2000,
    deposit: 3000,
    disposalAPiece: 500,
    currency: 'EUR',
  });
  const options = quoteFor(asCase(TABLE, shop));

  it('has ways side by side, each adding up: lines, net, tax, total, deposit', () => {
    expect(options.map((it) => it.id)).toEqual(
      expect.arrayContaining(['as-aimed', 'clear-all', 'leave']),
    );
    for (const it of options) {
      expect(it.lines.reduce((sum, line) => sum + line.amount, 0)).toBe(it.net);
      expect((it.net ?? NaN) + (it.tax ?? NaN)).toBe(it.total);
      expect(it.tax).toBe(Math.round((it.net ?? NaN) * 0.2));
      expect(it.deposit).toBe(Math.round((it.total ?? NaN) * 0.3));
      const work = it.lines.find((line) => line.kind === 'work')?.amount ?? 0;
      expect(work).toBe(Math.round((3000 * it.minutes) / 60));
    }
  });

  it('leaves out what the piece once cost: it is the client’s', () => {
    const bought = { ...TABLE, account: { ...NO_ACCOUNT, paid: 99_999 } };
    expect(quoteFor(asCase(bought, shop)).map((it) => it.total)).toEqual(
      options.map((it) => it.total),
    );
  });

  it('invents no price: without a rate there is no sum, and the paper is a draft', () => {
    const bare = money({});
    const told = quoteFor(asCase(TABLE, bare));
    expect(told.filter((it) => it.minutes > 0).every((it) => it.total === null)).toBe(true);
    const about = { name: 'Table', number: '07', writtenAt: Date.parse('2026-03-02T12:00:00Z') };
    const paper = quotePaper(told, bare, about);
    expect(paper.intro.some((it) => it.text.startsWith('DRAFT'))).toBe(true);
    const priced = quotePaper(
      options.map((it) => ({ ...it, placeholders: false })),
      shop,
      about,
    );
    expect(priced.intro.some((it) => it.text.startsWith('DRAFT'))).toBe(false);
  });
});

describe('the paper of a quote', () => {
  // By hand: 10 h at 30, 84 of material, 20 % tax on 384 is 76.80, together 460.80, a quarter of it 115.20.
  const option = {
    id: 'as-aimed',
    title: 'As discussed',
    because: 'The finishes that were chosen so far, surface by surface.',
    lines: [
      { kind: 'work' as const, amount: 30_000 },
      { kind: 'material' as const, amount: 8400 },
    ],
    net: 38_400,
    tax: 7680,
    total: 46_080,
    deposit: 11_520,
    minutes: 600,
    days: 4,
    placeholders: false,
  };
  const shop = money({
    currency: 'EUR',
    tax: 2000,
    deposit: 2500,
    terms: 'Ask first.\n\nPay last.',
  });
  const about = { name: 'Table', number: '07', writtenAt: Date.parse('2026-03-02T12:00:00Z') };
  const textOf = (paper: ReturnType<typeof quotePaper>) =>
    paper.sections.flatMap((it) => [
      it.heading ?? '',
      ...it.blocks.flatMap((block) => block.lines.map((line) => line.text)),
    ]);

  it('has every line, the sum, tax, deposit, validity and the shop’s own terms', () => {
    const text = textOf(quotePaper([option], shop, about));
    expect(text).toEqual(
      expect.arrayContaining([
        'As discussed',
        'Work: €300.00',
        'Materials: €84.00',
        'Sum without tax: €384.00',
        'Tax, 20 %: €76.80',
        'To pay: €460.80',
        'Deposit before work begins: €115.20.',
        'This quote holds until 1 Apr 2026.',
        'Ask first.',
        'Pay last.',
      ]),
    );
    expect(text.join(' ')).toMatch(/told before it is worked on, and priced anew/);
  });

  it('without tax and deposit says nothing of them; one way asks for no choice', () => {
    const plain = { ...option, tax: 0, total: 38_400, deposit: 0 };
    const paper = quotePaper([plain], money({ currency: 'EUR' }), about);
    expect(textOf(paper).join(' ')).not.toMatch(/Tax|Deposit|Sum without/);
    expect(paper.intro.map((it) => it.text).join(' ')).not.toMatch(/Choose one/);
    const both = quotePaper([plain, { ...plain, id: 'leave' }], money({}), about);
    expect(both.intro.map((it) => it.text).join(' ')).toMatch(/Choose one/);
  });
});

describe('a decision', () => {
  it.each([
    { more: { money: -100, minutes: -10 }, tip: { kind: 'always', side: 'b' } },
    { more: { money: 100, minutes: 0 }, tip: { kind: 'always', side: 'a' } },
    // 12 dearer, half an hour shorter: both cost the same at 24 an hour; below that the cheaper one pays.
    { more: { money: 1200, minutes: -30 }, tip: { kind: 'rate', at: 2400, below: 'a' } },
    { more: { money: -1200, minutes: 30 }, tip: { kind: 'rate', at: 2400, below: 'b' } },
  ] as const)('tips at the rate at which both cost the same: $more', ({ more, tip }) => {
    expect(tipByRate(more)).toEqual(tip);
  });

  it('says from which price on veneer pays: its money and its hours more', () => {
    const shop = money({ rateAnHour: 3000 });
    const it = decisionsFor(asCase(TABLE, shop)).find((one) => one.id === 'veneerOrPaint');
    const { money: more, minutes } = it?.more ?? { money: NaN, minutes: NaN };
    const total = more + Math.round((3000 * Math.abs(minutes)) / 60) * Math.sign(minutes);
    expect(it?.tip).toEqual({ kind: 'price', at: total });
    // A sheet of veneer alone costs more than the paint.
    expect(more).toBeGreaterThan(0);
  });
});

describe('money over all pieces', () => {
  // Student's t, 80 %: 1.886 for two degrees of freedom (table, value from memory). 10, 20, 30: s 10.
  it('tells how sure it is: nothing of one or two, Student’s interval of three', () => {
    expect(spreadOf([])).toBeUndefined();
    expect(spreadOf([1000])).toEqual({ count: 1, mean: 1000, between: null });
    expect(spreadOf([1000, 2000])?.between).toBeNull();
    const half = Math.round((1.886 * 1000) / Math.sqrt(3));
    expect(spreadOf([1000, 2000, 3000])).toEqual({
      count: 3,
      mean: 2000,
      between: [2000 - half, 2000 + half],
    });
  });

  it('sums what is tied up, and what sold pieces earned by their hours', () => {
    const sold = (id: string, price: number, spent: number, hours: number) => {
      const cost = costs(spent, 0, hours * 60, 0);
      const account = { ...NO_ACCOUNT, sold: { price, on: '2026-03-02', fees: 0 } };
      return {
        piece: { ...TABLE, id },
        cost,
        earnings: earningsOf(cost, account, money({}).money),
      };
    };
    const open = {
      piece: { ...TABLE, id: 'open' },
      cost: costs(7000, 2000, 60, 60),
      earnings: earningsOf(costs(7000, 2000, 60, 60), NO_ACCOUNT, money({}).money),
    };
    // 100 − 40 for 3 h, 50 − 40 for 1 h: 70 in 4 h is 17.50.
    const told = flippingOf([sold('poor', 5000, 4000, 1), open, sold('good', 10_000, 4000, 3)]);
    expect(told).toMatchObject({ tiedUp: 7000, unsold: 1, left: 7000, minutes: 240, anHour: 1750 });
    expect(told.sold.map((it) => it.pieceId)).toEqual(['good', 'poor']);
    expect(told.byKind[0]?.anHour).toEqual({ count: 2, mean: 1500, between: null });
  });
});
