import { DAMAGES } from '../catalog';
import { surfaceNames, type Piece } from '../piece';
import type { Route } from '../route';
import { DISPOSITIONS } from '../words';

/** A table as other programs read it: names of the columns, then rows of figures and words. */
export interface DataTable {
  readonly name: string;
  readonly columns: readonly string[];
  readonly rows: readonly (readonly (string | number | null)[])[];
}

/** What comes off the piece. Lengths in mm. */
export const fittingsTable = ({ hardware }: Piece): DataTable => ({
  name: 'fittings',
  columns: [
    'kind',
    'name',
    'count',
    'missing',
    'hole_spacing_mm',
    'bag',
    'what_becomes_of_it',
    'note',
  ],
  rows: hardware.map((it) => [
    it.kind,
    it.name,
    it.count,
    it.missing,
    it.holeSpacingMm,
    it.bag,
    DISPOSITIONS[it.disposition],
    it.note,
  ]),
});

/** Damages found. Lengths in mm, places as shares of the surface's first face. */
export const damagesTable = (piece: Piece): DataTable => {
  const nameOf = surfaceNames(piece);
  return {
    name: 'damages',
    columns: [
      'surface',
      'damage',
      'count',
      'length_mm',
      'width_mm',
      'depth_mm',
      'direction',
      'place_x',
      'place_y',
      'note',
      'found_at',
    ],
    rows: piece.findings.map((it) => [
      nameOf(it.surfaceId),
      DAMAGES.get(it.damage).label,
      it.count,
      it.lengthMm,
      it.widthMm,
      it.depthMm,
      it.direction,
      it.place?.x ?? null,
      it.place?.y ?? null,
      it.note,
      it.at,
    ]),
  };
};

/** Steps of the route in their order. Times in minutes. */
export const stepsTable = (piece: Piece, { operations }: Pick<Route, 'operations'>): DataTable => {
  const nameOf = surfaceNames(piece);
  return {
    name: 'steps',
    columns: [
      'step',
      'phase',
      'title',
      'surfaces',
      'minutes',
      'wait_minutes',
      'wait_until',
      'materials',
      'protection',
    ],
    rows: operations.map((it, index) => [
      index + 1,
      it.phase,
      it.title,
      it.surfaceIds.map(nameOf).join(', '),
      Math.round(it.minutes),
      it.wait ? Math.round(it.wait.minutes) : null,
      it.wait?.until ?? null,
      it.materials.join(', '),
      it.protection.join(', '),
    ]),
  };
};
