import {
  choice,
  chosen,
  countMeasure,
  lengthMeasure,
  measure,
  measuredSize,
  type Body,
  type BodyKind,
} from '../bodyKind';
import {
  BOARD_MM,
  GAP_MM,
  LEG_MM,
  faceOf,
  panel,
  pullsOn,
  surface,
  topPanels,
  type Face,
  type PartSurface,
} from '../part';
import { legs } from '../support';

/** Height of a stretcher and of a drawer's frame above and below, mm (modelling judgement). */
const STRETCHER_MM = 45;
const RAIL_MM = 15;

/** How the legs are tied together below. */
export const STRETCHERS = { none: 'None', sides: 'Between the legs', h: 'H-shaped' } as const;

/** The four boards under a plank, between the legs; drawers in the long side in front leave it open. */
export const apron = (it: Body, openMm2 = 0): PartSurface => {
  const height = measure(it, 'apronHeight');
  const long = measure(it, 'width') - 2 * LEG_MM;
  const short = measure(it, 'depth') - 2 * LEG_MM;
  return surface({
    id: 'apron',
    role: 'apron',
    name: 'Apron',
    part: 'stick',
    count: 4,
    panels: [panel(long, height - openMm2 / long), panel(long, height), panel(short, height, 2)],
  });
};

/** Square stretchers, all four sides. */
export const stretchers = (it: Body): readonly PartSurface[] => {
  const kind = chosen(it, 'stretchers');
  if (kind !== 'sides' && kind !== 'h') return [];
  const long = measure(it, 'width') - 2 * LEG_MM;
  const short = measure(it, 'depth') - 2 * LEG_MM;
  const panels = [panel(long, STRETCHER_MM, kind === 'h' ? 4 : 8), panel(short, STRETCHER_MM, 8)];
  return [
    surface({
      id: 'stretchers',
      role: 'legs',
      name: 'Stretchers',
      part: 'stick',
      count: kind === 'h' ? 3 : 4,
      panels,
    }),
  ];
};

/** Legs in an elevation with the stretcher between them. */
export const legFaces = (it: Body, y: number, height: number): readonly Face[] => {
  const width = measure(it, 'width');
  const tied = chosen(it, 'stretchers') !== 'none' && chosen(it, 'stretchers') !== '';
  const size = Math.min(LEG_MM, width / 4);
  return [
    faceOf('legs', 0, y, size, height),
    faceOf('legs', width - size, y, size, height),
    ...(tied
      ? [
          faceOf(
            'stretchers',
            size,
            y + height * 0.7,
            width - 2 * size,
            Math.min(STRETCHER_MM, height / 5),
          ),
        ]
      : []),
  ];
};

interface ApronDrawers {
  readonly count: number;
  readonly width: number;
  readonly height: number;
}

const drawersOf = (it: Body): ApronDrawers => {
  const count = measure(it, 'drawers');
  const long = measure(it, 'width') - 2 * LEG_MM;
  return {
    count,
    width: Math.max(1, (long - (count + 1) * RAIL_MM) / Math.max(1, count)),
    height: Math.max(1, measure(it, 'apronHeight') - 2 * RAIL_MM),
  };
};

const surfaces = (it: Body): readonly PartSurface[] => {
  const width = measure(it, 'width');
  const depth = measure(it, 'depth');
  const { count, width: w, height: h } = drawersOf(it);
  return [
    surface({ id: 'top', role: 'top', name: 'Top', panels: topPanels(width, depth) }),
    surface({
      id: 'underside',
      role: 'underside',
      name: 'Underside',
      part: 'back',
      panels: [panel(width, depth)],
    }),
    apron(it, count * w * h),
    ...(count > 0
      ? [
          surface({
            id: 'fronts',
            role: 'fronts',
            name: 'Drawer fronts',
            count,
            panels: [panel(w, h, count)],
          }),
          surface({
            id: 'drawerSides',
            role: 'drawerSides',
            name: 'Drawer sides',
            part: 'stick',
            count: 2 * count,
            panels: [panel(depth - 4 * BOARD_MM, h, 2 * count)],
          }),
        ]
      : []),
    ...(chosen(it, 'shelf') === 'yes'
      ? [
          surface({
            id: 'shelf',
            role: 'shelves',
            name: 'Shelf below',
            panels: [panel(width - 2 * LEG_MM, depth - 2 * LEG_MM, 2)],
          }),
        ]
      : []),
    ...stretchers(it),
    ...legs(measure(it, 'height')),
  ];
};

const faces = (it: Body): readonly Face[] => {
  const width = measure(it, 'width');
  const depth = measure(it, 'depth');
  const apronHeight = measure(it, 'apronHeight');
  const y = depth + GAP_MM;
  const legHeight = measure(it, 'height') - apronHeight;
  const { count, width: w, height: h } = drawersOf(it);
  const shelf = chosen(it, 'shelf') === 'yes';
  const inner = width - 2 * Math.min(LEG_MM, width / 4);
  return [
    faceOf('top', 0, 0, width, depth),
    faceOf('apron', 0, y, width, apronHeight),
    ...Array.from({ length: count }, (_, index) =>
      faceOf('fronts', LEG_MM + RAIL_MM + index * (w + RAIL_MM), y + RAIL_MM, w, h, 'drawer'),
    ),
    ...legFaces(it, y + apronHeight, legHeight),
    ...(shelf
      ? [faceOf('shelf', (width - inner) / 2, y + apronHeight + legHeight * 0.45, inner, BOARD_MM)]
      : []),
  ];
};

/** Board on legs: dining, reading, side, work table or desk without pedestals. */
export const table: BodyKind<'table'> = {
  id: 'table',
  name: 'Table',
  what: 'A board on legs, with or without drawers in the apron.',
  measures: [
    lengthMeasure('width', 'Length', 1400, 200, 5000),
    lengthMeasure('depth', 'Width', 800, 200, 2000),
    lengthMeasure('height', 'Height', 750, 250, 1300),
    lengthMeasure('apronHeight', 'Apron height', 90, 20, 250),
    countMeasure('drawers', 'Drawers in the apron', 0, 0, 6),
  ],
  choices: [
    choice('stretchers', 'Stretchers', STRETCHERS),
    choice('shelf', 'Shelf below', { no: 'None', yes: 'Yes' }),
  ],
  size: measuredSize,
  surfaces,
  faces,
  loose: (it) => {
    const { count, width } = drawersOf(it);
    return { drawers: count, doors: 0, pulls: count * pullsOn(width) };
  },
};
