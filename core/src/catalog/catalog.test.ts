import {
  BLEEDS,
  DAMAGES,
  FINISHES,
  FINISH_PRIORS,
  FINISH_PRIORS_OFF_WOOD,
  GRITS,
  GRIT_SOURCE,
  INSPECTION_TESTS,
  LEAD_LIMITS,
  PRIMERS,
  STAIN_PRIOR,
  STRIP_WAYS,
  SUBSTRATES,
  SUBSTRATE_PRIORS,
  VARIABLES,
  WOODS,
  WOOD_PRIORS,
  bandOf,
  informs,
  inspectionTest,
  resultCount,
  type Variable,
} from './index';

const sumOf = (list: readonly number[]) => list.reduce((a, b) => a + b, 0);

it('the cross-cut is cut by the film: eleven at 1 mm up to 50 µm, six at 2 mm to 125 (ASTM D3359 B, from memory)', () => {
  const how = inspectionTest('cross-cut')?.how.join(' ');
  expect(how).toMatch(/up to 50 µm: 11 cuts 1 mm apart/);
  expect(how).toMatch(/to 125 µm: 6 cuts 2 mm apart/);
});

describe('published figures (values from memory)', () => {
  it('holds the grain medians of ISO 6344 / FEPA 43', () => {
    const expected = [
      [40, 425],
      [50, 336],
      [60, 269],
      [80, 201],
      [100, 162],
      [120, 125],
      [150, 100],
      [180, 82],
      [220, 68],
      [240, 58.5],
      [280, 52.2],
      [320, 46.2],
      [360, 40.5],
      [400, 35],
      [500, 30.2],
      [600, 25.8],
      [800, 21.8],
      [1000, 18.3],
      [1200, 15.3],
    ];
    expect(GRITS.map((it) => [it.grit, it.grainUm])).toEqual(expected);
    expect(GRIT_SOURCE).toMatchObject({ mark: 'S' });
  });

  it('holds the lead limits of 40 CFR 745.103, 745.85 and 16 CFR 1303', () => {
    expect(LEAD_LIMITS.leadBasedPaintPpm.value).toBe(5000);
    expect(LEAD_LIMITS.leadBasedPaintMgPerCm2.value).toBe(1);
    expect(LEAD_LIMITS.consumerPaintPpm.value).toBe(90);
    expect(LEAD_LIMITS.consumerPaint1978Ppm.value).toBe(600);
    expect(LEAD_LIMITS.cutoffYear.value).toBe(1978);
    // 1100 °F
    expect(LEAD_LIMITS.heatGunCelsius.value).toBeCloseTo(593.33, 2);
  });

  it('orders the woods by side hardness as the Wood Handbook, ch. 5, does', () => {
    const janka = Object.fromEntries(WOODS.rows.map((it) => [it.id, it.jankaLbf]));
    expect(janka).toMatchObject({
      redTropical: 800,
      oily: 1000,
      rosewood: 3170,
      pale: 1300,
      ringPorous: 1290,
      walnut: 1010,
      cherry: 950,
      paintGrade: 540,
      knotty: 460,
      // Furniture cedar is eastern redcedar.
      aromatic: 900,
    });
  });
});

describe('every row', () => {
  const tables = { SUBSTRATES, FINISHES, BLEEDS, DAMAGES, PRIMERS, STRIP_WAYS };

  it.each(Object.entries(tables))('of %s says where it comes from', (_, table) => {
    for (const row of table.rows) expect(['S', 'P', 'J']).toContain(row.source.mark);
  });

  it('of the inspection tests can be done from what it says', () => {
    expect(INSPECTION_TESTS.length).toBeGreaterThanOrEqual(30);
    for (const test of INSPECTION_TESTS) {
      expect(test.how.length).toBeGreaterThan(0);
      expect(test.minutes).toBeGreaterThan(0);
      expect(test.misleads).not.toBe('');
      expect(['S', 'P']).toContain(test.source.mark);
      expect(test.where).not.toBe('');
      expect(test.harm === 'None.').toBe(test.harmMinutes === 0);
      expect(test.uses === '').toBe(test.cost === 0);
      if (test.kind !== 'reading') {
        const ids = test.outcomes.map((it) => it.id);
        expect(new Set(ids).size).toBe(ids.length);
      }
    }
  });

  it('of the inspection tests has an id of its own', () => {
    const ids = INSPECTION_TESTS.map((it) => it.id);
    expect(new Set(ids).size).toBe(ids.length);
  });
});

describe('likelihoods', () => {
  const rows = INSPECTION_TESTS.flatMap((test) =>
    test.informs.map((row, index) => [`${test.id}, row ${index + 1}`, test, row, index] as const),
  );

  it.each(rows)(
    '%s has one chance for each result, summing to 1, none of them 0',
    (_, test, { when, chances }, index) => {
      expect(chances).toHaveLength(resultCount(test));
      expect(sumOf(chances)).toBeCloseTo(1, 9);
      // A test that rules a value out for good would make one slip of the hand unforgivable.
      expect(Math.min(...chances)).toBeGreaterThan(0);
      // The last row stands for all the rest, and no other does.
      expect(when === undefined).toBe(index === test.informs.length - 1);
      for (const [variable, values] of Object.entries(when ?? {})) {
        const known = VARIABLES[variable as Variable].values.map((it) => it.id as string);
        for (const value of values) expect(known).toContain(value);
      }
    },
  );

  it('leave every variable but lead answerable by a test that does no harm', () => {
    for (const variable of ['substrate', 'wood', 'finish', 'bleed'] as const) {
      const harmless = INSPECTION_TESTS.filter(
        (it) => it.kind === 'choice' && informs(it, variable) && it.harm === 'None.',
      );
      expect(harmless.length).toBeGreaterThan(0);
    }
  });
});

describe('readings', () => {
  const bandAt = (id: string, value: number) => {
    const test = inspectionTest(id);
    if (test?.kind !== 'reading') throw new Error(`No reading ${id}`);
    return test.bands[bandOf(test, value) ?? -1]?.label;
  };

  it.each([
    // ASTM D3359 method B: none, under 5, 5–15, 15–35, 35–65, over 65 % of the lattice removed
    // (value from memory), of 25 squares.
    [0, '5B'],
    [1, '4B'],
    [0.15 * 25, '3B'],
    [0.35 * 25, '2B'],
    [0.65 * 25, '1B'],
    [16.5, '0B'],
  ])('a cross-cut with %d of 25 squares gone is class %s', (squares, name) => {
    expect(bandAt('cross-cut', squares)).toMatch(new RegExp(`^${name}`));
  });

  it.each([
    // MPI gloss levels at 60° (value from memory).
    [5, 'G1'],
    [10, 'G2'],
    [25, 'G3'],
    [35, 'G4'],
    [70, 'G5'],
    [85, 'G6'],
    [86, 'G7'],
  ])('a gloss of %d GU is level %s', (gu, name) => {
    expect(bandAt('gloss', gu)).toMatch(new RegExp(`^${name}`));
  });

  it.each([
    [3, /sour/],
    [7, /neutral/],
    [10, /alkaline/],
  ])('pH %d after stripping is %s (common practice, no source)', (ph, words) => {
    expect(bandAt('surface-ph', ph)).toMatch(words);
  });
});

describe('priors', () => {
  it('sum to 1 in every era', () => {
    const weights = [
      ...Object.values(WOOD_PRIORS),
      ...Object.values(FINISH_PRIORS),
      ...Object.values(FINISH_PRIORS_OFF_WOOD),
      ...Object.values(SUBSTRATE_PRIORS).flatMap((it) => Object.values(it)),
    ];
    for (const it of weights) expect(sumOf(Object.values(it))).toBeCloseTo(1, 9);
  });

  it('never let wood bleed more than it can', () => {
    for (const { bleeds } of WOODS.rows) {
      expect(bleeds.tannin + bleeds.resin + bleeds.dye + STAIN_PRIOR.onWood).toBeLessThan(1);
    }
  });
});

describe('what may hurt', () => {
  it('is never a banned remover (40 CFR 751 subpart B)', () => {
    const everything = JSON.stringify([STRIP_WAYS.rows, PRIMERS.rows, DAMAGES.rows]).toLowerCase();
    expect(everything).not.toContain('methylene chloride');
    expect(everything).not.toContain('dichloromethane');
  });

  it('on lead is wet or chemical, never dust or heat (40 CFR 745.85)', () => {
    for (const way of STRIP_WAYS.rows) {
      if (way.allowedOnLead) expect(way.makesDust).toBe(false);
      if (way.id === 'heat' || way.id === 'sand') expect(way.allowedOnLead).toBe(false);
    }
  });

  it('names protection for every solvent and every acid', () => {
    for (const way of STRIP_WAYS.rows) expect(way.protection.length).toBeGreaterThan(0);
    for (const primer of PRIMERS.rows) expect(primer.protection.length).toBeGreaterThan(0);
    expect(DAMAGES.get('darkRing').underClear?.caution).toMatch(/poison/i);
  });

  it('says who makes a stain take: nothing that is printed', () => {
    expect(SUBSTRATES.get('foil').stainable).toBe(false);
    expect(SUBSTRATES.get('board').stainable).toBe(false);
    expect(SUBSTRATES.get('veneerCore').stainable).toBe(true);
  });
});
