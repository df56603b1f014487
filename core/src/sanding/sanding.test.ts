import fc from 'fast-check';
import { SANDING_MODEL } from '../catalog';
import {
  SCALE,
  gradeOf,
  judgeLadder,
  planLadder,
  sandingTask,
  scratchDepthUm,
  stepIsAllowed,
  tollOfLadder,
  type Ladder,
  type SandingTask,
} from './index';

const task = (part: Partial<SandingTask> & Pick<SandingTask, 'targetGrit'>): SandingTask =>
  sandingTask.parse({ defectUm: 90, ...part });

const ladderOf = (part: Partial<SandingTask> & Pick<SandingTask, 'targetGrit'>): Ladder => {
  const result = planLadder(task(part));
  if (result.kind === 'refused') throw new Error(result.because);
  return result;
};

const gritsOf = (it: Ladder): number[] => it.rungs.map((rung) => rung.grit);

describe('ladders seen to work in the trade (common practice, no source) are admissible', () => {
  it.each([
    ['fill, flatten, paint', [80, 120, 220]],
    ['strip and stain solid', [80, 150, 220]],
    ['strip and stain solid, short', [100, 180]],
    ['strip and stain solid, fine steps', [120, 150, 180]],
    ['stain on veneer', [80, 120]],
    ['scuff for paint', [120, 150]],
    ['scuff a smooth film', [180, 220]],
  ])('%s: %j', (_, grits) => {
    expect(judgeLadder(grits)).toEqual([]);
  });

  it.each([
    ['skips too far', [60, 150], /step of 2\.7/],
    ['goes back', [150, 120], /goes back to coarser/],
    ['stands still', [120, 120], /goes back to coarser/],
    ['is not of the P-series', [80, 110], /P-series/],
  ])('one that %s is not: %j', (_, grits, words) => {
    expect(judgeLadder(grits).join(' ')).toMatch(words);
  });

  it('one that this veneer can’t give is not', () => {
    const thin = task({ targetGrit: 120, veneerUm: 300 });
    expect(judgeLadder([40, 60, 80, 120], thin).join(' ')).toMatch(
      /more than this veneer can give/,
    );
  });
});

describe('a ladder put together by hand', () => {
  const solid = task({ targetGrit: 180, coarsestGrit: 80 });

  it.each([
    ['starts too fine', [150, 180], /won’t clear marks of 90 µm: start coarser/],
    ['starts too coarse', [60, 100, 180], /coarser than this face bears/],
    ['stops too soon', [100, 150], /stops at P150; the next coat wants P180/],
    ['goes on too long', [100, 180, 240], /no finer than P180/],
    ['is empty', [], /No paper chosen/],
  ])('that %s is told so', (_, grits, words) => {
    expect(judgeLadder(grits, solid).join(' ')).toMatch(words);
  });

  it('takes what the planned one takes where it is the same', () => {
    const planned = ladderOf({ targetGrit: 180, coarsestGrit: 80 });
    const own = tollOfLadder(gritsOf(planned), solid);
    expect(own.minutes).toBeCloseTo(planned.minutes, 9);
    expect(own.removedUm).toBeCloseTo(planned.removedUm, 9);
    expect(tollOfLadder([80, 100, 120, 150, 180], solid).minutes).toBeGreaterThan(own.minutes);
  });
});

describe('the planned ladder', () => {
  // What careful people take (common practice, no source), on small faces and large, soft and hard.
  it.each([
    ['strip to clear, solid', { targetGrit: 220 }, [80, 120, 180, 220]],
    ['strip to stain, solid', { targetGrit: 180 }, [80, 120, 180]],
    ['strip to clear, veneer', { targetGrit: 180, defectUm: 60, veneerUm: 700 }, [120, 150, 180]],
    ['stain, veneer', { targetGrit: 120, defectUm: 75, veneerUm: 700 }, [80, 120]],
    [
      'film sanded off at P80 before',
      { targetGrit: 220, defectUm: 60.3, coarsestGrit: 100 },
      [120, 180, 220],
    ],
  ])('%s: as careful people do it', (_, asked, grits) => {
    for (const areaMm2 of [0.2e6, 1e6, 2e6]) {
      for (const jankaLbf of [460, 1000, 1360]) {
        expect(gritsOf(ladderOf({ coarsestGrit: 80, areaMm2, jankaLbf, ...asked }))).toEqual(grits);
      }
    }
  });

  it.each([
    ['hard', [1290, 1450], 3, 6],
    ['soft', [350, 460], 2, 4],
  ] as const)(
    'a rung on %s wood takes the minutes of practice a square metre',
    (_, woods, from, to) => {
      for (const jankaLbf of woods) {
        const { rungs } = ladderOf({ targetGrit: 220, coarsestGrit: 80, jankaLbf });
        for (const it of rungs) {
          expect(it.minutes - 1.5).toBeGreaterThanOrEqual(from - 0.05);
          expect(it.minutes - 1.5).toBeLessThanOrEqual(to);
        }
        const byHand = ladderOf({ targetGrit: 220, coarsestGrit: 80, jankaLbf, tool: 'hand' });
        const [machine = NaN, hand = NaN] = [rungs, byHand.rungs].map(
          (all) => (all[0]?.minutes ?? NaN) - 1.5,
        );
        expect(hand / machine).toBeCloseTo(3, 1);
        // After a small step the finer paper is not slower than the coarse one before it.
        expect(rungs.at(-1)?.minutes).toBeLessThanOrEqual(rungs[0]?.minutes ?? 0);
      }
    },
  );

  it('no pass takes less than the paper takes anyway', () => {
    const { rungs } = ladderOf({ targetGrit: 240, coarsestGrit: 80 });
    for (const it of rungs) expect(it.removedUm).toBeGreaterThanOrEqual(8);
  });

  it('takes off what the model says, worked by hand', () => {
    // 90 µm to clear; P80 leaves 0.3 · 201 = 60.3 µm: (90 − 60.3) · 1.3 = 38.61 µm.
    // P120 leaves 37.5 µm: (60.3 − 37.5) · 1.3 = 29.64 µm. P180 leaves 24.6 µm: 16.77 µm.
    const ladder = ladderOf({ targetGrit: 180, coarsestGrit: 80 });
    expect(ladder.rungs.map((it) => it.removedUm)).toEqual([
      expect.closeTo(38.61, 6) as number,
      expect.closeTo(29.64, 6) as number,
      expect.closeTo(16.77, 6) as number,
    ]);
    // Minutes on 1 m² of 1000 lbf: a rate of 8 · grain/125, no less than a pass of
    // 3 · √(1000/1300) = 2.63 min; and 1.5 for each rung.
    expect(ladder.minutes).toBeCloseTo(4.5 + 38.61 / 12.864 + 29.64 / 8 + 16.77 / 5.248, 6);
  });

  it('takes longer on harder wood, in the order of the Wood Handbook', () => {
    const minutes = [540, 710, 950, 1290, 1450].map(
      (jankaLbf) => ladderOf({ targetGrit: 180, jankaLbf }).minutes,
    );
    expect([...minutes].sort((a, b) => a - b)).toEqual(minutes);
    expect(new Set(minutes).size).toBe(minutes.length);
  });

  it('takes longer by hand', () => {
    const byHand = ladderOf({ targetGrit: 150, tool: 'hand' }).minutes;
    expect(byHand).toBeGreaterThan(ladderOf({ targetGrit: 150, tool: 'machine' }).minutes);
  });

  it('says how far the veneer is taken down', () => {
    const ladder = ladderOf({ targetGrit: 120, veneerUm: 600, defectUm: 60 });
    expect(ladder.veneerLeftUm).toBeCloseTo(600 - ladder.removedUm, 9);
    expect(ladder.rungs.at(-1)?.leftUm).toBeCloseTo(ladder.veneerLeftUm ?? NaN, 9);
    expect(ladder.reasons.join(' ')).toMatch(/Keeps 250 µm/);
  });
});

const tasks: fc.Arbitrary<SandingTask> = fc
  .record({
    defectUm: fc.integer({ min: 0, max: 300 }),
    targetGrit: fc.constantFrom(80, 120, 150, 180, 220, 240, 320),
    coarsestGrit: fc.constantFrom(40, 60, 80, 100, 120),
    veneerUm: fc.option(fc.integer({ min: 200, max: 1500 })),
    jankaLbf: fc.constantFrom(350, 900, 1290),
    tool: fc.constantFrom('machine', 'hand'),
  })
  .map((it) => sandingTask.parse(it));

/** Every admissible ladder, by plain enumeration: the oracle for the dynamic programme. */
const allLadders = (it: SandingTask): number[][] => {
  const rungs = SCALE.filter((one) => one.grit >= it.coarsestGrit && one.grit <= it.targetGrit);
  const clears = (depth: number, grit: number) => {
    const grade = gradeOf(grit);
    return grade !== undefined && depth <= SANDING_MODEL.maxStep * scratchDepthUm(grade);
  };
  const grow = (path: number[]): number[][] => {
    const last = gradeOf(path.at(-1) ?? 0);
    const further = rungs.filter((one) => last !== undefined && stepIsAllowed(last, one));
    return [path, ...further.flatMap((one) => grow([...path, one.grit]))];
  };
  return rungs
    .filter((one) => clears(it.defectUm, one.grit) || one === rungs[0])
    .flatMap((one) => grow([one.grit]))
    .filter((path) => path.at(-1) === it.targetGrit);
};

/** Burden of a ladder on 1 m², by the formulas of docs/calculations.md. */
const burdenOf = (grits: number[], it: SandingTask): { burden: number; removed: number } => {
  const slower = it.tool === 'hand' ? 3 : 1;
  const pass = slower * Math.max(2, 3 * Math.sqrt(it.jankaLbf / 1300));
  let depth = it.defectUm;
  let burden = 0;
  let removed = 0;
  grits.forEach((grit, index) => {
    const grain = gradeOf(grit)?.grainUm ?? NaN;
    const own = 0.3 * grain;
    const take = Math.max(8, (depth - own) * 1.3);
    const rate = (8 * (grain / 125) * (1000 / it.jankaLbf)) / slower;
    const easy = index > 0 && it.veneerUm !== null && it.targetGrit >= 180 ? 1.25 : 1.6;
    const scratched = Math.min(1, 5 * Math.max(0, depth / own - easy) ** 2);
    const kept = [80, 120, 180, 220, 320, 400].includes(grit);
    burden += 1.5 + Math.max(pass, take / rate) + scratched * slower * 17 + (kept ? 0 : 0.9);
    removed += take;
    depth = own;
  });
  return { burden, removed };
};

describe('any ladder', () => {
  it('ascends, in steps that clear the last scratches, to the grit that was asked for', () => {
    fc.assert(
      fc.property(tasks, (it) => {
        const ladder = planLadder(it);
        if (ladder.kind === 'refused') return;
        const grits = gritsOf(ladder);
        expect(grits.at(-1)).toBe(it.targetGrit);
        expect(grits[0]).toBeGreaterThanOrEqual(it.coarsestGrit);
        expect(judgeLadder(grits, it)).toEqual([]);
        expect([...grits].sort((a, b) => a - b)).toEqual(grits);
      }),
    );
  });

  it('is the one of least burden among all that fit, by enumeration', () => {
    fc.assert(
      fc.property(tasks, (it) => {
        const budget = it.veneerUm === null ? Infinity : Math.max(0, it.veneerUm - 250) / 1.2;
        const fitting = allLadders(it)
          .map((grits) => burdenOf(grits, it))
          .filter((one) => one.removed <= budget);
        const ladder = planLadder(it);
        if (ladder.kind === 'refused') expect(fitting).toEqual([]);
        else {
          const best = Math.min(...fitting.map((one) => one.burden));
          expect(burdenOf(gritsOf(ladder), it).burden).toBeCloseTo(best, 6);
        }
      }),
      { numRuns: 200 },
    );
  });

  it('keeps the veneer that has to stay, at the edges too', () => {
    fc.assert(
      fc.property(tasks, (it) => {
        const ladder = planLadder(it);
        if (ladder.kind === 'refused' || it.veneerUm === null) return;
        expect(it.veneerUm - ladder.edgeRemovedUm).toBeGreaterThanOrEqual(
          SANDING_MODEL.keepUm - 1e-9,
        );
      }),
    );
  });
});

describe('refusals are results with ways out', () => {
  it.each(['open', 'found'] as const)('dry sanding where lead is %s', (lead) => {
    const result = planLadder(task({ targetGrit: 120, lead }));
    expect(result).toMatchObject({ kind: 'refused', rule: 'dry-sanding-suspect-paint' });
    if (result.kind === 'refused') expect(result.waysOut.join(' ')).toMatch(/certified firm/);
  });

  it('a veneer that is too thin', () => {
    const result = planLadder(task({ targetGrit: 180, veneerUm: 270 }));
    expect(result).toMatchObject({ kind: 'refused', rule: 'veneer-too-thin' });
    if (result.kind === 'refused') {
      expect(result.because).toMatch(/0\.27 mm of veneer, 0\.25 mm has to stay/);
      expect(result.waysOut.length).toBeGreaterThan(1);
    }
  });

  it('a target coarser than the coarsest paper allowed', () => {
    expect(planLadder(task({ targetGrit: 80, coarsestGrit: 150 }))).toMatchObject({
      rule: 'no-rung-reaches',
    });
  });

  it('a task that is none is told by its field', () => {
    const parsed = sandingTask.safeParse({ defectUm: -1, targetGrit: 110 });
    expect(parsed.error?.issues.map((it) => it.path.join('.'))).toEqual(['defectUm', 'targetGrit']);
  });
});
