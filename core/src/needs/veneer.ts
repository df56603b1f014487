import { MATERIALS } from '../catalog';
import { facesOf, surfaceNames } from '../piece';
import type { Task } from '../work';
import { cutVeneer, type VeneerPart } from './cutting';
import type { MaterialNeed, PlannedPiece } from './need';

const MM_PER_M = 1000;

/** The rectangles that are laid with new veneer: the drawn faces of the surface, grain along the longer side. */
export const veneerParts = (
  piece: PlannedPiece['piece'],
  tasks: readonly Task[],
): readonly VeneerPart[] => {
  const nameOf = surfaceNames(piece);
  const laid = new Set(
    tasks.filter((it) => it.traits.face === 'newVeneer').flatMap((it) => it.surfaceIds),
  );
  return facesOf(piece)
    .filter((it) => it.surfaceId !== null && laid.has(it.surfaceId))
    .map(({ surfaceId, width, height }) => ({
      name: nameOf(surfaceId ?? ''),
      widthMm: Math.min(width, height),
      lengthMm: Math.max(width, height),
    }));
};

/** Edge band beyond the edges that it covers: cut long, trimmed flush. */
const BAND_MORE = 1.1;

/**
 * Veneer in whole sheets as it is cut, and the band for its edges.
 * @param isDrawn is a step done on faces that are drawn, so that its veneer can be cut to measure?
 */
export const asCut = (
  need: MaterialNeed,
  parts: readonly VeneerPart[],
  isDrawn: (it: MaterialNeed['from'][number]) => boolean,
): readonly MaterialNeed[] => {
  const cut = cutVeneer(parts);
  const { format, sheets, tooLarge } = cut;
  const edges = parts.reduce((sum, it) => sum + 2 * (it.widthMm + it.lengthMm), 0) / MM_PER_M;
  const joined = tooLarge.reduce((sum, it) => sum + (it.widthMm * it.lengthMm) / 1e6, 0);
  // Of a face that is drawn nowhere only the area is known.
  const byArea = need.from.reduce((sum, it) => sum + (isDrawn(it) ? 0 : it.quantity), 0);
  const quantity = (sheets.length + Math.ceil((joined + byArea) / format.size)) * format.size;
  const banded = need.from.filter(isDrawn);
  const band = edges * BAND_MORE;
  return [
    { ...need, quantity, reckoned: quantity, cut, only: [format] },
    {
      material: 'edgeBand',
      colour: null,
      unit: MATERIALS.get('edgeBand').unit,
      quantity: band,
      reckoned: band,
      from: banded.map((it) => ({
        ...it,
        quantity: band / banded.length,
        lost: 0,
        film: null,
      })),
      cut: null,
      only: null,
    },
  ];
};
