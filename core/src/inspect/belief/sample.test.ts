import { diceOf } from '../../dice';
import { inspectionTest } from '../../catalog';
import { pieceOf } from '../../testing/pieces';
import { asObservation, drawResult, drawResults, drawTruth, stateAt } from './sample';

const RUNS = 4000;
const piece = pieceOf({ template: 'table', years: [1990, 1999] });
const truths = Array.from({ length: RUNS }, (_, seed) => drawTruth(piece, diceOf(seed + 1)));
const share = (holds: (truth: ReadonlyMap<string, number>) => boolean) =>
  truths.filter(holds).length / RUNS;
const at = (truth: ReadonlyMap<string, number>, id: string) => stateAt(truth.get(id) ?? 0);

describe('synthetic pieces', () => {
  it('have the catalog’s shares: a third of tops from the 1990s are printed', () => {
    expect(share((it) => ['hpl', 'foil'].includes(at(it, 'top').substrate))).toBeCloseTo(0.33, 1);
    expect(share((it) => at(it, 'top').finish === 'factory')).toBeGreaterThan(0.3);
  });

  it('have sisters of one make more often than chance', () => {
    const alike = share((it) => at(it, 'apron').finish === at(it, 'legs').finish);
    // By chance alone two finishes of the 1990s are alike about one time in five.
    expect(alike).toBeGreaterThan(0.26);
    expect(alike).toBeLessThan(0.6);
  });

  it('never have softwood that is a hardwood, or print that has a wood', () => {
    for (const truth of truths.slice(0, 500)) {
      const top = at(truth, 'top');
      if (top.substrate === 'softwood') expect(['knotty', 'aromatic']).toContain(top.wood);
      if (top.substrate === 'foil') expect(top.wood).toBeNull();
    }
  });

  it('are the same for the same seed', () => {
    expect(drawTruth(piece, diceOf(5))).toEqual(drawTruth(piece, diceOf(5)));
  });
});

describe('what a test shows', () => {
  const chip = inspectionTest('chip');
  if (!chip) throw new Error('no chip');

  it('goes by the catalog: wood through in 95 of 100 looks at solid wood, less for slips', () => {
    const solid = truths.find((it) => at(it, 'top').substrate === 'hardwood')?.get('top') ?? 0;
    const dice = diceOf(99);
    const shown = Array.from({ length: RUNS }, () => drawResult(chip, solid, dice, 0));
    expect(shown.filter((it) => it === 0).length / RUNS).toBeCloseTo(0.95, 1);
    const slipping = Array.from({ length: RUNS }, () => drawResult(chip, solid, dice, 0.5));
    expect(slipping.filter((it) => it === 0).length / RUNS).toBeCloseTo(0.6, 1);
  });

  it('is drawn once: repeating a test tells nothing new', () => {
    const shows = drawResults(0, diceOf(4));
    expect(Array.from({ length: 20 }, () => shows(chip)).every((it) => it === shows(chip))).toBe(
      true,
    );
  });

  it('is recorded as an outcome, or as a figure within its band', () => {
    expect(asObservation(chip, 'top', 1, 7)).toMatchObject({ outcome: 'thin-wood', value: null });
    const gloss = inspectionTest('gloss');
    expect(gloss && asObservation(gloss, 'top', 3, 8)).toMatchObject({ outcome: null, value: 35 });
  });
});
