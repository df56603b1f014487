import fc from 'fast-check';
import { foldShop, formOf, type Change, type LedgerEntry } from '../ledger';
import { stocked, type LogLine, type Stocked } from '../piece';
import { keepsUntil, meetFromStock, stockNow, usable } from './index';

const at = (day: number, hour = 8): string => new Date(Date.UTC(2026, 0, day, hour)).toISOString();
const can = (told: Partial<Stocked> & Pick<Stocked, 'id'>): Stocked =>
  stocked.parse({ material: 'cabinetEnamel', size: 1, left: 1, seenAt: at(1), ...told });
const used = (containerId: string, quantity: number, when: string): LogLine => ({
  id: `${containerId}-${quantity}-${when}`,
  of: 'used',
  at: when,
  by: '',
  taskKeys: [],
  surfaceIds: [],
  material: 'cabinetEnamel',
  quantity,
  lot: '',
  containerId,
  colour: null,
});
const TODAY = '2026-01-20';

describe('what is left in a can', () => {
  it.each([
    { says: 'what was seen', left: 1, lines: [], leaves: 1, overdrawn: false },
    {
      says: 'less what the bench took after that',
      left: 1,
      lines: [used('a', 0.25, at(2)), used('a', 0.1, at(3))],
      leaves: 0.65,
      overdrawn: false,
    },
    {
      says: 'what was weighed later counts anew: what was taken before is in it',
      left: 0.4,
      seenAt: at(10),
      lines: [used('a', 0.5, at(2)), used('a', 0.1, at(11))],
      leaves: 0.3,
      overdrawn: false,
    },
    {
      says: 'nothing where more was taken than it held, and that is told',
      left: 0.2,
      lines: [used('a', 0.5, at(2))],
      leaves: 0,
      overdrawn: true,
    },
    {
      says: 'what was taken from another can is no matter',
      left: 1,
      lines: [used('b', 0.5, at(2))],
      leaves: 1,
      overdrawn: false,
    },
  ])('$says', ({ left, seenAt, lines, leaves, overdrawn }) => {
    const [it] = stockNow(
      [can({ id: 'a', left, seenAt: seenAt ?? at(1) })],
      [{ log: lines }],
      TODAY,
    );
    expect(it?.left).toBeCloseTo(leaves, 9);
    expect(it?.overdrawn).toBe(overdrawn);
  });

  const anyUse = fc.record({
    can: fc.constantFrom('a', 'b', 'c'),
    quantity: fc.integer({ min: 0, max: 900 }).map((it) => it / 1000),
    hours: fc.integer({ min: 0, max: 400 }),
  });

  it('is never below nothing, and the same in whatever order and by whichever piece it was written down', () => {
    fc.assert(
      fc.property(fc.array(anyUse, { maxLength: 20 }), fc.nat(), (uses, cut) => {
        const cans = ['a', 'b', 'c'].map((id) => can({ id }));
        const lines = uses.map((it, nth) => ({
          ...used(it.can, it.quantity, at(1, it.hours)),
          id: `u${nth}`,
        }));
        const now = stockNow(cans, [{ log: lines }], TODAY);
        const split = lines.length === 0 ? 0 : cut % lines.length;
        const apart = stockNow(
          cans,
          [{ log: lines.slice(split).reverse() }, { log: lines.slice(0, split) }],
          TODAY,
        );
        expect(apart).toEqual(now);
        for (const it of now) {
          expect(it.left).toBeGreaterThanOrEqual(0);
          expect(it.left).toBeLessThanOrEqual(it.container.left);
        }
      }),
      { numRuns: 100 },
    );
  });
});

describe('how long it is good', () => {
  it.each([
    { told: { keepsUntil: '2026-05-01', boughtOn: '2020-01-01' }, until: '2026-05-01' },
    // Enamel keeps two years by its kind; the end of February has no 30th day.
    { told: { boughtOn: '2024-06-15' }, until: '2026-06-15' },
    {
      told: { material: 'pigmentedShellac' as const, boughtOn: '2024-02-29' },
      until: '2025-02-28',
    },
    { told: {}, until: null },
    { told: { material: 'cloths' as const, boughtOn: '2024-02-29' }, until: null },
  ])('$told', ({ told, until }) => {
    expect(keepsUntil(can({ id: 'a', ...told }))).toBe(until);
  });

  it('is told a month before, and what is over it is not reckoned with', () => {
    const stock = [
      can({ id: 'over', keepsUntil: '2026-01-19' }),
      can({ id: 'last-day', keepsUntil: TODAY }),
      can({ id: 'soon', keepsUntil: '2026-02-10' }),
      can({ id: 'later', keepsUntil: '2026-12-01' }),
      can({ id: 'empty', left: 0 }),
      can({ id: 'gone', gone: true }),
    ];
    const now = stockNow(stock, [], TODAY);
    expect(now.map((it) => [it.container.id, it.state])).toEqual([
      ['over', 'expired'],
      ['last-day', 'soon'],
      ['soon', 'soon'],
      ['later', 'fresh'],
      ['empty', 'empty'],
    ]);
    expect(usable(now, 'cabinetEnamel', null).map((it) => it.container.id)).toEqual([
      'last-day',
      'soon',
      'later',
    ]);
  });
});

describe('a need is met', () => {
  const stock = [
    can({ id: 'new', left: 1, boughtOn: '2026-01-10' }),
    can({ id: 'open', left: 0.3, boughtOn: '2026-01-05', openedOn: '2026-01-06' }),
    can({ id: 'older', left: 0.5, boughtOn: '2025-12-01' }),
    can({ id: 'blue', left: 5, colour: '#2f6f86' }),
    can({ id: 'shellac', material: 'pigmentedShellac', left: 5 }),
  ];
  const shelf = usable(stockNow(stock, [], TODAY), 'cabinetEnamel', null);

  it('from what is open, then what is older, of that colour only', () => {
    expect(meetFromStock(1, shelf)).toEqual({
      from: [
        { containerId: 'open', quantity: 0.3 },
        { containerId: 'older', quantity: 0.5 },
        { containerId: 'new', quantity: expect.closeTo(0.2, 9) as number },
      ],
      missing: 0,
    });
  });

  it('as far as it goes; the rest is missing', () => {
    expect(meetFromStock(2.5, shelf).missing).toBeCloseTo(0.7, 9);
    expect(meetFromStock(0, shelf)).toEqual({ from: [], missing: 0 });
  });
});

describe('the record of the stock', () => {
  const entriesOf = (changes: readonly Change[]): readonly LedgerEntry[] =>
    changes.map((change, nth) => ({
      id: `e${nth}`,
      pieceId: null,
      form: formOf(change),
      change,
      at: at(nth + 1),
      device: nth % 2 ? 'phone' : 'desk',
      by: '',
      baseSeq: nth,
      seq: nth + 1,
      number: null,
    }));
  const one = can({ id: 'a' });

  it('has each container as it was last seen, those of two devices side by side, and undoes', () => {
    const changes: Change[] = [
      { kind: 'stocked', containers: [one] },
      { kind: 'stocked', containers: [can({ id: 'b' })] },
      { kind: 'stocked', containers: [{ ...one, left: 0.4, seenBy: 'weighed', seenAt: at(3) }] },
      {
        kind: 'priced',
        prices: [{ material: 'oilClear', containers: [{ size: 1, price: 2500 }] }],
      },
    ];
    const { stock, shop } = foldShop(entriesOf(changes));
    expect(stock.map((it) => [it.id, it.left])).toEqual([
      ['a', 0.4],
      ['b', 1],
    ]);
    expect(shop.prices).toEqual([{ material: 'oilClear', containers: [{ size: 1, price: 2500 }] }]);
    const undone = foldShop(
      entriesOf([
        ...changes,
        { kind: 'revoke', entryIds: ['e2'] },
        { kind: 'priced', prices: [{ material: 'oilClear', containers: [] }] },
      ]),
    );
    expect(undone.stock[0]?.left).toBe(1);
    expect(undone.shop.prices).toEqual([]);
  });

  it('keeps both words where two devices count one can otherwise', () => {
    const apart = entriesOf([
      { kind: 'stocked', containers: [one] },
      { kind: 'stocked', containers: [{ ...one, left: 0.4 }] },
      { kind: 'stocked', containers: [{ ...one, left: 0.7 }] },
    ]).map((it, nth) => ({ ...it, baseSeq: nth === 2 ? 1 : it.baseSeq }));
    expect(foldShop(apart).conflicts.map((it) => it.field)).toEqual(['stock/a/level']);
  });

  it('a container opened on one device and weighed on another is open, and as full as it was weighed', () => {
    const apart = entriesOf([
      { kind: 'stocked', containers: [one] },
      { kind: 'stocked', containers: [{ id: 'a', left: 0.4, seenBy: 'weighed', seenAt: at(2) }] },
      { kind: 'stocked', containers: [{ id: 'a', openedOn: '2026-03-01' }] },
      // Nothing is known of it but where it stands: it comes in when somebody tells what it is.
      { kind: 'stocked', containers: [{ id: 'b', place: 'shelf 2' }] },
    ]).map((it, nth) => ({ ...it, baseSeq: nth === 2 ? 1 : it.baseSeq }));
    const { stock, conflicts } = foldShop(apart);
    expect(conflicts).toEqual([]);
    expect(stock).toMatchObject([
      { id: 'a', left: 0.4, seenBy: 'weighed', openedOn: '2026-03-01' },
    ]);
  });
});
