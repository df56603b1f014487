import { inspectPiece } from '@obrik/core/inspect';
import {
  USUAL_SHOP,
  finding,
  newPiece,
  pieceDescription,
  type Finding,
  type Piece,
  type Scheme,
} from '@obrik/core/piece';
import { spoiledAims } from './spoiledAims';

const TABLE = newPiece(
  'table',
  pieceDescription.parse({
    name: 'Table',
    templateId: 'table',
    measures: { width: 1400, depth: 800, height: 750, apronHeight: 90 },
  }),
);

const spoiled = (scheme: Scheme, part: Partial<Finding> & Pick<Finding, 'damage'>) => {
  const piece: Piece = {
    ...TABLE,
    aims: [{ surfaceId: 'top', scheme, stripWish: 'best' }],
    findings: [finding.parse({ id: 'f', surfaceId: 'top', at: '2026-01-01T00:00:00Z', ...part })],
  };
  return spoiledAims(piece, inspectPiece(piece, USUAL_SHOP), 'metric');
};

const STAINED: Scheme = { kind: 'stained', shade: 'dark', topcoat: 'none' };
const PAINTED: Scheme = { kind: 'painted', shade: 'dark', topcoat: 'none' };

it('says which damage spoils the aim of which surface, and why', () => {
  expect(spoiled(STAINED, { damage: 'missingVeneer', lengthMm: 40, widthMm: 25 })).toEqual([
    'Top: Missing veneer 40 × 25 mm on a face in full view: stain would show the patch.',
  ]);
});

it('says nothing where the aim covers the damage, or another surface has it', () => {
  expect(spoiled(PAINTED, { damage: 'missingVeneer', lengthMm: 40, widthMm: 25 })).toEqual([]);
  expect(spoiled(STAINED, { damage: 'missingVeneer', surfaceId: 'apron' })).toEqual([]);
});

it('goes by the shop’s units', () => {
  const piece: Piece = {
    ...TABLE,
    aims: [{ surfaceId: 'top', scheme: STAINED, stripWish: 'best' }],
    findings: [
      finding.parse({
        id: 'f',
        surfaceId: 'top',
        damage: 'missingEdge',
        lengthMm: 50.8,
        widthMm: 25.4,
        at: '2026-01-01T00:00:00Z',
      }),
    ],
  };
  const [words] = spoiledAims(piece, inspectPiece(piece, USUAL_SHOP), 'us');
  expect(words).toMatch(/2 × 1 in/);
});
