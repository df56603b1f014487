import { yearsInWords } from '../ticket';
import fc from 'fast-check';
import { descriptions } from '../testing/arbitraries';
import { pieceOf, seen, usualMeasures } from '../testing/pieces';
import {
  TEMPLATES,
  applyChange,
  piece,
  pieceDescription,
  pieceFile,
  read,
  surfacesOf,
  templateOf,
  type Change,
  type TemplateId,
} from './index';
import { schemeInWords } from '../words';

const areasOf = (templateId: TemplateId, measures = {}) =>
  Object.fromEntries(
    surfacesOf({ templateId, measures: { ...usualMeasures(templateId), ...measures } }).map(
      (it) => [it.id, Math.round(it.areaMm2)],
    ),
  );

describe('areas of the templates, worked by hand with boards of 20 mm and legs of 45 mm', () => {
  it('chest 900 × 450 × 850, legs 100, 4 rows', () => {
    expect(areasOf('chest')).toEqual({
      top: 900 * 450 + 900 * 20 + 2 * 450 * 20,
      left: 450 * 730,
      right: 450 * 730,
      back: 900 * 730,
      // Openings: 900 − 2 × 20 wide; (750 − 5 × 20) / 4 high.
      fronts: 4 * 860 * 162.5,
      frame: 2 * 20 * 730 + 4 * 860 * 20,
      drawerSides: 8 * 410 * 142.5,
      legs: 4 * 4 * 45 * 100,
    });
  });

  it('cabinet 1000 × 420 × 850, legs 120, 2 doors, 1 shelf', () => {
    expect(areasOf('cabinet')).toEqual({
      top: 456_800,
      left: 298_200,
      right: 298_200,
      back: 710_000,
      doors: 2 * 470 * 690,
      frame: 61_400,
      inside: 2_750_400,
      legs: 86_400,
    });
  });

  it('table 1400 × 800 × 750, apron 90', () => {
    expect(areasOf('table')).toEqual({
      top: 1_180_000,
      underside: 1_120_000,
      apron: 363_600,
      legs: 540_000,
    });
  });

  it('bench 1400 × 380 × 450, with and without a backrest of 500', () => {
    expect(areasOf('bench')).toEqual({ seat: 575_200, apron: 256_000, legs: 324_000 });
    expect(areasOf('bench', { backrestHeight: 500 })).toMatchObject({ backrest: 2 * 1400 * 500 });
  });

  it('wardrobe 1100 × 580 × 1950, feet 80, 2 doors', () => {
    expect(areasOf('wardrobe')).toMatchObject({ top: 683_200, left: 1_073_000, doors: 1_903_200 });
  });

  it('bookcase 800 × 300 × 1800, 4 shelves, no feet', () => {
    expect(areasOf('bookcase')).toMatchObject({ top: 268_000, left: 534_000, inside: 4_451_200 });
    expect(areasOf('bookcase')).not.toHaveProperty('legs');
  });

  it('stool 360 × 360 × 480', () => {
    expect(areasOf('stool')).toMatchObject({ seat: 151_200 });
  });

  it('front frame and what it holds make up the whole front below the top', () => {
    const { fronts = 0, frame = 0 } = areasOf('chest');
    expect(fronts + frame).toBe(900 * 730);
    const { doors = 0, frame: doorFrame = 0 } = areasOf('cabinet');
    expect(doors + doorFrame).toBe(1000 * 710);
  });
});

describe('every template', () => {
  it('gives positive areas, faces that it has surfaces for, and faces that stand in the plane', () => {
    fc.assert(
      fc.property(descriptions, (description) => {
        const surfaces = surfacesOf(description);
        const ids = new Set(surfaces.map((it) => it.id));
        for (const surface of surfaces) expect(surface.areaMm2).toBeGreaterThan(0);
        for (const face of templateOf(description.templateId).faces(description.measures)) {
          expect(ids).toContain(face.surfaceId);
          expect(Math.min(face.x, face.y)).toBeGreaterThanOrEqual(0);
          expect(Math.min(face.width, face.height)).toBeGreaterThan(0);
        }
      }),
    );
  });

  it('is valid with its usual measures', () => {
    for (const template of TEMPLATES) {
      const measures = usualMeasures(template.id);
      expect(read(pieceDescription, { name: 'x', templateId: template.id, measures }).ok).toBe(
        true,
      );
    }
  });
});

describe('a description', () => {
  const problemsOf = (part: object) => {
    const result = read(pieceDescription, {
      name: 'Chest',
      templateId: 'chest',
      measures: usualMeasures('chest'),
      ...part,
    });
    return result.ok ? [] : result.problems;
  };

  it.each([
    ['no name', { name: '  ' }, 'name', /name/],
    [
      'a width of nothing',
      { measures: { ...usualMeasures('chest'), width: 5 } },
      'measures.width',
      /between 200 and 3000 mm/,
    ],
    [
      'half a drawer',
      { measures: { ...usualMeasures('chest'), rows: 2.5 } },
      'measures.rows',
      /whole number/,
    ],
    ['a missing depth', { measures: { width: 900 } }, 'measures.depth', /missing/],
    [
      'legs as tall as the piece',
      { measures: { ...usualMeasures('chest'), height: 300, legHeight: 290 } },
      'measures.legHeight',
      /most of the whole height/,
    ],
    ['years the wrong way round', { yearFrom: 1950, yearTo: 1930 }, 'yearTo', /before/],
    ['a year to come', { yearFrom: 3000 }, 'yearFrom', /in the future/],
  ])('with %s is refused beside the field', (_, part, path, message) => {
    const problem = problemsOf(part).find((it) => it.path === path);
    expect(problem?.message).toMatch(message);
  });

  it.each([
    [1938, 1938, 'about 1938'],
    [1930, 1939, '1930–1939'],
    [1930, null, 'after 1930'],
    [null, 1950, 'before 1950'],
    [null, null, 'age unknown'],
  ])('from %s to %s is told as %s', (yearFrom, yearTo, words) => {
    expect(yearsInWords({ yearFrom, yearTo })).toBe(words);
  });
});

describe('what is recorded', () => {
  const withObservation = (part: object) =>
    read(piece, {
      ...pieceOf(),
      observations: [{ ...seen('top', 'tap', { outcome: 'full' }), ...part }],
    });

  it.each([
    ['an unknown test', { testId: 'lick' }, 'observations.0.testId'],
    ['an outcome the test does not have', { outcome: 'purple' }, 'observations.0.outcome'],
    ['a surface the piece does not have', { surfaceId: 'roof' }, 'observations.0.surfaceId'],
    [
      'a veneer of a hand’s width',
      { testId: 'veneer-thickness', outcome: null, value: 90 },
      'observations.0.value',
    ],
    [
      'a reading without a figure',
      { testId: 'veneer-thickness', outcome: null },
      'observations.0.value',
    ],
    [
      'two and a half layers',
      { testId: 'layer-count', outcome: null, value: 2.5 },
      'observations.0.value',
    ],
    [
      'a lead result for no layer',
      { testId: 'lead-swab', outcome: 'found' },
      'observations.0.layer',
    ],
    ['a time that is none', { at: 'yesterday' }, 'observations.0.at'],
  ])('is refused with %s, by its path', (_, part, path) => {
    const result = withObservation(part);
    expect(result.ok ? [] : result.problems.map((it) => it.path)).toContain(path);
  });

  it('never settles lead by saying so', () => {
    const confirmation = {
      surfaceId: 'top',
      variable: 'lead',
      value: 'absent',
      at: '2026-01-01T00:00:00Z',
    };
    const result = read(piece, { ...pieceOf(), confirmations: [confirmation] });
    expect(result.ok ? '' : result.problems[0]?.message).toMatch(/Record a result for each layer/);
  });
});

describe('changes', () => {
  it('of the measures may not take away a surface that something is recorded on', () => {
    const before = pieceOf({ seen: { legs: ['tap:full'] } });
    const description = pieceDescription.parse({
      ...before,
      measures: { ...before.measures, legHeight: 0 },
    });
    const after = applyChange(before, { kind: 'describe', description });
    expect(after.ok ? '' : after.problems[0]?.message).toMatch(/no surface "legs"/);
  });

  it('are refused where they were made already, or have nothing to act on', () => {
    const before = pieceOf({ seen: { top: ['tap:full'] }, found: { top: ['dent'] } });
    const [observation] = before.observations;
    const [finding] = before.findings;
    if (!observation || !finding) throw new Error('The piece lacks what the test needs.');
    const refused: Change[] = [
      { kind: 'observe', observation },
      { kind: 'find', finding },
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
});

describe('a piece file', () => {
  it('says what it is not', () => {
    const result = read(pieceFile, { format: 'letter', version: 7, piece: pieceOf() });
    expect(result.ok ? [] : result.problems.map((it) => it.path)).toEqual(['format', 'version']);
  });

  it('takes the usual shop where none is given', () => {
    const result = read(pieceFile, { format: 'obrik-piece', version: 1, piece: pieceOf() });
    expect(result.ok && result.value.shop).toMatchObject({
      units: 'metric',
      leadCutoffYear: 1978,
      airCelsius: 18,
      airHumidity: 55,
    });
  });
});

it('tells schemes in words', () => {
  expect(schemeInWords({ kind: 'painted', shade: 'pale', topcoat: 'oil' })).toBe(
    'painted, pale colour, oil-based clear',
  );
  expect(schemeInWords({ kind: 'leave' })).toBe('left as it is');
});
