import { writeFileSync } from 'node:fs';
import { PIECE_FILE_VERSION, type Piece } from '@obrik/core/piece';
import type { PieceSummary } from '@obrik/core/ledger';
import { planCommand } from './cli/plan';
import { loadDemo } from './demo/load';
import { ledgerStore } from './store/ledger';
import { NOW, entryOf, folder, testServer, type TestServer } from './testing/server';

/*
 * The demo as it is told by each endpoint and by the command line: one piece, one answer. What screens ask
 * of core itself is compared in core (`agreement`), what they show in the browser (`e2e/figures.spec.ts`).
 */

let server: TestServer;
const place = folder();
beforeAll(async () => {
  server = await testServer();
  await loadDemo(ledgerStore(server.database), NOW);
  // Cards are planned when something comes in.
  const units = entryOf({ kind: 'shopSet', settings: { units: 'metric' } }, { pieceId: null });
  await server.api.post('/api/entries').send({ entries: [units] });
  await server.cards.idle();
});
afterAll(async () => {
  place.remove();
  await server.close();
});

const get = async <T>(address: string): Promise<T> => {
  const { body, status } = await server.api.get(`/api/${address}`);
  expect([address, status]).toEqual([address, 200]);
  return body as T;
};

interface Told {
  readonly minutes: number;
  readonly operations: readonly { readonly title: string }[];
}
interface Way {
  readonly id: string;
  readonly minutes: number;
  readonly days: number;
}

interface Need {
  readonly material: string;
  readonly colour: string | null;
}
interface Cost {
  readonly hours: { readonly toCome: number };
  readonly lines: readonly { readonly material: (Need & { readonly toCome: number }) | null }[];
}
interface List {
  readonly lines: readonly (Need & {
    readonly from: readonly {
      readonly pieceId: string;
      readonly quantity: number;
      readonly lost: number;
    }[];
  })[];
}

/** How much of each material, summed up, in one order. */
const needed = (of: readonly (Need & { readonly quantity: number })[]): readonly string[] => {
  const sums = new Map<string, number>();
  for (const { material, colour, quantity } of of) {
    const key = `${material} ${colour ?? ''}`;
    sums.set(key, (sums.get(key) ?? 0) + quantity);
  }
  return [...sums]
    .filter(([, quantity]) => quantity > 0)
    .map(([key, quantity]) => `${key} ${quantity.toFixed(6)}`)
    .sort();
};

/** The route as the command line tells it. */
const byCommand = (piece: object, shop: object): Told => {
  const file = place.at('piece.json');
  writeFileSync(
    file,
    JSON.stringify({ format: 'obrik-piece', version: PIECE_FILE_VERSION, piece, shop }),
  );
  const { code, out, err } = planCommand([file, '--format', 'json', '--from', NOW.toISOString()]);
  expect([code, err]).toEqual([0, '']);
  return JSON.parse(out) as Told;
};

it('minutes, days, materials and the next step are the same by every endpoint and by the command line', async () => {
  const { pieces: cards } = await get<{ pieces: readonly PieceSummary[] }>('pieces');
  expect(cards.length).toBe(7);
  const { shop } = await get<{ shop: object }>('shop');
  const schedule = await get<{
    entries: readonly {
      readonly pieceId: string;
      readonly title: string;
      readonly start: string;
    }[];
  }>('schedule?rounds=0');
  const shopping = await get<List>('shopping');
  let compared = 0;
  for (const { pieceId, planned } of cards) {
    const { piece } = await get<{ piece: Piece }>(`pieces/${pieceId}`);
    const route = byCommand(piece, shop);
    const { body: posted } = await server.api.post('/api/route').send({ piece, shop });
    expect(JSON.stringify(posted)).toBe(JSON.stringify(route));
    const { cost } = await get<{ cost: Cost }>(`pieces/${pieceId}/costs`);
    const isAimed = ({ id }: Way) => id === 'as-aimed';
    const way = (await get<readonly Way[]>(`pieces/${pieceId}/alternatives`)).find(isAimed);
    const quote = (await get<readonly Way[]>(`pieces/${pieceId}/quote`)).find(isAimed);
    const minutes = Math.round(route.minutes);
    expect({
      pieceId,
      costs: cost.hours.toCome,
      compare: way ? Math.round(way.minutes) : minutes,
      quote: quote?.minutes ?? minutes,
      card: planned?.minutes == null ? minutes : Math.round(planned.minutes),
      days: way?.days,
    }).toEqual({
      pieceId,
      costs: minutes,
      compare: minutes,
      quote: minutes,
      card: minutes,
      days: quote?.days ?? way?.days,
    });
    // What it still needs of each material with what is lost in the can, by its costs and by the list for the whole bench.
    const bought = shopping.lines.flatMap((line) =>
      line.from
        .filter((it) => it.pieceId === pieceId)
        .map((it) => ({ ...line, quantity: it.quantity + it.lost })),
    );
    const counted = cost.lines.flatMap(({ material }) =>
      material ? [{ ...material, quantity: material.toCome }] : [],
    );
    expect([pieceId, needed(bought)]).toEqual([pieceId, needed(counted)]);
    const titles = new Set(route.operations.map((it) => it.title));
    const own = schedule.entries.filter((it) => it.pieceId === pieceId);
    expect(own.filter((it) => !titles.has(it.title))).toEqual([]);
    if (planned?.next.kind === 'step') expect(planned.next.title).toBe(route.operations[0]?.title);
    if (way && quote) compared++;
  }
  // Not an empty comparison.
  expect(compared).toBeGreaterThan(3);
});
