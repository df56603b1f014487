import fc from 'fast-check';
import { builds, fronts } from '../testing/arbitraries';
import { pieceOf, seen } from '../testing/pieces';
import {
  MOST_BODIES,
  addBody,
  addRow,
  assemble,
  build,
  cellsOf,
  freshSurfaceId,
  inBody,
  measured,
  quickStart,
  read,
  removeBody,
  removeCell,
  setCell,
  splitCell,
  standsFor,
  surfacesOf,
  withEdit,
  withFront,
  type Build,
  type Piece,
} from '../piece';
import { applyChange, type PieceChange } from '../ledger';

const startOf = (id: string): Build => {
  const found = quickStart(id);
  if (!found) throw new Error(`No start ${id}`);
  return found.build;
};
const idsOf = (it: Build) => assemble(it).surfaces.map((one) => one.id);

describe('what a builder does to a piece', () => {
  it('adds bodies up to the most there may be, each with an id and a name of its own', () => {
    let it = startOf('chest');
    for (let round = 0; round < 12; round++) it = addBody(it, 'box', round % 2 ? 'on' : 'beside');
    expect(it.bodies).toHaveLength(MOST_BODIES);
    expect(new Set(it.bodies.map((one) => one.id)).size).toBe(MOST_BODIES);
    expect(new Set(it.bodies.map((one) => one.name)).size).toBe(MOST_BODIES);
    expect(read(build, it).ok).toBe(true);
  });

  it('takes a body away with its surfaces, and never the last one', () => {
    const hutch = startOf('hutch');
    const lower = removeBody(hutch, '2');
    expect(idsOf(lower)).toEqual(idsOf(hutch).filter((id) => !id.endsWith('_2')));
    expect(removeBody(lower, '')).toBe(lower);
    // With nothing on it the whole top is worked again.
    const topOf = (it: Build) =>
      assemble(it).surfaces.find((one) => one.id === 'top')?.areaMm2 ?? NaN;
    expect(topOf(lower) - topOf(hutch)).toBeCloseTo(1150 * 330);
  });

  it('makes a door of a drawer: a surface more, a drawer less', () => {
    const before = startOf('chest');
    const after = withFront(before, '', (front) =>
      setCell(front, { lane: 3, index: 0 }, { kind: 'door' }),
    );
    expect(idsOf(after)).toEqual(expect.arrayContaining(['doors', 'inside', 'fronts']));
    expect(assemble(after).loose).toMatchObject({ drawers: 3, doors: 1 });
  });

  it('looks at one drawer by itself: its area leaves the others', () => {
    const before = startOf('chest');
    const areas = (it: Build) =>
      Object.fromEntries(assemble(it).surfaces.map((one) => [one.id, one.areaMm2]));
    const after = areas(
      withFront(before, '', (front) => setCell(front, { lane: 0, index: 0 }, { set: 'b' })),
    );
    expect(after['fronts-b']).toBeCloseTo((areas(before).fronts ?? NaN) / 4);
    expect((after.fronts ?? NaN) + (after['fronts-b'] ?? NaN)).toBeCloseTo(
      areas(before).fronts ?? 0,
    );
  });

  it('leaves a front of at least one cell and at most as many as there may be', () => {
    fc.assert(
      fc.property(fronts, fc.array(fc.nat(3), { maxLength: 30 }), (first, moves) => {
        let it = first;
        for (const move of moves) {
          const at = { lane: move % it.of.length, index: 0 };
          it = [splitCell, removeCell, (one: typeof it) => addRow(one, at.lane)][move % 3]?.(
            it,
            at,
          ) as typeof it;
          expect(cellsOf(it).length).toBeGreaterThan(0);
        }
        const chest = inBody(startOf('chest'), '', (one) => ({ ...one, front: it }));
        expect(read(build, chest).ok).toBe(true);
      }),
    );
  });

  it('says two things of one surface as one, the later over the earlier', () => {
    const it = withEdit(
      withEdit(startOf('chest'), { surfaceId: 'top', name: 'Oak top', profile: 'moulded' }),
      { surfaceId: 'top', profile: 'flat' },
    );
    expect(it.edits).toEqual([{ surfaceId: 'top', name: 'Oak top', profile: 'flat' }]);
    expect(assemble(it).surfaces.find((one) => one.id === 'top')).toMatchObject({
      name: 'Oak top',
      profile: 'flat',
    });
  });

  it('gives every new surface an id that nobody has', () => {
    expect(freshSurfaceId(['own-p2', 'own-p3'])).toBe('own-p4');
    expect(freshSurfaceId([], 'top')).toBe('top-p2');
  });
});

describe('surfaces that were merged', () => {
  it('are followed along a chain, and a ring has an end', () => {
    const merges = [
      { from: 'a', into: 'b' },
      { from: 'b', into: 'c' },
    ];
    const chest = startOf('chest');
    expect(standsFor({ ...chest, merges }, 'a')).toBe('c');
    expect(standsFor({ ...chest, merges }, 'c')).toBe('c');
    const ring = { ...chest, merges: [...merges, { from: 'c', into: 'a' }] };
    expect(['a', 'b', 'c']).toContain(standsFor(ring, 'a'));
  });

  it('never lose a surface that is not merged, and no area', () => {
    fc.assert(
      fc.property(builds, (it) => {
        const plain = { ...it, merges: [], edits: [] };
        const sum = (one: Build) => assemble(one).surfaces.reduce((all, s) => all + s.areaMm2, 0);
        const merged = { ...plain, merges: it.merges };
        expect(sum(merged) / sum(plain)).toBeCloseTo(1, 6);
        const gone = it.merges.filter((m) => m.from !== m.into).map((m) => m.from);
        for (const id of idsOf(plain)) {
          if (!gone.includes(id)) expect(idsOf(merged)).toContain(id);
        }
      }),
    );
  });

  const AT = '2026-01-15T10:00:00.000Z';
  const merged = (it: Piece): Piece => ({
    ...it,
    build: { ...it.build, merges: [{ from: 'right', into: 'left' }] },
  });
  const changes: readonly (readonly [string, PieceChange])[] = [
    ['a look', { kind: 'observe', observation: seen('right', 'tap', { outcome: 'full' }) }],
    [
      'a word',
      {
        kind: 'confirm',
        confirmation: { surfaceId: 'right', variable: 'finish', value: 'wax', at: AT },
      },
    ],
    [
      'a picture',
      { kind: 'picture', picture: { id: 'p', surfaceId: 'right', photoId: 'f', at: AT, note: '' } },
    ],
    [
      'a layer',
      {
        kind: 'layers',
        surfaceId: 'right',
        layers: [{ surfaceId: 'right', layer: 1, colour: 'red', feel: 'hard', thicknessUm: null }],
      },
    ],
    [
      'an aim',
      {
        kind: 'aim',
        surfaceIds: ['right', 'left'],
        aims: [{ surfaceId: 'right', scheme: { kind: 'leave' }, stripWish: 'best' }],
      },
    ],
  ];
  it.each(changes)(
    '%s of the one that is gone is said of the one that stands for it',
    (_, change) => {
      const after = applyChange(merged(pieceOf()), change);
      if (!after.ok) throw new Error(after.problems[0]?.message);
      const { observations, confirmations, pictures, layers, aims } = after.value;
      const said = [observations, confirmations, pictures, layers, aims].flat();
      expect(said.map((it) => it.surfaceId)).toEqual(['left']);
    },
  );
});

it('a piece that was resized keeps what is recorded of it', () => {
  const before = pieceOf({ seen: { top: ['tap:full'], fronts: ['knots:yes'] } });
  const after = applyChange(before, {
    kind: 'describe',
    description: { build: measured(before.build, '', 'width', 1111) },
  });
  expect(after.ok && after.value.observations).toEqual(before.observations);
  expect(after.ok && surfacesOf(after.value).map((it) => it.id)).toEqual(
    surfacesOf(before).map((it) => it.id),
  );
});

describe('changes', () => {
  const without = (before: Piece): PieceChange => ({
    kind: 'describe',
    description: { build: measured(before.build, '', 'legHeight', 0) },
  });

  it('of the build may not take away a surface that something is recorded on, and say which', () => {
    const after = applyChange(pieceOf({ seen: { legs: ['tap:full'] } }), without(pieceOf()));
    expect(after.ok ? '' : after.problems[0]?.message).toMatch(/recorded of Legs/);
  });

  it('of the build take the aim of a surface that is gone with it', () => {
    const before = pieceOf({ aims: { legs: { kind: 'leave' }, top: { kind: 'leave' } } });
    const after = applyChange(before, without(before));
    expect(after.ok && after.value.aims.map((it) => it.surfaceId)).toEqual(['top']);
  });

  it('merging keeps what was recorded of both, and what another device still sends', () => {
    const before = pieceOf({ seen: { left: ['tap:full'], right: ['see-through:opaque'] } });
    const build = { ...before.build, merges: [{ from: 'right', into: 'left' }] };
    const merged = applyChange(before, { kind: 'describe', description: { build } });
    if (!merged.ok) throw new Error(merged.problems[0]?.message);
    const late = applyChange(merged.value, {
      kind: 'observe',
      observation: seen('right', 'knots', { outcome: 'yes' }),
    });
    expect(late.ok && late.value.observations.map((it) => [it.surfaceId, it.testId])).toEqual([
      ['left', 'tap'],
      ['left', 'see-through'],
      ['left', 'knots'],
    ]);
  });

  it('are refused where they were made already, or have nothing to act on', () => {
    const before = pieceOf({ seen: { top: ['tap:full'] }, found: { top: ['dent'] } });
    const [observation] = before.observations;
    if (!observation) throw new Error('The piece lacks what the test needs.');
    const refused: PieceChange[] = [
      { kind: 'observe', observation },
      { kind: 'withdraw', observationId: 'never' },
      { kind: 'unfind', findingId: 'never' },
      { kind: 'unfit', hardwareId: 'never' },
      {
        kind: 'layers',
        surfaceId: 'top',
        layers: [{ surfaceId: 'top', layer: 2, colour: 'red', feel: 'hard', thicknessUm: null }],
      },
    ];
    for (const it of refused) expect(applyChange(before, it).ok).toBe(false);
  });

  it('a damage that is told again by its id becomes what it says now, and stays one', () => {
    const before = pieceOf({ found: { top: ['dent'] } });
    const [finding] = before.findings;
    if (!finding) throw new Error('The piece lacks what the test needs.');
    const larger = { ...finding, count: 3, lengthMm: 40 };
    const after = applyChange(before, { kind: 'find', finding: larger });
    expect(after.ok && after.value.findings).toEqual([larger]);
  });
});
