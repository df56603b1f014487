import { asCase } from '../testing/asCase';
import fc from 'fast-check';
import { inspectionTest, isValueOf } from '../catalog';
import { inspectPiece } from '../inspect';
import { USUAL_SHOP } from '../piece';
import { pieces } from '../testing/arbitraries';
import { isThorough } from '../testing/everyRoute';
import { allAims, clear, painted, pieceOf, stained, type Told } from '../testing/pieces';
import { SUPPOSE } from './branches';
import { planRoute } from '../route';
import { branches as schema, branchesOf, type Branch } from './index';

// What each answer to an open question means (common practice, no source).

const gatesOf = (told: Told) => branchesOf(asCase(pieceOf(told), USUAL_SHOP)).gates;
const branch = (told: Told, kind: string, answer: RegExp): Branch => {
  const gates = gatesOf(told);
  const found = gates.find((it) => it.kind === kind)?.branches.find((it) => answer.test(it.answer));
  if (!found) throw new Error(`No ${kind} gate: ${gates.map((it) => it.kind).join(', ')}`);
  return found;
};

const OLD_PAINT: Told = {
  template: 'table',
  years: [1930, 1935],
  known: { top: { substrate: 'hardwood', finish: 'alkyd', wood: 'pale', bleed: 'none' } },
  aims: { top: painted('mid') },
};

describe('the lead gate', () => {
  it('found: the dry steps drop out, wet and contained ones come in', () => {
    const found = branch(OLD_PAINT, 'lead', /some layer/);
    expect(found.adds.join()).toMatch(/Set up for work with lead/);
    expect(found.adds.join()).toMatch(/wet/i);
    expect(found.drops.join()).toMatch(/^Scuff/);
  });

  it('found, for a child’s room: nothing is planned, and it is said', () => {
    const found = branch({ ...OLD_PAINT, childsRoom: true }, 'lead', /some layer/);
    expect(found.refuses.join()).toMatch(/Don’t work on the .* yourself/);
    expect(found.minutes).toBeLessThan(0);
  });

  it('not found: only what was held is let go', () => {
    const clean = branch(OLD_PAINT, 'lead', /no layer/);
    expect(clean).toMatchObject({ adds: [], drops: [], minutes: 0 });
    // A plain dust mask is worn where it was a filter for lead: some cents.
    expect(Math.abs(clean.money)).toBeLessThan(10);
  });

  it('not tested: nothing changes', () => {
    expect(branch(OLD_PAINT, 'lead', /^Not tested/)).toMatchObject({ minutes: 0, adds: [] });
  });
});

describe('the bleed patch', () => {
  const told: Told = {
    template: 'table',
    known: { top: { substrate: 'hardwood', wood: 'ringPorous', finish: 'lacquer' } },
    aims: { top: painted('white') },
  };

  it('stayed white: the blocker drops out, and days with it; pink: it stays', () => {
    const white = branch(told, 'bleed', /white/);
    expect(white.drops.join()).toMatch(/shellac/);
    expect(white.adds.join()).toMatch(/acrylic/);
    expect(white.money).toBeLessThan(0);
    expect(branch(told, 'bleed', /Pink/).drops.join()).not.toMatch(/shellac/);
  });
});

describe('the substrate gate', () => {
  it('print after all: stain is refused, and no wood is stripped', () => {
    const told: Told = {
      template: 'table',
      seen: { top: ['pattern:mirrored', 'touch:dead-smooth'] },
      aims: { top: stained() },
    };
    const gate = gatesOf(told).find((it) => it.kind === 'substrate');
    const print = gate?.branches.find((it) => /Paper/.test(it.answer));
    expect(print?.refuses.join()).toMatch(/No stain/);
    expect(print?.drops.join()).toMatch(/Sand P/);
  });
});

describe('what an answer supposes', () => {
  const [beliefs] = inspectPiece(pieceOf(OLD_PAINT), USUAL_SHOP);

  it('are results that the tests can have', () => {
    for (const supposed of Object.values(SUPPOSE)) {
      const { observations = [], confirmations = [] } = (beliefs && supposed(beliefs)) ?? {};
      for (const it of observations) {
        const test = inspectionTest(it.testId);
        if (test?.kind === 'reading') expect(it.value).toBeGreaterThanOrEqual(test.min);
        else expect(test?.outcomes.map((one) => one.id)).toContain(it.outcome);
      }
      for (const it of confirmations) expect(isValueOf(it.variable, it.value)).toBe(true);
    }
  });
});

describe('the test patch', () => {
  const foil: Told = {
    template: 'table',
    known: { top: { substrate: 'foil', finish: 'factory', bleed: 'none' } },
    aims: { top: painted('mid') },
  };

  it('peeled: no paint yet, with ways out; held: the way is free', () => {
    expect(branch(foil, 'patch', /^More/).refuses).toEqual(['No paint on the top yet']);
    expect(branch(foil, 'patch', /^None/).refuses).toEqual([]);
  });

  it('is not asked for again once it was read, whatever it said', () => {
    const read = (squares: number) =>
      planRoute(pieceOf({ ...foil, readings: { top: { 'cross-cut': squares } } }), USUAL_SHOP);
    expect(read(0).operations.map((it) => it.method)).not.toContain('test-patch');
    expect(read(0).operations.map((it) => it.method)).toContain('prime-bonding');
    // 12 % of the lattice is class 3 of ASTM D3359 B: fair, so the face is scuffed twice.
    expect(read(3).operations.map((it) => it.method)).not.toContain('test-patch');
    const scuff = read(3).operations.find((it) => it.method === 'scuff');
    expect(scuff?.title).toMatch(/twice/);
    expect(scuff?.minutes).toBeGreaterThan(
      read(0).operations.find((it) => it.method === 'scuff')?.minutes ?? NaN,
    );
    expect(read(15).refusals).toMatchObject([{ rule: 'patch-peeled', blocks: true }]);
  });
});

it('an old film that fails its cross-cut comes off the wood before it is painted', () => {
  const film: Told = {
    template: 'table',
    known: { top: { substrate: 'hardwood', wood: 'pale', finish: 'varnish', bleed: 'none' } },
    aims: { top: painted('mid') },
  };
  const methodsAt = (squares: number) =>
    planRoute(
      pieceOf({ ...film, readings: { top: { 'cross-cut': squares } } }),
      USUAL_SHOP,
    ).operations.map((it) => it.method);
  expect(methodsAt(0)).toContain('scuff');
  expect(methodsAt(20)).not.toContain('scuff');
  expect(methodsAt(20).join()).toMatch(/strip-.*sand-ladder.*prime-acrylic/);
});

describe('what no answer changes', () => {
  it('can start: recording, taking apart, cleaning; not what is held', () => {
    const told = { ...OLD_PAINT, known: undefined, aims: allAims('table', clear()) };
    const piece = pieceOf({ ...told, seen: { top: ['see-through:opaque'] } });
    const { commonIds } = branchesOf(asCase(piece, USUAL_SHOP));
    const { operations } = planRoute(piece, USUAL_SHOP);
    const common = operations.filter((it) => commonIds.includes(it.id));
    expect(common.map((it) => it.method)).toEqual(
      expect.arrayContaining(['lead-gate', 'photograph', 'vacuum']),
    );
    expect(common.every((it) => it.heldBy.length === 0)).toBe(true);
  });

  it('is whole: no step in it comes after one that is not in it', () => {
    fc.assert(
      fc.property(pieces, (it) => {
        const all = branchesOf(asCase(it, USUAL_SHOP));
        expect(schema.parse(all)).toEqual(all);
        const common = new Set(all.commonIds);
        const { operations } = planRoute(it, USUAL_SHOP);
        for (const one of operations.filter((step) => common.has(step.id))) {
          for (const { operationId } of one.after) expect(common).toContain(operationId);
        }
        if (all.gates.length === 0) expect(common.size).toBe(operations.length);
      }),
      { numRuns: isThorough ? 30 : 3 },
    );
  });
});
