import fc from 'fast-check';
import { shop as shopSchema, type Piece, type Shop } from '../../piece';
import { planRoute } from '../../route';
import { paintedTable } from '../../testing/pieces';
import { didOf } from '../../testing/worked';
import { benchOf, planShop, recordedFor, upsetBy, whatItDoes, type Upset } from '..';

const MS = 60_000;
const HOUR = 60;
const DAY = 24 * HOUR;
/** A Monday morning. */
const NOW = Date.UTC(2026, 2, 2, 8) / MS;
const ASKED = { objective: 'finish', seed: 1, rounds: 10 } as const;
const iso = (minute: number): string => new Date(minute * MS).toISOString();

const days = [{ from: 8 * HOUR, to: 17 * HOUR }];
const everyDay = Array.from({ length: 7 }, () => days);
const shop: Shop = shopSchema.parse({
  airCelsius: 21,
  airHumidity: 50,
  people: [
    { id: 'runa', name: 'Runa', hours: everyDay },
    { id: 'tove', name: 'Tove', hours: everyDay },
  ],
});
const table = (id: string) => paintedTable(id, { name: `Table ${id}` });
const pieces = [table('a'), table('b')];
const planOf = (of: { readonly pieces: readonly Piece[]; readonly shop: Shop }) =>
  planShop(benchOf(of.pieces, of.shop, NOW), of.shop, NOW, ASKED).timetable;
const withUpset = (it: Upset, of = { pieces: pieces as readonly Piece[], shop }) =>
  upsetBy(recordedFor(it, of.pieces, of.shop), of.pieces, of.shop);

describe('something came up', () => {
  it('who is away does nothing meanwhile, whoever and however long', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('runa', 'tove'),
        fc.integer({ min: 1, max: 20 * 24 }),
        (personId, hours) => {
          const until = NOW + hours * HOUR;
          const { entries } = planOf(
            withUpset({ kind: 'away', id: 'x', personId, from: NOW, until }),
          );
          const meanwhile = entries.filter(
            (it) =>
              it.personIds.includes(personId) && it.worked.some((one) => one.from < until - 1e-6),
          );
          expect(meanwhile.map((it) => it.operation.title)).toEqual([]);
        },
      ),
      { numRuns: 15 },
    );
  });

  it('work without its material waits for it and says so; what does not need it goes on', () => {
    const usual = planOf({ pieces, shop });
    const step = usual.entries.find((it) => it.operation.materials.length > 0);
    if (!step) throw new Error('Nothing needs material');
    const { pieceId, operation } = step;
    const { taskKeys } = operation;
    const until = NOW + 5 * DAY;
    const missing = withUpset({ kind: 'putOff', pieceId, taskKeys, until, why: 'material' });
    const { entries } = planOf(missing);
    const late = entries.find((it) => it.pieceId === pieceId && it.operation.id === operation.id);
    expect(late?.start).toBeGreaterThanOrEqual(until);
    expect(late?.because.kind).toBe('material');
    expect(entries.some((it) => it.pieceId !== pieceId && it.start < until)).toBe(true);
    const free = withUpset(
      { kind: 'putOff', pieceId, taskKeys, until: null, why: 'material' },
      missing,
    );
    expect(planOf(free).entries.find((it) => it.operation.id === operation.id)?.start).toBe(
      step.start,
    );
  });

  it('what takes longer keeps its place and its hands until then', () => {
    const [piece] = pieces;
    if (!piece) throw new Error('No piece');
    const { tasks, operations } = planRoute(piece, shop);
    const keys = operations[0]?.taskKeys ?? [];
    const begun = tasks
      .filter((it) => keys.includes(it.key))
      .map((it, nth) =>
        didOf(it, {
          id: `begun-${nth}`,
          startedAt: iso(NOW - 10),
          endedAt: null,
          by: 'Runa',
          spaceId: 'shop',
        }),
      );
    const atWork = { pieces: [{ ...piece, done: begun }], shop };
    const until = NOW + 5 * HOUR;
    const longer = withUpset({ kind: 'longer', pieceId: piece.id, taskKeys: keys, until }, atWork);
    const running = planOf(longer).entries.find((it) => it.running);
    expect(running).toMatchObject({ start: NOW - 10, end: until });
    expect(
      planOf(longer).entries.filter(
        (it) =>
          !it.running &&
          it.personIds.some((id) => running?.personIds.includes(id)) &&
          it.start < until - 1e-6,
      ),
    ).toEqual([]);
    // Nothing is under way elsewhere: nothing to record.
    expect(
      recordedFor({ kind: 'longer', pieceId: 'b', taskKeys: keys, until }, pieces, shop),
    ).toEqual([]);
  });

  it('is told before it is taken: nobody is sooner without hands, and cold air takes longer', () => {
    const one = whatItDoes(
      { kind: 'away', id: 'x', personId: 'runa', from: NOW, until: NOW + 7 * DAY },
      pieces,
      shop,
      NOW,
    );
    expect(one.after).toBeGreaterThanOrEqual(one.before ?? Infinity);
    const cold = whatItDoes(
      { kind: 'air', air: { celsius: 13, humidity: 70 }, at: NOW },
      pieces,
      shop,
      NOW,
    );
    expect(cold.after).toBeGreaterThan(cold.before ?? Infinity);
    expect(cold.shifts.map((it) => it.pieceId).sort()).toEqual(['a', 'b']);
  });
});
