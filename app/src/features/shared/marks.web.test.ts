import { inspectPiece } from '@obrik/core/inspect';
import { outcomeInWords, recordedInWords } from '@obrik/core/words';
import { USUAL_SHOP, finding, newPiece, pieceDescription, type Piece } from '@obrik/core/piece';
import { beliefInWords, marksOf } from './marks';

const AT = '2026-01-01T00:00:00Z';
const seen = (testId: string, part: object) => ({
  id: `${testId}-1`,
  surfaceId: 'top',
  testId,
  outcome: null,
  value: null,
  layer: null,
  at: AT,
  by: '',
  ...part,
});

const TABLE: Piece = {
  ...newPiece(
    'table',
    pieceDescription.parse({
      name: 'Table',
      templateId: 'table',
      measures: { width: 1400, depth: 800, height: 750, apronHeight: 90 },
      yearFrom: 1935,
      yearTo: 1950,
    }),
  ),
  observations: [
    seen('chip', { outcome: 'thin-wood' }),
    seen('edge-grain', { outcome: 'thin-line' }),
    seen('see-through', { outcome: 'clear-film' }),
  ],
  findings: [
    finding.parse({ id: 'a', surfaceId: 'top', damage: 'dent', at: AT, place: { x: 0.1, y: 0.9 } }),
    finding.parse({ id: 'b', surfaceId: 'top', damage: 'burn', at: AT }),
  ],
};
const beliefs = inspectPiece(TABLE, USUAL_SHOP);
const top = beliefs[0];

describe('the drawing', () => {
  const marks = marksOf(TABLE, beliefs);

  it('hatches what is sure, though the core below the veneer is not', () => {
    expect(marks.get('top')?.material).toMatch(/^veneer/);
    expect(marks.get('legs')?.material).toBeNull();
  });

  it('says in words what the eye sees, and knows where each damage lies', () => {
    expect(marks.get('top')?.words).toMatch(/^(very likely|almost certainly) veneer, /);
    expect(marks.get('top')?.findings).toEqual([{ x: 0.1, y: 0.9 }, null]);
  });
});

it('a belief is a sentence, a word of the user another', () => {
  if (!top) throw new Error('no top');
  expect(beliefInWords(top.substrate)).toMatch(/^(Very likely|Almost certainly) veneer$/);
  expect(beliefInWords({ ...top.substrate, confirmed: true })).toMatch(/^Confirmed: /);
});

describe('what is on record, in words', () => {
  it.each([
    [seen('chip', { outcome: 'plies' }), 'Plies, crosswise'],
    [seen('lead-swab', { outcome: 'notFound', layer: 2 }), 'Not found, layer 2'],
    [seen('layer-count', { value: 4 }), '4 layers'],
    [seen('gone', { outcome: 'x' }), 'gone'],
  ])('%j', (observation, words) => {
    expect(outcomeInWords(observation)).toBe(words);
  });

  it('has a question answered without a colon, and veneer in the shop’s units', () => {
    expect(recordedInWords(seen('see-through', { outcome: 'opaque' }), 'metric')).toBe(
      'Can you see wood through it? Paint: no wood to see',
    );
    expect(recordedInWords(seen('veneer-thickness', { value: 0.6 }), 'us')).toMatch(/23\.6 mil$/);
  });
});
