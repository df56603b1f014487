import { USUAL_SHOP } from '../../piece';
import { pieceOf } from '../../testing/pieces';
import { nextLooks } from '..';

const asked = (piece: ReturnType<typeof pieceOf>, surfaceId: string) =>
  nextLooks(piece, USUAL_SHOP, surfaceId).map((it) => it.test);

// Common practice, no source: eyes before hands, hands before bottles.
describe('what is asked next', () => {
  it('is first whether it is painted, and what is free before what costs', () => {
    const tests = asked(pieceOf(), 'top');
    expect(tests[0]?.id).toBe('see-through');
    const costs = tests.map((it) => it.cost > 0 || it.harmMinutes > 0 || it.minutes > 1);
    expect(costs).toEqual([...costs].sort((a, b) => Number(a) - Number(b)));
    expect(costs).toContain(true);
  });

  it('is lead before anything else, once old paint was seen', () => {
    const old = pieceOf({ years: [1920, 1930], seen: { top: ['see-through:opaque'] } });
    expect(asked(old, 'top')[0]?.id).toBe('layer-count');
  });

  it('is nothing that the other side has answered', () => {
    const plain = asked(pieceOf(), 'right').map((it) => it.id);
    const piece = pieceOf({ seen: { left: [`see-through:clear-film`, 'edge-grain:thin-line'] } });
    const now = asked(piece, 'right').map((it) => it.id);
    expect(plain).toEqual(expect.arrayContaining(['see-through', 'edge-grain']));
    expect(now).not.toContain('see-through');
    expect(now).not.toContain('edge-grain');
    expect(asked(piece, 'top').map((it) => it.id)).toContain('see-through');
  });
});
