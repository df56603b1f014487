import { BOARD_MM, LEG_MM, panel, type Face, type Panel, type TemplateSurface } from './shape';

/** A carcass: outer width, depth and height without legs, mm. */
export interface Box {
  readonly width: number;
  readonly depth: number;
  readonly height: number;
}

/** A board lying on top: its face, the front edge and the two side edges. */
export const topPanels = (width: number, depth: number): readonly Panel[] => [
  panel(width, depth),
  panel(width, BOARD_MM),
  panel(depth, BOARD_MM, 2),
];

/** Height of a carcass below its top board, mm. */
export const underTop = (box: Box): number => box.height - BOARD_MM;

/** Top, two sides and back, which every carcass has. */
export const carcass = (box: Box): readonly TemplateSurface[] => [
  {
    id: 'top',
    role: 'top',
    name: 'Top',
    part: 'panel',
    count: 1,
    panels: topPanels(box.width, box.depth),
  },
  {
    id: 'left',
    role: 'side',
    name: 'Left side',
    part: 'panel',
    count: 1,
    panels: [panel(box.depth, underTop(box))],
  },
  {
    id: 'right',
    role: 'side',
    name: 'Right side',
    part: 'panel',
    count: 1,
    panels: [panel(box.depth, underTop(box))],
  },
  {
    id: 'back',
    role: 'back',
    name: 'Back',
    part: 'back',
    count: 1,
    panels: [panel(box.width, underTop(box))],
  },
];

/** Square legs, all four sides; none where they have no height. */
export const legs = (height: number, size = LEG_MM): readonly TemplateSurface[] =>
  height > 0
    ? [
        {
          id: 'legs',
          role: 'legs',
          name: 'Legs',
          part: 'stick',
          count: 4,
          panels: [panel(size, height, 16)],
        },
      ]
    : [];

/** Inside faces of an open carcass: sides, top, bottom, back, and both faces of each shelf. */
export const insidePanels = (box: Box, shelves: number): readonly Panel[] => {
  const width = box.width - 2 * BOARD_MM;
  const depth = box.depth - BOARD_MM;
  const height = box.height - 2 * BOARD_MM;
  return [
    panel(depth, height, 2),
    panel(width, depth, 2),
    panel(width, height),
    panel(width, depth, 2 * shelves),
  ];
};

/** A regular grid of openings in the front of a carcass: their size and places, mm. */
export interface Openings {
  readonly columns: number;
  readonly rows: number;
  readonly width: number;
  readonly height: number;
}

/** Divides the front between the carcass boards into equal openings with a board between. */
export const openings = (box: Box, columns: number, rows: number): Openings => ({
  columns,
  rows,
  width: (box.width - (columns + 1) * BOARD_MM) / columns,
  height: (box.height - (rows + 1) * BOARD_MM) / rows,
});

export const openingPanels = (grid: Openings): readonly Panel[] => [
  panel(grid.width, grid.height, grid.columns * grid.rows),
];

/** What shows of the carcass in front, around the openings (below the top board's edge). */
export const framePanels = (box: Box, grid: Openings): readonly Panel[] => [
  panel(BOARD_MM, underTop(box), grid.columns + 1),
  panel(grid.width, BOARD_MM, grid.columns * grid.rows),
];

/** Rectangles of the openings in the drawing, relative to the front's upper left corner. */
const openingFaces = (surfaceId: string, grid: Openings, x0: number, y0: number): readonly Face[] =>
  Array.from({ length: grid.columns * grid.rows }, (_, index) => ({
    surfaceId,
    x: x0 + BOARD_MM + (index % grid.columns) * (grid.width + BOARD_MM),
    y: y0 + BOARD_MM + Math.floor(index / grid.columns) * (grid.height + BOARD_MM),
    width: grid.width,
    height: grid.height,
  }));

const GAP = 40;

/**
 * Unfolds a carcass: top above the front, the sides beside it, legs below.
 * @param front surface drawn as the front's ground, and what its openings hold
 */
export const unfoldBox = (
  box: Box,
  legHeight: number,
  front: { readonly ground: string; readonly holds?: string; readonly grid?: Openings },
): readonly Face[] => {
  const x = box.depth + GAP;
  const y = box.depth + GAP;
  const legY = y + box.height + (legHeight > 0 ? GAP / 2 : 0);
  const legXs = legHeight > 0 ? [x, x + box.width - LEG_MM] : [];
  return [
    { surfaceId: 'top', x, y: 0, width: box.width, height: box.depth },
    { surfaceId: 'left', x: 0, y, width: box.depth, height: box.height },
    { surfaceId: front.ground, x, y, width: box.width, height: box.height },
    ...(front.holds && front.grid ? openingFaces(front.holds, front.grid, x, y) : []),
    { surfaceId: 'right', x: x + box.width + GAP, y, width: box.depth, height: box.height },
    ...legXs.map((legX) => ({
      surfaceId: 'legs',
      x: legX,
      y: legY,
      width: LEG_MM,
      height: legHeight,
    })),
  ];
};
