import { yearsInWords } from '../ticket';
import { pieceOf, seen } from '../testing/pieces';
import { buildOf, usualBody, piece, pieceDescription, pieceFile, read } from './index';
import { schemeInWords } from '../words';

describe('a description', () => {
  const chestOf = (measures: object, own: object = {}) => ({
    build: buildOf([
      usualBody('carcass', { ...own, measures: { ...usualBody('carcass').measures, ...measures } }),
    ]),
  });
  const problemsOf = (part: object) => {
    const result = read(pieceDescription, {
      name: 'Chest',
      ...chestOf({}),
      ...part,
    });
    return result.ok ? [] : result.problems;
  };

  it.each([
    ['no name', { name: '  ' }, 'name', /name/],
    ['a width of nothing', chestOf({ width: 5 }), 'build.bodies.0.measures.width', /between/],
    [
      'half a drawer',
      { build: buildOf([usualBody('table', { measures: { drawers: 1.5 } })]) },
      'build.bodies.0.measures.drawers',
      /whole number/,
    ],
    ['wings', chestOf({ wings: 2 }), 'build.bodies.0.measures.wings', /no such measure/],
    [
      'no depth',
      { build: { bodies: [{ id: '', kind: 'carcass', measures: { width: 900 } }] } },
      'build.bodies.0.measures.depth',
      /missing/,
    ],
    [
      'legs as tall as the piece',
      chestOf({ height: 300, legHeight: 290 }),
      'build.bodies.0.measures.legHeight',
      /most of the whole height/,
    ],
    [
      'a way to stand that there is not',
      chestOf({}, { choices: { support: 'wings' } }),
      'build.bodies.0.choices.support',
      /legs, feet, plinth, casters/,
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

describe('a piece file', () => {
  it('says what it is not', () => {
    const result = read(pieceFile, { format: 'letter', version: 7, piece: pieceOf() });
    expect(result.ok ? [] : result.problems.map((it) => it.path)).toEqual(['format', 'version']);
  });

  it('takes the usual shop where none is given, in either version', () => {
    for (const version of [1, 2]) {
      const result = read(pieceFile, { format: 'obrik-piece', version, piece: pieceOf() });
      expect(result.ok && result.value.shop).toMatchObject({
        units: 'metric',
        leadCutoffYear: 1978,
        airCelsius: 18,
        airHumidity: 55,
      });
    }
  });
});

it('tells schemes in words', () => {
  expect(schemeInWords({ kind: 'painted', shade: 'pale', topcoat: 'oil' })).toBe(
    'painted, pale colour, oil-based clear',
  );
  expect(schemeInWords({ kind: 'leave' })).toBe('left as it is');
});
