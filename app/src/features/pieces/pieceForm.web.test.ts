import { TEMPLATES, pieceDescription } from '@obrik/core/piece';
import { descriptionOf, emptyForm, errorsOf, fieldOf, formOf, type PieceForm } from './pieceForm';

const typed = (part: Partial<PieceForm> = {}, units: 'metric' | 'us' = 'metric'): PieceForm => ({
  ...emptyForm(units),
  name: 'Chest',
  ...part,
});

const withMeasure = (id: string, value: string): PieceForm => {
  const form = typed();
  return {
    ...form,
    measures: { ...form.measures, chest: { ...form.measures.chest, [id]: value } },
  };
};

describe('what is typed', () => {
  it('untouched but for a name is a piece already, for every kind of furniture', () => {
    for (const { id } of TEMPLATES) {
      expect(descriptionOf(typed({ templateId: id }), 'metric').ok).toBe(true);
      expect(descriptionOf(typed({ templateId: id }, 'us'), 'us').ok).toBe(true);
    }
  });

  it('in inches and fractions becomes millimetres', () => {
    const form = typed({}, 'us');
    const chest = { ...form.measures.chest, width: '35 1/2', depth: '18', rows: '4' };
    const result = descriptionOf({ ...form, measures: { ...form.measures, chest } }, 'us');
    expect(result.ok && result.value.measures).toMatchObject({
      width: 901.7,
      depth: 457.2,
      rows: 4,
    });
  });

  it('and left empty as a year is unknown, not zero', () => {
    const result = descriptionOf(typed({ yearFrom: ' ', yearTo: '1950' }), 'metric');
    expect(result.ok && [result.value.yearFrom, result.value.yearTo]).toEqual([null, 1950]);
  });

  it.each([
    ['width', 'wide', 'measures.width'],
    ['rows', '2.5', 'measures.rows'],
    ['height', '', 'measures.height'],
  ])('wrongly as %s “%s” is told at %s', (id, value, path) => {
    const result = descriptionOf(withMeasure(id, value), 'metric');
    expect(result.ok ? [] : result.problems.map((it) => it.path)).toContain(path);
  });

  it('comes back as it was, so that editing changes nothing by itself', () => {
    const before = descriptionOf(typed({ yearFrom: '1930', origin: 'Attic' }), 'metric');
    if (!before.ok) throw new Error('not a description');
    const again = descriptionOf(formOf(pieceDescription.parse(before.value), 'metric'), 'metric');
    expect(again).toEqual(before);
  });
});

describe('problems', () => {
  it('of a measure belong to the field of the template that is chosen', () => {
    expect(fieldOf(typed({ templateId: 'bench' }), 'measures.width')).toBe('measures.bench.width');
    expect(fieldOf(typed(), 'name')).toBe('name');
  });

  it('are nested as the form wants them, several at once', () => {
    const errors = errorsOf(typed(), [
      { path: 'measures.width', message: 'Too wide.' },
      { path: 'measures.depth', message: 'Too deep.' },
      { path: 'yearFrom', message: 'Invalid input: expected int, received NaN' },
    ]);
    expect(errors).toMatchObject({
      measures: { chest: { width: { message: 'Too wide.' }, depth: { message: 'Too deep.' } } },
      yearFrom: { message: 'A whole year, or leave it empty.' },
    });
  });
});
