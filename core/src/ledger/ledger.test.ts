import fc from 'fast-check';
import { changesOf, pieces } from '../testing/arbitraries';
import { copyOf, pieceOf } from '../testing/pieces';
import { readEffect } from '../effect';
import { USUAL_SHOP, measured, pieceDescription, surfacesOf, type Piece } from '../piece';
import {
  formOf,
  admitToPiece,
  changedParts,
  entriesOf,
  entry,
  extendFold,
  fieldsOf,
  foldEntries,
  foldPiece,
  foldShop,
  ledgerOf,
  settingBack,
  type Change,
  type Entry,
  type LedgerEntry,
  type PieceLedger,
} from './index';

const AT = '2026-03-01T08:00:00Z';

/** The record of a shop as a list: gives each entry its place. */
const keep = (entries: readonly Entry[], from = 1): LedgerEntry[] =>
  entries.map((it, index) => ({
    ...it,
    seq: from + index,
    number: it.change.kind === 'takenIn' ? 1 : null,
  }));

let serial = 0;
const made = (change: Change, device = 'bench', baseSeq = 0): Entry => ({
  id: `e${++serial}`,
  pieceId: 'p',
  form: formOf(change),
  change,
  at: AT,
  device,
  by: '',
  baseSeq,
});
const waiting = (it: Entry): LedgerEntry => ({ ...it, seq: null, number: null });

const record = (it: Piece): LedgerEntry[] =>
  keep(entriesOf(it, { at: AT, device: 'bench' }, () => `e${++serial}`));

const folded = (entries: readonly LedgerEntry[]): PieceLedger => {
  const it = foldPiece(entries);
  if (!it) throw new Error('No entry takes the piece in.');
  return it;
};

/** The order within the lists says nothing; compared without it. */
const asSets = (it: Piece) => ({
  ...it,
  ...Object.fromEntries(
    (['observations', 'findings', 'layers', 'hardware', 'aims', 'confirmations'] as const).map(
      (list) => [list, it[list].map((one) => JSON.stringify(one)).sort()],
    ),
  ),
});

const rename = (name: string): Change => ({ kind: 'describe', description: { name } });
const observe = (id: string, surfaceId = 'top'): Change => ({
  kind: 'observe',
  observation: {
    id,
    surfaceId,
    testId: 'tap',
    outcome: 'full',
    value: null,
    layer: null,
    at: AT,
    by: '',
  },
});

describe('work that two people put on record, neither knowing of the other', () => {
  const coat = (id: string, endedAt: string | null, title = 'Coat 1'): Change => ({
    kind: 'did',
    done: [
      {
        id,
        taskKey: 'top/paint/1',
        title,
        surfaceIds: ['top'],
        startedAt: AT,
        endedAt,
        pauses: [],
        timed: true,
        planned: null,
        expectedEnd: null,
        by: '',
        spaceId: null,
        step: null,
        took: null,
        effect: readEffect('{}'),
      },
    ],
  });
  const LATER = '2026-03-01T09:00:00Z';
  const base = () => record(pieceOf());
  const next = (all: readonly LedgerEntry[], change: Change, device: string, baseSeq: number) => [
    ...all,
    ...keep([made(change, device, baseSeq)], all.length + 1),
  ];

  it('both begin: the first counts, and who is second is told whose', () => {
    const start = base();
    const baseSeq = start.length;
    const one = next(start, coat('runa', null), 'phone', baseSeq);
    const two = next(one, coat('odd', null), 'tablet', baseSeq);
    const { piece, doubled } = folded(two);
    expect(piece.done.map((it) => it.id)).toEqual(['runa']);
    expect(doubled).toMatchObject([
      { title: 'Coat 1', notCounted: { device: 'tablet' }, counts: { device: 'phone' } },
    ]);
    // Both baseSeq: the second goes on with the first's.
    const end = next(two, coat('runa', LATER), 'tablet', two.length);
    expect(folded(end).piece.done).toMatchObject([{ id: 'runa', endedAt: LATER }]);
  });

  it('one begins, the other is done: what was done counts', () => {
    const start = base();
    const one = next(start, coat('runa', null), 'phone', start.length);
    const two = next(one, coat('odd', LATER), 'tablet', start.length);
    const { piece, doubled } = folded(two);
    expect(piece.done.map((it) => it.id)).toEqual(['odd']);
    expect(doubled).toMatchObject([{ notCounted: { device: 'phone' } }]);
    // The first, still not knowing, says done too: one coat lies there, not two.
    const three = next(two, coat('runa', LATER), 'phone', one.length);
    expect(folded(three).piece.done.map((it) => it.id)).toEqual(['odd']);
  });

  it('the same work done again by somebody who knew counts twice', () => {
    const start = base();
    const one = next(start, coat('runa', LATER), 'phone', start.length);
    const two = next(one, coat('odd', LATER), 'tablet', one.length);
    expect(folded(two).piece.done.map((it) => it.id)).toEqual(['runa', 'odd']);
    expect(folded(two).doubled).toEqual([]);
  });
});

describe('a piece told by entries', () => {
  it('is the piece that was told, whatever it holds', () => {
    fc.assert(
      fc.property(pieces, (it) => {
        const ledger = folded(record(it));
        expect(asSets(ledger.piece)).toEqual(asSets(it));
        expect(ledger).toMatchObject({ conflicts: [], withoutEffect: [], number: 1 });
      }),
    );
  });

  it('comes out the same entry by entry as all at once, with entries sent in any order', () => {
    fc.assert(
      fc.property(
        pieces.chain((it) => fc.tuple(fc.constant(record(it)), fc.array(changesOf(it)))),
        fc.infiniteStream(fc.nat()),
        ([start, changes], dice) => {
          const all = [
            ...start,
            ...keep(
              changes.map((it) => made(it)),
              start.length + 1,
            ),
          ];
          const [first, ...rest] = all;
          const seed = foldEntries(first ? [first] : []);
          if (!seed) throw new Error('The first entry takes the piece in.');
          const stepwise = ledgerOf(rest.reduce(extendFold, seed));
          const shuffled = [...all].sort(() => (Number(dice.next().value) % 2 === 0 ? -1 : 1));
          expect(stepwise).toEqual(folded(all));
          expect(folded(shuffled)).toEqual(stepwise);
        },
      ),
      { numRuns: 50 },
    );
  });

  it('has each change taken back exactly, and given back by taking that back', () => {
    const situation = pieces.chain((it) => fc.tuple(fc.constant(it), changesOf(it)));
    fc.assert(
      fc.property(situation, ([it, change]) => {
        const start = record(it);
        const copy = copyOf(it);
        const [done, undone, redone] = keep(
          [
            made(change),
            made({ kind: 'revoke', entryIds: [`e${serial}`] }),
            made({ kind: 'revoke', entryIds: [`e${serial}`] }),
          ],
          start.length + 1,
        );
        if (!done || !undone || !redone) throw new Error('Three entries were made.');
        const after = folded([...start, done]).piece;
        expect(folded([...start, done, undone]).piece).toEqual(folded(start).piece);
        expect(folded([...start, done, undone, redone]).piece).toEqual(after);
        expect(it).toEqual(copy);
      }),
    );
  });
});

describe('a surface set back to before an entry', () => {
  const LISTS = ['observations', 'findings', 'layers', 'aims', 'confirmations'] as const;
  /** What stands of a surface, and what of all others. */
  const parts = (it: Piece, surfaceId: string) =>
    [true, false].map((own) =>
      LISTS.map((list) =>
        it[list]
          .filter((one) => (one.surfaceId === surfaceId) === own)
          .map((one) => JSON.stringify(one))
          .sort(),
      ),
    );

  it('is as it was, and the others are as they are', () => {
    const situation = pieces.chain((it) =>
      fc.tuple(
        fc.constant(record(it)),
        fc.array(
          changesOf(it).filter(({ kind }) => kind !== 'describe'),
          { minLength: 1 },
        ),
        fc.constantFrom(...surfacesOf(it).map(({ id }) => id)),
        fc.nat(),
      ),
    );
    fc.assert(
      fc.property(situation, ([start, changes, surfaceId, cut]) => {
        const entries = [
          ...start,
          ...keep(
            changes.map((it) => made(it)),
            start.length + 1,
          ),
        ];
        const at = 1 + (cut % (entries.length - 1));
        const back = settingBack(entries, surfaceId, entries[at]?.id ?? '');
        const after = [
          ...entries,
          ...keep(
            back.map((it) => made(it)),
            entries.length + 1,
          ),
        ];
        const [own] = parts(folded(entries.slice(0, at)).piece, surfaceId);
        const [, others] = parts(folded(entries).piece, surfaceId);
        expect(parts(folded(after).piece, surfaceId)).toEqual([own, others]);
      }),
    );
  });

  it('has what was withdrawn, and what was taken back, again', () => {
    const start = [
      made({ kind: 'takenIn', description: pieceDescription.parse(pieceOf()) }),
      made(observe('old')),
      made(observe('older')),
    ];
    const later = [
      made(observe('new')),
      made({ kind: 'withdraw', observationId: 'old' }),
      made({ kind: 'revoke', entryIds: [start[2]?.id ?? ''] }),
    ];
    const entries = keep([...start, ...later]);
    const back = settingBack(entries, 'top', later[0]?.id ?? '');
    const { piece } = folded([
      ...entries,
      ...keep(
        back.map((it) => made(it)),
        7,
      ),
    ]);
    expect(piece.observations.map((it) => it.id)).toEqual(['old', 'older']);
  });
});

describe('two to four devices, apart from each other', () => {
  /** Each device adds looks of its own; how they get to the shop is up to the Wi-Fi. */
  const apart = fc
    .array(fc.integer({ min: 1, max: 5 }), { minLength: 2, maxLength: 4 })
    .chain((counts) => {
      const queues = counts.map((count, device) =>
        Array.from({ length: count }, (_, index) =>
          made(observe(`d${device}-${index}`), `d${device}`, 1),
        ),
      );
      const turns = counts.flatMap((count, device) => Array<number>(count).fill(device));
      const shuffle = fc.shuffledSubarray(turns, { minLength: turns.length });
      return fc.tuple(fc.constant(queues), shuffle, shuffle);
    });

  const inTurns = (queues: readonly Entry[][], turns: readonly number[]): Entry[] => {
    const at = queues.map(() => 0);
    return turns.map((device) => {
      const it = queues[device]?.[at[device] ?? 0];
      at[device] = (at[device] ?? 0) + 1;
      if (!it) throw new Error('A turn too many.');
      return it;
    });
  };

  it('that only add agree, in whatever order their entries come in', () => {
    fc.assert(
      fc.property(apart, ([queues, one, other]) => {
        const start = record(pieceOf());
        const end = (turns: readonly number[]) =>
          folded([...start, ...keep(inTurns(queues, turns), start.length + 1)]);
        expect(asSets(end(one).piece)).toEqual(asSets(end(other).piece));
        expect(end(one)).toMatchObject({ conflicts: [], withoutEffect: [] });
      }),
    );
  });

  it('that set the same thing: the later stands, both are told, one entry settles it', () => {
    const start = record(pieceOf());
    const seq = start.length;
    const two = keep(
      [made(rename('Hall chest'), 'bench', seq), made(rename('Big chest'), 'yard', seq)],
      seq + 1,
    );
    const ledger = folded([...start, ...two]);
    expect(ledger.piece.name).toBe('Big chest');
    expect(ledger.conflicts).toMatchObject([
      { field: 'name', stands: { device: 'yard' }, other: { device: 'bench' } },
    ]);
    const [dispute] = ledger.conflicts;
    if (!dispute) throw new Error('Nothing is conflicts.');
    const choice = keep([made(dispute.other.change, 'yard', seq + 2)], seq + 3);
    const settled = folded([...start, ...two, ...choice]);
    expect(settled).toMatchObject({ piece: { name: 'Hall chest' }, conflicts: [] });
  });

  it.each<[string, Change, Change, boolean]>([
    ['name and origin', rename('A'), { kind: 'describe', description: { origin: 'B' } }, false],
    ['the same name', rename('A'), rename('A'), false],
    [
      'the finish of one surface, told apart',
      {
        kind: 'confirm',
        confirmation: { surfaceId: 'top', variable: 'finish', value: 'wax', at: AT },
      },
      {
        kind: 'confirm',
        confirmation: { surfaceId: 'top', variable: 'finish', value: 'shellac', at: AT },
      },
      true,
    ],
    [
      'the aims of the top, among others',
      {
        kind: 'aim',
        surfaceIds: ['top', 'left'],
        aims: [{ surfaceId: 'top', scheme: { kind: 'leave' }, stripWish: 'best' }],
      },
      { kind: 'aim', surfaceIds: ['top'], aims: [] },
      true,
    ],
    ['archive and restore', { kind: 'archive' }, { kind: 'restore' }, true],
    ['two looks', observe('a'), observe('b'), false],
  ])('%s', (_, one, other, isContested) => {
    const start = record(pieceOf());
    const ledger = folded([
      ...start,
      ...keep(
        [made(one, 'bench', start.length), made(other, 'yard', start.length)],
        start.length + 1,
      ),
    ]);
    expect(ledger.conflicts).toHaveLength(isContested ? 1 : 0);
  });

  it('one who knew of the other is no dispute, nor is one device with itself', () => {
    const start = record(pieceOf());
    const seq = start.length;
    const knowing = keep(
      [made(rename('A'), 'bench', seq), made(rename('B'), 'yard', seq + 1)],
      seq + 1,
    );
    const alone = keep([made(rename('A'), 'bench', seq), made(rename('B'), 'bench', seq)], seq + 1);
    expect(folded([...start, ...knowing]).conflicts).toEqual([]);
    expect(folded([...start, ...alone]).conflicts).toEqual([]);
  });
});

describe('what waits on a device', () => {
  it('comes after what is in the record, in the order in which it was made', () => {
    const start = record(pieceOf());
    const mine = [waiting(made(rename('First'))), waiting(made(rename('Second')))];
    const elsewhere = keep([made(rename('Elsewhere'), 'yard')], start.length + 1);
    const ledger = folded([...start, ...mine, ...elsewhere]);
    expect(ledger).toMatchObject({ piece: { name: 'Second' }, seq: start.length + 1 });
    expect(ledger.conflicts).toMatchObject([{ field: 'name', other: { device: 'yard' } }]);
  });
});

describe('what comes into the record', () => {
  const before = () => foldEntries(record(pieceOf({ seen: { legs: ['tap:full'] } })));

  it('is refused where it makes no sense and its maker knew how things are', () => {
    const fold = before();
    const seq = fold?.entries.length ?? 0;
    const paths = (it: Entry) => admitToPiece(fold, it).map((one) => one.path);
    expect(paths(made(observe('x', 'roof'), 'bench', seq))).toEqual(['observations.1.surfaceId']);
    expect(paths(made({ kind: 'withdraw', observationId: 'never' }))).toEqual(['observationId']);
    expect(paths(made({ kind: 'revoke', entryIds: ['never'] }))).toEqual(['change.entryIds']);
    expect(paths(made({ kind: 'shopSet', settings: { units: 'us' } }))).toEqual(['change.kind']);
    expect(
      paths(made({ kind: 'takenIn', description: pieceDescription.parse(pieceOf()) })),
    ).toEqual(['pieceId']);
    expect(paths(made(observe('fine'), 'bench', seq))).toEqual([]);
  });

  it('is not refused for an old revision: it stays, without effect, and says why', () => {
    const fold = before();
    const seq = fold?.entries.length ?? 0;
    const legless = made(
      { kind: 'describe', description: { build: measured(pieceOf().build, '', 'legHeight', 0) } },
      'yard',
      seq,
    );
    const start = record(pieceOf());
    const after = foldEntries([...start, ...keep([legless], start.length + 1)]);
    const late = made(observe('late', 'legs'), 'bench', start.length);
    expect(admitToPiece(after, late)).toEqual([]);
    const ledger = folded([...(after?.entries ?? []), ...keep([late], start.length + 2)]);
    expect(ledger.piece.observations).toEqual([]);
    expect(ledger.withoutEffect).toMatchObject([
      { entryId: late.id, problems: [{ message: expect.stringMatching(/no surface "legs"/) }] },
    ]);
  });

  it.each([
    ['a name of no letters', { kind: 'describe', description: { name: ' ' } }],
    ['a kind that nobody knows', { kind: 'burn' }],
    ['a part that no description has', { kind: 'describe', description: { price: 3 } }],
    ['a setting that no shop has', { kind: 'shopSet', settings: { mood: 'good' } }],
    ['no entry to take back', { kind: 'revoke', entryIds: [] }],
  ])('is not read with %s', (_, change) => {
    expect(entry.safeParse({ ...made(rename('x')), change }).success).toBe(false);
  });

  it('has halves of letters and NUL replaced, not refused', () => {
    const it = entry.parse(made(rename('Oak\0 \uD83D chest 🪑')));
    expect(it.change).toMatchObject({ description: { name: 'Oak\uFFFD \uFFFD chest 🪑' } });
  });
});

describe('the shop', () => {
  it('is its usual self with what its entries set, part by part', () => {
    const set = (settings: object, device: string): Entry => ({
      ...made({ kind: 'shopSet', settings }, device),
      pieceId: null,
    });
    const entries = keep([set({ units: 'us' }, 'bench'), set({ airCelsius: 12 }, 'yard')]);
    expect(foldShop(entries)).toMatchObject({
      shop: { ...USUAL_SHOP, units: 'us', airCelsius: 12 },
      conflicts: [],
    });
    const back = keep([set({ airCelsius: 15 }, 'bench')], 3);
    expect(foldShop([...entries, ...back])).toMatchObject({
      shop: { airCelsius: 15 },
      conflicts: [{ field: 'shop/airCelsius', other: { device: 'yard' } }],
    });
  });
});

it('a form that changed one field sends that field alone', () => {
  const before = pieceOf();
  const now = { ...pieceDescription.parse(before), name: 'Renamed' };
  expect(changedParts(before, now)).toEqual({ name: 'Renamed' });
  expect(changedParts(before, pieceDescription.parse(before))).toEqual({});
  const resized = { ...now, build: measured(now.build, '', 'width', 1234) };
  expect(Object.keys(changedParts(before, resized)).sort()).toEqual(['build', 'name']);
  expect(fieldsOf({ kind: 'describe', description: resized }).map((it) => it.name)).toContain(
    'build',
  );
});
