import { asCase } from '../../testing/asCase';
import fc from 'fast-check';
import { METHODS } from '../../catalog';
import { USUAL_SHOP, surfacesOf, type Piece, type Shop } from '../../piece';
import { applyChange } from '../../ledger';
import { planRoute } from '../../route';
import { optionsFor } from '../../run';
import { workedOn } from '../../testing/worked';
import { anyLeadedPiece, anyShop, evidenceOn } from './cases';
import { faultsOf, type Fault } from './judge';
import { JUDGEMENTS } from './methods';

/** As many as a fresh look wants; mutation tests and a quick run take fewer. */
const { ROUTE_CASES } = globalThis as { ROUTE_CASES?: number };
const PIECES = ROUTE_CASES ?? 2000;
const RUNS = Math.ceil(PIECES / 4);

const judged = (piece: Piece, shop: Shop): readonly Fault[] =>
  faultsOf(piece, planRoute(piece, shop));

it('every method has a judgement, and every judgement a method', () => {
  expect([...JUDGEMENTS.keys()].sort()).toEqual([...METHODS.ids].sort());
});

it('finds nothing on pieces with evidence of any kind', () => {
  fc.assert(
    fc.property(anyLeadedPiece, anyShop, (piece, shop) => {
      expect(judged(piece, shop)).toEqual([]);
    }),
    { numRuns: PIECES },
  );
});

/** Something that happens between one look at the plan and the next. */
const turn = fc.record({
  kind: fc.constantFrom('work', 'work', 'observe', 'withdraw', 'year', 'merge', 'olderCoat', 'aim'),
  share: fc.double({ min: 0, max: 1, noNaN: true }),
  pick: fc.nat(40),
});
type Turn = typeof turn extends fc.Arbitrary<infer T> ? T : never;

const at = <T>(list: readonly T[], nth: number): T | undefined =>
  list[nth % Math.max(1, list.length)];
const dayOf = (nth: number): string =>
  new Date(Date.parse('2026-03-02T18:00:00Z') + nth * 86_400_000).toISOString();

/** Work is done as far as nothing holds it. */
const work = (piece: Piece, shop: Shop, share: number, day: number): Piece => {
  const { tasks } = planRoute(piece, shop);
  const free = tasks.findIndex((it) => it.holds.length > 0);
  const open = free < 0 ? tasks.length : free;
  return workedOn(piece, shop, Math.floor(share * open), dayOf(day));
};

const YEARS = [
  { yearFrom: 1930, yearTo: 1939 },
  { yearFrom: 1995, yearTo: 1999 },
  { yearFrom: null, yearTo: null },
];

const after = (piece: Piece, shop: Shop, it: Turn, day: number): Piece => {
  const aimed = [...new Set(piece.aims.map((one) => one.surfaceId))];
  const ids = aimed.length > 0 ? aimed : surfacesOf(piece).map((one) => one.id);
  const surfaceId = at(ids, it.pick) ?? 'top';
  const change = (one: Parameters<typeof applyChange>[1]): Piece => {
    const result = applyChange(piece, one);
    return result.ok ? result.value : piece;
  };
  switch (it.kind) {
    case 'work':
      return work(piece, shop, it.share, day);
    case 'observe': {
      const [seen] = fc.sample(evidenceOn(ids, [dayOf(day).slice(0, 10)]), {
        seed: it.pick,
        numRuns: 1,
      });
      return seen
        ? change({ kind: 'observe', observation: { ...seen, id: `${seen.id}${day}` } })
        : piece;
    }
    case 'withdraw': {
      const old = at(piece.observations, it.pick);
      return old ? change({ kind: 'withdraw', observationId: old.id }) : piece;
    }
    case 'year':
      return change({ kind: 'describe', description: at(YEARS, it.pick) ?? {} });
    case 'merge': {
      const from = at(ids, it.pick + 1) ?? surfaceId;
      const build = { ...piece.build, merges: [...piece.build.merges, { from, into: surfaceId }] };
      return from === surfaceId ? piece : change({ kind: 'describe', description: { build } });
    }
    case 'olderCoat': {
      const options = optionsFor(asCase(piece, shop), {
        id: `layer${day}`,
        kind: 'suspectLayer',
        answer: null,
        surfaceIds: [surfaceId],
        taskKeys: [],
        place: null,
        note: '',
        at: dayOf(day),
        by: '',
      });
      return at(options, it.pick)?.piece ?? piece;
    }
    case 'aim':
      return change({
        kind: 'aim',
        surfaceIds: [surfaceId],
        aims: [
          {
            surfaceId,
            scheme: { kind: 'painted', shade: 'white', topcoat: 'none' },
            stripWish: 'best',
          },
        ],
      });
  }
};

it('finds nothing at the bench, whatever turns up between the steps', () => {
  fc.assert(
    fc.property(anyLeadedPiece, fc.array(turn, { minLength: 2, maxLength: 5 }), (piece, turns) => {
      let now = piece;
      turns.forEach((it, day) => {
        now = after(now, USUAL_SHOP, it, day);
        expect({ day, faults: judged(now, USUAL_SHOP) }).toEqual({ day, faults: [] });
      });
    }),
    { numRuns: RUNS },
  );
});
