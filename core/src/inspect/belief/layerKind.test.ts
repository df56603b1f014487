import { USUAL_SHOP, paintLayer, type PaintLayer, type Piece } from '../../piece';
import { pieceOf, type Told } from '../../testing/pieces';
import { inspectSurface } from '..';

const layer = (colour: string, part: Partial<PaintLayer> = {}): PaintLayer =>
  paintLayer.parse({ surfaceId: 'top', layer: 1, colour, ...part });
const beliefsOf = (layers: readonly PaintLayer[], told: Told = {}) => {
  const piece: Piece = { ...pieceOf({ template: 'table', ...told }), layers: [...layers] };
  return inspectSurface(piece, { id: 'top' }, USUAL_SHOP);
};
// A factory film may be clear or coloured.
const PAINTS = ['latex', 'alkyd', 'chalk', 'milk'] as const;
const chanceOfPaint = (it: ReturnType<typeof beliefsOf>): number =>
  PAINTS.reduce((sum, id) => sum + it.finish.distribution[id], 0);

describe('a layer that was recorded on top', () => {
  it('with a colour makes paint of the surface, though a record may slip', () => {
    const [before, after] = [beliefsOf([]), beliefsOf([layer('white')])];
    expect(chanceOfPaint(after) + after.finish.distribution.factory).toBeGreaterThan(0.9);
    expect(chanceOfPaint(after)).toBeGreaterThan(chanceOfPaint(before));
    expect(after.finish.distribution.bare).toBeLessThan(before.finish.distribution.bare);
    expect(after.finish.distribution.bare).toBeGreaterThan(0);
  });

  it('that is clear makes a film of it', () => {
    const after = beliefsOf([layer('amber')]);
    expect(chanceOfPaint(after)).toBeLessThan(0.1);
    expect(after.finish.distribution.bare).toBeLessThan(0.1);
  });

  it('below the top says nothing of what lies on top', () => {
    expect(beliefsOf([layer('white', { layer: 2 })]).finish.distribution).toEqual(
      beliefsOf([]).finish.distribution,
    );
  });

  it('makes old paint suspect of lead, that bare wood was not', () => {
    const old: Told = {
      years: [1930, 1935],
      seen: { top: ['see-through:dull-wood', 'oil-drop:soaks'] },
    };
    expect(beliefsOf([], old).leadStatus.kind).toBe('notAsked');
    expect(beliefsOf([layer('cream')], { years: [1930, 1935] }).leadStatus.kind).toBe('open');
  });

  it('does not stand against the user’s own word', () => {
    const word: Told = { known: { top: { finish: 'shellac' } } };
    expect(beliefsOf([layer('white')], word).finish.likeliest).toBe('shellac');
  });
});
