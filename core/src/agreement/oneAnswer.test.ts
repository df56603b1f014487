import fc from 'fast-check';
import { alternativesFor, caseOf, planSummary, shopCase, type Case } from '../case';
import { windowsOf } from '../drying';
import { costOf, quoteFor } from '../money';
import { USUAL_SHOP, type Piece } from '../piece';
import { calendarDays, routeAsText, routeCard } from '../route';
import { tollOf } from '../case';
import { optionsFor } from '../run';
import { benchOf } from '../schedule';
import { shoppingFor } from '../supply';
import { needsOf, moneyForAll } from '../needs';
import type { Task } from '../work';
import { pieces, shops } from '../testing/arbitraries';
import { DONE_AT, workedOn } from '../testing/worked';
import { allAims, painted, pieceOf } from '../testing/pieces';

/*
 * Whoever tells minutes, days, coats, litres, sums or the next step of a piece tells the same, at any
 * time, whatever was done. Each comes from the case; this finds whoever doesn't ask it.
 */

const MS = 60_000;
const DAY = 24 * 60;
const DONE = Date.parse(DONE_AT) / MS;

/** A piece somewhere in its work, some time after it was worked on last. */
const underWay = fc
  .record({
    piece: pieces,
    shop: shops,
    share: fc.double({ min: 0, max: 1, noNaN: true }),
    days: fc.constantFrom(0, 1, 9, 40, 90),
  })
  .map(({ piece, shop, share, days }) => {
    const fresh: Piece = { ...piece, done: [], log: [], archived: false, ending: null };
    const count = caseOf({ piece: fresh, shop, now: DONE }).route.tasks.length;
    return {
      piece: workedOn(fresh, shop, Math.round(count * share)),
      shop,
      now: DONE + days * DAY,
    };
  });

/** What materials and what is worn out come to, minor units, in lines that tell other things too. */
const sumOf = <K extends string>(
  lines: readonly ({ readonly kind: string } & Readonly<Record<K, number>>)[],
  key: K,
): number =>
  lines
    .filter(({ kind }) => kind === 'material' || kind === 'worn')
    .reduce((sum, it) => sum + it[key], 0);

/** What each place tells of a piece, by what it is about. */
const told = (it: Case): Readonly<Record<string, Readonly<Record<string, unknown>>>> => {
  const { piece, shop, now, route } = it;
  const all = shopCase([piece], shop, [], now);
  const costs = costOf(it, { stock: [], users: [piece] });
  const summary = planSummary(it);
  const way = alternativesFor(it).find(({ id }) => id === 'as-aimed');
  const quote = quoteFor(it).find(({ id }) => id === 'as-aimed');
  const bench = benchOf([piece], shop, now)[0]?.route;
  const list = shoppingFor(all, '2026-03-02');
  const needed = (of: readonly { material: string; colour: string | null; quantity: number }[]) =>
    of
      .filter((one) => one.quantity > 0)
      .map((one) => `${one.material} ${one.colour ?? ''} ${one.quantity.toFixed(6)}`)
      .sort();
  const isAimed = piece.aims.length > 0;
  return {
    minutes: {
      route: Math.round(route.minutes),
      costs: costs.hours.toCome,
      ...(bench ? { schedule: Math.round(bench.minutes) } : {}),
      ...(summary.minutes === null ? {} : { card: Math.round(summary.minutes) }),
      ...(way ? { compare: Math.round(way.minutes) } : {}),
      ...(quote ? { quote: quote.minutes } : {}),
      again: Math.round(it.with({ piece: { ...piece } }).route.minutes),
    },
    days: {
      route: calendarDays(route.operations),
      ...(way ? { compare: way.days } : {}),
      ...(quote ? { quote: quote.days } : {}),
    },
    materials: {
      needs: needed(needsOf([it])),
      list: needed(list.lines.map((line) => ({ ...line, quantity: line.needed }))),
      costs: needed(
        costs.lines.flatMap(({ material }) =>
          material ? [{ ...material, quantity: material.toCome }] : [],
        ),
      ),
    },
    money: {
      route: tollOf(it).money,
      costs: sumOf(costs.lines, 'toCome'),
      list: moneyForAll(needsOf([it]), shop),
      ...(way ? { compare: way.money } : {}),
      ...(quote ? { quote: sumOf(quote.lines, 'amount') } : {}),
    },
    next: {
      route: route.operations[0]?.title ?? null,
      ...(isAimed && piece.observations.length > 0
        ? { card: summary.next.kind === 'step' ? summary.next.title : null }
        : {}),
      ...(bench ? { schedule: bench.operations[0]?.title ?? null } : {}),
    },
  };
};

/** What different places tell of one thing differently. */
const differences = (it: Case): readonly string[] =>
  Object.entries(told(it)).flatMap(([what, places]) => {
    const [first, ...others] = Object.entries(places).map(([place, value]) => [
      place,
      JSON.stringify(value),
    ]);
    return others
      .filter(([, value]) => value !== first?.[1])
      .map(([place, value]) => `${what}: ${first?.[0]} ${first?.[1]}, ${place} ${value}`);
  });

it('every place tells the same, at any time, however much is done', () => {
  fc.assert(
    fc.property(underWay, (asked) => {
      expect(differences(caseOf(asked))).toEqual([]);
    }),
    { numRuns: 60 },
  );
});

/** "so 3 coats", "2 coats until". */
const COATS = /(\d+|one|two|three|four|five) coats?\b/i;
const WORDS = ['none', 'one', 'two', 'three', 'four', 'five'];

/** Reasons of coats that name a number which is not that of the plan. */
const wrongCounts = (it: Case): readonly string[] =>
  it.route.tasks.flatMap((task) => {
    const [, said] = COATS.exec(task.reason.text) ?? [];
    const series = task.traits.lays?.series;
    if (said === undefined || !series || task.place.of !== 'surface') return [];
    const planned = it.finishPlan(task.place.id).filter((one) => one.series === series).length;
    const at = WORDS.indexOf(said.toLowerCase());
    return planned === (at < 0 ? Number(said) : at) ? [] : [`${task.key}: ${task.reason.text}`];
  });

it('a number of coats in a reason is the number of coats that are planned', () => {
  fc.assert(
    fc.property(underWay, (asked) => {
      expect(wrongCounts(caseOf(asked))).toEqual([]);
    }),
    { numRuns: 60 },
  );
  // Old varnish that only gets new coats over it, where it is used hard.
  const renewed = pieceOf({
    template: 'table',
    known: { top: { substrate: 'hardwood', wood: 'ringPorous', finish: 'varnish', bleed: 'none' } },
    aims: { top: { kind: 'clear', topcoat: 'waterborne', wear: 'high' } },
  });
  const it = caseOf({ piece: renewed, shop: USUAL_SHOP, now: DONE });
  expect(it.route.tasks.filter((one) => one.traits.lays?.series === 'clear')).not.toEqual([]);
  expect(wrongCounts(it)).toEqual([]);
});

describe('a recoat window that has closed', () => {
  const table = pieceOf({
    template: 'table',
    known: { top: { substrate: 'hardwood', wood: 'pale', finish: 'bare', bleed: 'none' } },
    aims: { ...allAims('table', painted('white')), underside: { kind: 'leave' } },
  });
  const fresh = caseOf({ piece: table, shop: USUAL_SHOP, now: DONE }).route;
  const first = ({ traits: { lays } }: Task) => lays?.series === 'paint' && lays.nth === 1;
  const piece = workedOn(table, USUAL_SHOP, fresh.tasks.findLastIndex(first) + 1);
  const at = (days: number) => caseOf({ piece, shop: USUAL_SHOP, now: DONE + days * DAY });
  const dulls = (it: Case) => it.route.tasks.filter((one) => /dull-hardened/.test(one.rule));
  const late = at(60);

  it('is told at the same time by all: the scuff is planned, weighed, bought for, priced and printed', () => {
    expect(dulls(at(0))).toEqual([]);
    expect(windowsOf(piece, USUAL_SHOP, late.now).closedOn.length).toBeGreaterThan(0);
    expect(dulls(late).length).toBeGreaterThan(0);
    expect(differences(late)).toEqual([]);
    // More work than before it closed, wherever one looks.
    const scuff = late.route.operations.find((it) => /^Dull|^Scuff/.test(it.title));
    expect(routeAsText(piece, late.route)).toContain(scuff?.title);
    const ticket = { number: '01', revision: 1, printedAt: 0, timeZone: 'UTC' };
    expect(JSON.stringify(routeCard(piece, late.route, ticket))).toContain(scuff?.title);
  });

  it('is known to what would be, if: no remedy and no other tool spares the scuff', () => {
    // Levelling the legs dulls them as well.
    const first = dulls(late).find((it) => !it.surfaceIds.includes('legs'));
    expect(first).toBeDefined();
    const found = {
      id: 'x',
      kind: 'runs',
      answer: null,
      surfaceIds: ['legs'],
      taskKeys: [],
      place: null,
      note: '',
      at: DONE_AT,
      by: '',
    } as const;
    const ways = optionsFor(late, found).filter((it) => it.refusals.length === 0);
    expect(ways.length).toBeGreaterThan(0);
    for (const way of ways) {
      const keys = late.with({ piece: way.piece }).route.tasks.map((it) => it.key);
      expect([way.remedy, keys.includes(first?.key ?? '')]).toEqual([way.remedy, true]);
    }
    const other = late.with({ shop: { ...USUAL_SHOP, tools: [] } });
    expect(dulls(other).map((it) => it.key)).toEqual(dulls(late).map((it) => it.key));
  });
});
