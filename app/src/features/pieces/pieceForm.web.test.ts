import { QUICK_STARTS, frontToText, pieceDescription, readBody } from '@obrik/core/piece';
import {
  descriptionOf,
  emptyForm,
  errorsOf,
  fieldOf,
  formOf,
  slipOf,
  withBuild,
  type PieceForm,
} from './pieceForm';

const typed = (part: Partial<PieceForm> = {}, units: 'metric' | 'us' = 'metric'): PieceForm => ({
  ...emptyForm(units),
  name: 'Chest',
  ...part,
});

const withMeasures = (measures: Record<string, string>, units: 'metric' | 'us' = 'metric') => {
  const form = typed({}, units);
  return { ...form, typed: { b: { ...form.typed.b, ...measures } } };
};
const started = (id: string): PieceForm => {
  const start = QUICK_STARTS.find((it) => it.id === id);
  if (!start) throw new Error(`No start ${id}`);
  return typed(withBuild(start.build, 'metric'));
};

describe('what is typed', () => {
  it('untouched but for a name is a piece already, for every quick start', () => {
    for (const { build } of QUICK_STARTS) {
      for (const units of ['metric', 'us'] as const) {
        const result = descriptionOf(typed(withBuild(build, units), units), units);
        // A figure is not rounded by being shown.
        expect(result.ok && result.value.build).toEqual(build);
      }
    }
  });

  it('in inches and fractions becomes millimetres, with the front in one line', () => {
    const form = withMeasures({ width: '35 1/2', depth: '18 in', height: '90 cm' }, 'us');
    const result = descriptionOf({ ...form, fronts: { b: 'door | 2 drawers' } }, 'us');
    const [body] = result.ok ? result.value.build.bodies : [];
    expect(body?.measures).toMatchObject({ width: 901.7, depth: 457.2, height: 900 });
    expect(body && frontToText(readBody(body).front!)).toBe('door | 2 drawers');
  });

  it('in the wrong unit is noticed: 900 inches for a bedside cabinet', () => {
    const form = started('bedside');
    const [body] = form.build.bodies;
    if (!body) throw new Error('A cabinet has a body.');
    const wrong = { ...form, typed: { b: { ...form.typed.b, width: '900 in' } } };
    expect(slipOf(wrong, body, 'width', 'us')).toEqual({ meantMm: 900, unit: 'mm' });
    expect(slipOf(form, body, 'width', 'metric')).toBeUndefined();
  });

  it('and left empty as a year is unknown, not zero', () => {
    const result = descriptionOf(typed({ yearFrom: ' ', yearTo: '1950' }), 'metric');
    expect(result.ok && [result.value.yearFrom, result.value.yearTo]).toEqual([null, 1950]);
  });

  it.each([
    ['width', 'wide', 'build.bodies.0.measures.width'],
    ['height', '', 'build.bodies.0.measures.height'],
    ['depth', '9 m', 'build.bodies.0.measures.depth'],
  ])('wrongly as %s “%s” is told at %s', (id, value, path) => {
    const result = descriptionOf(withMeasures({ [id]: value }), 'metric');
    expect(result.ok ? [] : result.problems.map((it) => it.path)).toContain(path);
  });

  it('as a front that nobody builds is told beside the line', () => {
    const form = typed({ fronts: { b: '3 windows' } });
    const result = descriptionOf(form, 'metric');
    const [problem] = result.ok ? [] : result.problems;
    expect(problem?.message).toMatch(/3 windows/);
    expect(fieldOf(form, problem?.path ?? '')).toBe('fronts.b');
  });

  it('comes back as it was, so that editing changes nothing by itself', () => {
    const before = descriptionOf(typed({ yearFrom: '1930', origin: 'Attic' }), 'metric');
    if (!before.ok) throw new Error('not a description');
    const again = descriptionOf(formOf(pieceDescription.parse(before.value), 'metric'), 'metric');
    expect(again).toEqual(before);
  });
});

describe('problems', () => {
  it('of a measure belong to the field of its body', () => {
    const form = started('hutch');
    expect(fieldOf(form, 'build.bodies.1.measures.width')).toBe('typed.b2.width');
    expect(fieldOf(form, 'name')).toBe('name');
  });

  it('are nested as the form wants them, several at once', () => {
    const errors = errorsOf(typed(), [
      { path: 'build.bodies.0.measures.width', message: 'Too wide.' },
      { path: 'build.bodies.0.measures.depth', message: 'Too deep.' },
      { path: 'yearFrom', message: 'Invalid input: expected int, received NaN' },
    ]);
    expect(errors).toMatchObject({
      typed: { b: { width: { message: 'Too wide.' }, depth: { message: 'Too deep.' } } },
      yearFrom: { message: 'A whole year, or leave it empty.' },
    });
  });
});
