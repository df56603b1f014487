import { USUAL_SHOP, newPiece, pieceDescription, facesOf, surfacesOf, type Piece } from '../piece';
import { usualMeasures } from '../testing/pieces';
import { planRoute, type Operation } from './index';

// A wall of bays: many surfaces, few kinds of work (common practice, no source).

const wall = (bays: number): Piece => {
  const piece = newPiece(
    'wall',
    pieceDescription.parse({
      name: 'Wall',
      templateId: 'wall',
      measures: { ...usualMeasures('wall'), bays },
      yearFrom: 1990,
      yearTo: 1999,
    }),
  );
  return {
    ...piece,
    aims: surfacesOf(piece).map(({ id }) => ({
      surfaceId: id,
      scheme: { kind: 'painted', shade: 'mid', topcoat: 'waterborne' },
      stripWish: 'best',
    })),
  };
};
const route = (piece: Piece) => planRoute(piece, USUAL_SHOP);
const one = (piece: Piece, method: string): Operation => {
  const found = route(piece).operations.find((it) => it.method === method);
  if (!found) throw new Error(`No ${method}`);
  return found;
};

describe('a wall of nine bays', () => {
  const piece = wall(9);

  it('has four surfaces of its own and four in each bay', () => {
    expect(surfacesOf(piece)).toHaveLength(4 + 9 * 4);
    expect(surfacesOf(wall(1)).map((it) => it.name)).toEqual([
      'Cornice',
      'Left end',
      'Right end',
      'Plinth',
      'Bay 1 shelves',
      'Bay 1 back panel',
      'Bay 1 uprights',
      'Bay 1 doors',
    ]);
  });

  it('has the areas that its measures give: shelves on both sides with their front edge', () => {
    const areas = new Map(surfacesOf(piece).map((it) => [it.id, it.areaMm2]));
    // 800 wide less two boards of 20; 320 deep; four shelves, and the board below them once.
    expect(areas.get('shelves-3')).toBe(760 * 320 * 9 + 760 * 20 * 4);
    // Doors take a third of the height, at most 700.
    expect(areas.get('doors-3')).toBe(760 * 700);
    expect(areas.get('panel-3')).toBe(760 * (2200 - 700 - 40));
    expect(areas.get('left')).toBe(320 * 2200);
  });

  it('is drawn bay beside bay, none over another', () => {
    const faces = facesOf(piece);
    const frames = faces.filter((it) => it.surfaceId?.startsWith('frame'));
    expect(frames).toHaveLength(9);
    frames.slice(1).forEach((it, index) => {
      expect(it.x).toBeCloseTo((frames[index]?.x ?? 0) + 800);
    });
  });

  it('takes its doors off once, numbers all of them, and hangs them again', () => {
    expect(one(piece, 'doors-off').title).toMatch(/all 18/);
    expect(one(piece, 'doors-on').minutes).toBeGreaterThan(0);
  });

  it('is coated in one go: no more steps than a wall of one bay, and more work', () => {
    const [small, big] = [route(wall(1)), route(piece)];
    expect(big.operations.length).toBe(small.operations.length);
    expect(big.minutes).toBeGreaterThan(2 * small.minutes);
  });

  it('coats doors backs first, and is anchored to the wall', () => {
    expect(one(piece, 'coat-cabinetEnamel').how.join(' ')).toMatch(/Backs first/);
    expect(one(piece, 'anchor').cautions).not.toEqual([]);
  });

  it('a bay that is left out of the aims is left out of the work, but for the tape over it', () => {
    const without = { ...piece, aims: piece.aims.filter((it) => !it.surfaceId.endsWith('-4')) };
    const { operations, unaimedSurfaceIds } = route(without);
    expect(unaimedSurfaceIds).toEqual(['shelves-4', 'panel-4', 'frame-4', 'doors-4']);
    for (const it of operations.filter(({ method }) => method !== 'mask-bare')) {
      expect(it.surfaceIds.filter((id) => id.endsWith('-4'))).toEqual([]);
    }
  });

  it('a bay that is damaged is mended by itself', () => {
    const at = '2026-01-15T10:00:00.000Z';
    const finding = {
      id: 'f',
      surfaceId: 'shelves-2',
      damage: 'gouge' as const,
      count: 2,
      lengthMm: null,
      widthMm: null,
      depthMm: null,
      direction: 'none' as const,
      place: null,
      photoId: null,
      note: '',
      at,
    };
    const mended = { ...piece, findings: [finding] };
    expect(one(mended, 'two-part-filler').surfaceIds).toEqual(['shelves-2']);
  });
});
