import { asCase } from '../testing/asCase';
import fc from 'fast-check';
import { CHECKS, DISCOVERIES, type CheckId, type DiscoveryKind, type Remedy } from '../catalog';
import { inspectPiece } from '../inspect';
import { applyEntry, foldEntries, type LedgerEntry, formOf, type Change } from '../ledger';
import {
  USUAL_SHOP,
  newPiece,
  pieceDescription,
  surfacesOf,
  type Piece,
  type Shop,
} from '../piece';
import { applyChange, pieceChange } from '../ledger';
import { planRoute, type Route } from '../route';
import { pieces, shops } from '../testing/arbitraries';
import { painted, pieceOf } from '../testing/pieces';
import { didOf, workedOn, workedTo } from '../testing/worked';
import { disturbs } from '../effect';
import { advance, type PieceState } from '../work';
import { afterChanges, answerLine, changesFor, openChecks, type Found } from './index';

const DAY_MS = 24 * 60 * 60_000;
const dayAt = (nth: number) =>
  new Date(Date.parse('2026-03-02T08:00:00Z') + nth * DAY_MS).toISOString();

/** How many runs are tried: RUN_CASES where somebody asks for more or fewer, else few for mutation tests. */
const { RUN_CASES, ROUTE_CASES } = globalThis as { RUN_CASES?: number; ROUTE_CASES?: number };
const RUNS = RUN_CASES ?? Math.min(60, ROUTE_CASES ?? 60);

/** One turn of a run: some work is done, then something turns up and is decided. */
interface Turn {
  readonly work: number;
  readonly kind: DiscoveryKind;
  readonly pick: number;
  readonly answer: number;
  readonly where: number;
  readonly isPutOff: boolean;
}
const turns: fc.Arbitrary<readonly Turn[]> = fc.array(
  fc.record({
    work: fc.double({ min: 0, max: 1, noNaN: true }),
    kind: fc.constantFrom(...DISCOVERIES.ids),
    pick: fc.nat(20),
    answer: fc.nat(20),
    where: fc.nat(60),
    isPutOff: fc.boolean(),
  }),
  { minLength: 1, maxLength: 3 },
);

const at = <T>(list: readonly T[], nth: number): T | undefined =>
  list[nth % Math.max(1, list.length)];

/** The piece after a run with its surprises; each day has its work and then its discovery. */
const runOf = (piece: Piece, shop: Shop, all: readonly Turn[]): Piece =>
  all.reduce<Piece>((before, turn, day) => {
    const { tasks } = planRoute(before, shop);
    const worked = workedOn(before, shop, Math.floor(turn.work * tasks.length), dayAt(day));
    const row = DISCOVERIES.get(turn.kind);
    const surface = at(surfacesOf(worked), turn.where);
    const remedy: Remedy | null = turn.isPutOff ? null : (at(row.remedies, turn.pick) ?? null);
    const found: Found = {
      id: `x${day}`,
      kind: turn.kind,
      answer: at(row.asks?.answers ?? [], turn.answer)?.id ?? null,
      surfaceIds: surface ? [surface.id] : [],
      taskKeys: [],
      place: null,
      note: '',
      at: new Date(Date.parse(dayAt(day)) + DAY_MS / 2).toISOString(),
      by: '',
    };
    const { state, route } = asCase(worked, shop);
    const changes = changesFor(found, remedy, { piece: worked, state, tasks: route.tasks });
    const after = afterChanges(worked, changes);
    expect(after).toBeDefined();
    return after ?? worked;
  }, piece);

const afterAll = (piece: Piece, shop: Shop, route: Route, count: number): PieceState =>
  route.tasks.slice(0, count).reduce(advance, asCase(piece, shop).state);

/** Lead that nobody has answered for, on a surface. */
const isOpen = (piece: Piece, shop: Shop): ((surfaceId: string) => boolean) => {
  const open = new Set(
    inspectPiece(piece, shop)
      .filter((it) => it.leadStatus.kind === 'open')
      .map((it) => it.surfaceId),
  );
  return (surfaceId) => open.has(surfaceId);
};

describe('a run with surprises at any moment', () => {
  it('is planned on: nothing done is lost, nothing opens what may hold lead, no coat lies where it may not, and it ends', () => {
    let surprises = 0;
    fc.assert(
      fc.property(pieces, shops, turns, (piece, shop, all) => {
        const after = runOf(piece, shop, all);
        surprises += all.length;
        // The work on record is never thrown away.
        const done = after.done.filter((it) => it.endedAt !== null).length;
        const route = planRoute(after, shop);
        expect(new Set(route.tasks.map((it) => it.key)).size).toBe(route.tasks.length);
        const open = isOpen(after, shop);
        for (const it of route.tasks) {
          if (it.method === 'lead-gate' || !disturbs(it.traits) || !it.surfaceIds.some(open))
            continue;
          expect([it.key, it.holds]).toEqual([it.key, expect.arrayContaining(['lead'])]);
        }
        // What is laid from here on lies where it may, dulled where that is wanted.
        const before = new Set(
          Object.values(asCase(after, shop).state.surfaces).flatMap((it) => it.layers),
        );
        const ends = Object.values(afterAll(after, shop, route, route.tasks.length).surfaces);
        const fresh = ends.flatMap((it) => it.layers).filter((it) => !before.has(it) && it.taskKey);
        expect(fresh.filter((it) => !it.holds).map((it) => it.taskKey)).toEqual([]);
        // Half of the rest done, what is left is the other half; all done, nothing is left.
        const half = Math.ceil(route.tasks.length / 2);
        const keys = (of: Route) => of.tasks.map((it) => it.key);
        const later = dayAt(all.length + 1);
        expect(keys(planRoute(workedOn(after, shop, half, later), shop))).toEqual(
          keys(route).slice(half),
        );
        const whole = workedOn(after, shop, route.tasks.length, later);
        expect(keys(planRoute(whole, shop))).toEqual([]);
        expect(whole.done.length).toBe(done + route.tasks.length);
      }),
      { numRuns: RUNS },
    );
    expect(surprises).toBeGreaterThanOrEqual(RUNS);
  });
});

const TABLE = pieceOf({
  template: 'table',
  known: { top: { substrate: 'hardwood', wood: 'ringPorous', finish: 'alkyd' } },
  aims: { top: painted('white') },
});

/** The entries of a run, as a device would make them. */
const entriesOf = (changes: readonly Change[]): readonly LedgerEntry[] =>
  changes.map((change, nth) => ({
    id: `e${nth}`,
    pieceId: 'test-piece',
    form: formOf(change),
    change,
    at: dayAt(nth),
    device: 'phone',
    by: '',
    baseSeq: nth,
    seq: nth + 1,
    number: 1,
  }));

describe('the record of a run', () => {
  const description = pieceDescription.parse(TABLE);
  const { tasks } = planRoute(TABLE, USUAL_SHOP);
  const [first] = tasks;
  if (!first) throw new Error('No tasks');
  const line = { at: dayAt(1), by: '', taskKeys: [], surfaceIds: ['top'] };
  const told: readonly Change[] = [
    { kind: 'takenIn', description },
    ...TABLE.confirmations.map((confirmation): Change => ({ kind: 'confirm', confirmation })),
    { kind: 'aim', surfaceIds: ['top'], aims: TABLE.aims },
    { kind: 'did', done: [didOf(first)] },
    { kind: 'log', lines: [{ ...line, of: 'note', id: 'l1', text: 'Smells of smoke.' }] },
    {
      kind: 'log',
      lines: [
        { ...line, of: 'timer', id: 'l2', timer: 'gelDwell', endsAt: dayAt(2), endedAt: null },
        {
          ...line,
          of: 'used',
          id: 'l3',
          material: 'degreaser',
          quantity: 0.2,
          lot: 'A7',
          containerId: null,
          colour: null,
        },
      ],
    },
    {
      kind: 'log',
      lines: [
        { ...line, of: 'timer', id: 'l2', timer: 'gelDwell', endsAt: dayAt(2), endedAt: dayAt(2) },
      ],
    },
  ];

  it('folded in any two parts is the piece that it is folded at once', () => {
    const all = entriesOf(told);
    const whole = foldEntries(all)?.piece;
    expect(whole?.log.map((it) => [it.id, it.of])).toEqual([
      ['l1', 'note'],
      ['l2', 'timer'],
      ['l3', 'used'],
    ]);
    for (let cut = 1; cut < all.length; cut++) {
      const part = foldEntries(all.slice(0, cut))?.piece ?? newPiece('test-piece', description);
      const rest = all.slice(cut).reduce<Piece>((piece, { change }) => {
        const after = change.kind === 'takenIn' ? undefined : applyEntry(piece, change);
        return after?.ok ? after.value : piece;
      }, part);
      expect(rest).toEqual(whole);
    }
  });

  it('taken back, a discovery and what came with it are as if they had never been', () => {
    const before = workedTo(TABLE, USUAL_SHOP, 'top/paint-to-cover/1');
    const { state, route } = asCase(before, USUAL_SHOP);
    const found: Found = {
      id: 'x',
      kind: 'bleed',
      answer: 'yellow',
      surfaceIds: ['top'],
      taskKeys: [],
      place: null,
      note: '',
      at: dayAt(3),
      by: '',
    };
    const changes = changesFor(found, 'sealAndRepaint', {
      piece: before,
      state,
      tasks: route.tasks,
    });
    const did: Change = { kind: 'did', done: before.done };
    const all = entriesOf([...told.slice(0, 2 + TABLE.confirmations.length), did, ...changes]);
    const undone = [
      ...all,
      ...entriesOf([
        { kind: 'revoke', entryIds: all.slice(-changes.length).map((it) => it.id) },
      ]).map((it) => ({ ...it, id: 'undo', seq: all.length + 1 })),
    ];
    const keys = (piece: Piece | undefined) =>
      piece && planRoute(piece, USUAL_SHOP).tasks.map((it) => it.key);
    const then = foldEntries(all.slice(0, -changes.length))?.piece;
    expect(keys(foldEntries(all)?.piece)).not.toEqual(keys(then));
    expect(foldEntries(undone)?.piece).toEqual(then);
  });
});

describe('checks', () => {
  const done = workedTo(TABLE, USUAL_SHOP, 'top/paint-to-cover/1');
  const methods = (piece: Piece) => planRoute(piece, USUAL_SHOP).tasks.map((it) => it.method);
  const answered = (piece: Piece, check: CheckId, answer: string) => {
    const open = openChecks(piece).find((it) => it.check === check);
    if (!open)
      throw new Error(
        `Asked is ${openChecks(piece)
          .map((it) => it.check)
          .join(', ')}.`,
      );
    const { taskKeys, surfaceIds } = open;
    const told = { id: `c-${check}`, check, answer, taskKeys, surfaceIds, place: null };
    const line = answerLine({ ...told, at: dayAt(2), by: '' }, piece.done);
    const after = applyChange(piece, { kind: 'log', lines: [line] });
    if (!after.ok) throw new Error('Refused');
    return after.value;
  };
  it('are asked about the last work on a face, and no more once they are answered', () => {
    const asked = (piece: Piece) => openChecks(piece).map((it) => it.check);
    expect(asked(done)).toEqual(expect.arrayContaining(['filmLooks', 'noBleed']));
    // What was washed before is past: nobody looks at the water now.
    expect(asked(done)).not.toContain('waterClear');
    const after = answered(done, 'noBleed', 'white');
    expect(asked(after)).not.toContain('noBleed');
    expect(methods(after)).toEqual(methods(done));
  });

  it('that failed bring the work again, and it is done once more', () => {
    const { tasks } = planRoute(TABLE, USUAL_SHOP);
    const wash = tasks.find((it) => it.traits.makes.includes('degreased'));
    if (!wash) throw new Error('No wash');
    const washed = workedTo(TABLE, USUAL_SHOP, wash.key);
    expect(methods(washed)).not.toContain(wash.method);
    const again = answered(washed, 'waterClear', 'grey');
    expect(methods(again)[0]).toBe(wash.method);
    const twice = workedOn(again, USUAL_SHOP, 1, dayAt(3));
    expect(methods(twice)).toEqual(methods(washed));
    expect(openChecks(twice).map((it) => it.check)).toContain('waterClear');
  });

  it('each can be passed, and every bad answer says what to do', () => {
    for (const row of CHECKS.rows) {
      expect([row.id, row.answers[0].means.kind]).toEqual([row.id, 'goOn']);
      expect(row.answers.length).toBeGreaterThan(1);
      for (const it of row.answers)
        expect([row.id, /^[A-Z].*\.$/.test(it.then)]).toEqual([row.id, true]);
    }
  });

  it('an answer that no check knows is refused, with those that it knows', () => {
    const line = { of: 'check', id: 'c', at: dayAt(1), check: 'noBleed', answer: 'perhaps' };
    const read = pieceChange.safeParse({ kind: 'log', lines: [line] });
    expect(read.error?.issues[0]?.message).toBe(
      'This check is answered by one of: white, tint, knots, mark.',
    );
  });
});
