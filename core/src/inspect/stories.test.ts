import fc from 'fast-check';
import { USUAL_SHOP, surfacesOf, type Piece } from '../piece';
import { applyChange, type PieceChange } from '../ledger';
import { observationOn, pieces } from '../testing/arbitraries';
import { pieceOf, type Told } from '../testing/pieces';
import { adviseSurface, advisePiece, inspectPiece, inspectSurface, stateOf } from './index';

// Whole looks, told as a refinisher makes them (common practice, no source).

const look = (told: Told, surfaceId = 'top') => {
  const piece = pieceOf(told);
  return {
    piece,
    beliefs: inspectSurface(piece, { id: surfaceId }, USUAL_SHOP),
    next: adviseSurface(piece, USUAL_SHOP, surfaceId)[0],
  };
};

describe('a mahogany-veneered radio from the 1930s', () => {
  const { beliefs, next } = look(
    {
      template: 'cabinet',
      years: [1936, 1940],
      seen: {
        doors: [
          'edge-grain:thin-line',
          'pattern:mirrored',
          'wood-look:red-brown',
          'see-through:clear-film',
          'alcohol:sticky',
          'uv-lamp:orange',
          'wet-rag:red',
          'chip:thin-wood',
        ],
      },
      aims: { doors: { kind: 'stained', shade: 'dark', topcoat: 'oil' } },
    },
    'doors',
  );

  it('is veneer under shellac that bleeds dye', () => {
    expect(beliefs.substrate.said.label).toMatch(/veneer/);
    expect(beliefs.finish.likeliest).toBe('shellac');
    expect(beliefs.bleed.likeliest).toBe('dye');
    expect(stateOf(beliefs)).toBe('settled');
  });

  it('has its veneer measured before anything else, since it is to be stripped', () => {
    expect(next?.test.id).toBe('veneer-thickness');
  });
});

describe('a foil-wrapped trolley from the 1990s', () => {
  const foil = ['pattern:printed', 'edge-grain:seam', 'touch:dead-smooth', 'tap:click'];

  it('is printed, and no test for wood or bleed is worth its minutes', () => {
    const { beliefs, piece } = look({
      template: 'bookcase',
      years: [1988, 1995],
      seen: { top: [...foil, 'lacquer-thinner:nothing'] },
      aims: { top: { kind: 'painted', shade: 'dark', topcoat: 'none' } },
    });
    expect(beliefs.substrate.said.label).toMatch(/printed/);
    const ids = adviseSurface(piece, USUAL_SHOP, 'top').map((it) => it.test.id);
    for (const idle of ['wood-look', 'smell', 'end-grain-lens', 'iron-drop', 'bleed-patch']) {
      expect(ids).not.toContain(idle);
    }
  });

  it('does not become wood by one odd result', () => {
    const { beliefs } = look({ years: [1988, 1995], seen: { top: [...foil, 'heft:light'] } });
    expect(beliefs.substrate.said.label).toMatch(/printed/);
  });
});

describe('what is asked depends on what is wanted', () => {
  const seen = { top: ['see-through:dull-wood', 'edge-grain:turns-corner'] };
  const worthOf = (id: string, told: Told) =>
    adviseSurface(pieceOf({ ...told, seen }), USUAL_SHOP, 'top').find((it) => it.test.id === id)
      ?.saves ?? 0;

  it('wax under white paint, hardly under a clear coat, which is stripped for anyway', () => {
    const white = { aims: { top: { kind: 'painted', shade: 'white', topcoat: 'none' } } } as const;
    const clear = { aims: { top: { kind: 'clear', topcoat: 'oil' } } } as const;
    expect(worthOf('mineral-spirits', white)).toBeGreaterThan(
      3 * worthOf('mineral-spirits', clear),
    );
  });

  it('bleed matters less under a dark colour, which hides it', () => {
    const worth = (shade: 'white' | 'dark') =>
      adviseSurface(
        pieceOf({ seen, aims: { top: { kind: 'painted', shade, topcoat: 'none' } } }),
        USUAL_SHOP,
        'top',
      ).find((it) => it.test.id === 'bleed-patch')?.saves ?? 0;
    expect(worth('white')).toBeGreaterThan(worth('dark'));
  });

  it('a large face is worth more tests than a small one', () => {
    const tests = (width: number) =>
      adviseSurface(
        pieceOf({ template: 'table', measures: { width, depth: width / 2 } }),
        USUAL_SHOP,
        'top',
      ).reduce((sum, it) => sum + it.saves, 0);
    expect(tests(2400)).toBeGreaterThan(tests(400));
  });
});

describe('any change to what is recorded', () => {
  it('taken back, gives back exactly the beliefs and the advice that were', () => {
    const situation = pieces.chain((it) =>
      fc.tuple(fc.constant(it), observationOn(surfacesOf(it).map((one) => one.id))),
    );
    fc.assert(
      fc.property(situation, ([before, observation]) => {
        const change: PieceChange = { kind: 'observe', observation };
        const after = applyChange(before, change);
        if (!after.ok) return;
        const again = applyChange(after.value, {
          kind: 'withdraw',
          observationId: observation.id,
        });
        const all = (it: Piece) => [
          inspectPiece(it, USUAL_SHOP),
          [...advisePiece(it, USUAL_SHOP)].map(([id, list]) => [
            id,
            list.map((one) => [one.test.id, one.layer, one.saves]),
          ]),
        ];
        expect(again.ok && all(again.value)).toEqual(all(before));
      }),
      { numRuns: 25 },
    );
  });
});

describe('words that exclude each other', () => {
  it('are both kept and reported, and the tests are still heard', () => {
    const known = { top: { substrate: 'hardwood', wood: 'knotty' } };
    const { beliefs } = look({ known, seen: { top: ['see-through:clear-film'] } });
    expect(beliefs.substrate).toMatchObject({ likeliest: 'hardwood', confirmed: true, p: 1 });
    expect(beliefs.wood).toMatchObject({ likeliest: 'knotty', confirmed: true, p: 1 });
    const film = ['shellac', 'lacquer', 'varnish', 'factory'] as const;
    const share = film.reduce((sum, it) => sum + beliefs.finish.distribution[it], 0);
    expect(share).toBeGreaterThan(0.85);
  });
});
