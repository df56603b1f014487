import {
  choice,
  chosen,
  lengthMeasure,
  measure,
  measuredSize,
  type Body,
  type BodyKind,
  type Size,
} from '../bodyKind';
import { gridOf, placeCells, type Cell, type CellKind, type PlacedCell } from '../front';
import {
  BOARD_MM,
  GAP_MM,
  areaOf,
  faceOf,
  moved,
  panel,
  pullsOn,
  surface,
  topPanels,
  type Face,
  type FaceLook,
  type Panel,
  type PartSurface,
} from '../part';
import { SUPPORTS, supportFaces, supportSurfaces, type Support } from '../support';
import { frontSurfaces, insidePanels, spaces, surfaceIdOf } from './cells';

/** A drawer's side stands lower than its front, mm. */
const SIDE_BELOW_FRONT = 20;

const USUAL_FRONT = gridOf(1, 4, { kind: 'drawer' });

/** The box without what it stands on and what crowns it. */
const boxOf = (it: Body): Size => ({
  width: measure(it, 'width'),
  depth: measure(it, 'depth'),
  height: measure(it, 'height') - measure(it, 'legHeight') - measure(it, 'corniceHeight'),
});

const has = (it: Body, what: 'top' | 'back'): boolean => chosen(it, what) === 'yes';
const sidesOf = (it: Body): readonly ('left' | 'right')[] =>
  (['left', 'right'] as const).filter((side) => [side, 'both'].includes(chosen(it, 'sides')));

/** Height of a carcass below its top board, mm. */
const underTop = (it: Body): number => boxOf(it).height - (has(it, 'top') ? BOARD_MM : 0);

const placed = (it: Body): readonly PlacedCell[] => {
  const box = boxOf(it);
  return placeCells(it.front ?? USUAL_FRONT, box.width, box.height);
};

/** What shows of the carcass in front, around the cells, with the edges of open shelves. */
const edgePanels = (it: Body, cells: readonly PlacedCell[]): readonly Panel[] => {
  const { width } = boxOf(it);
  const filled = areaOf(cells.map(({ width: w, height: h }) => panel(w, h)));
  return [
    panel(width, underTop(it) - filled / width),
    ...cells
      .filter(({ cell }) => cell.kind === 'open' && cell.shelves > 0)
      .map(({ cell, width: w }) => panel(w, BOARD_MM, cell.shelves)),
  ];
};

const drawersIn = (cells: readonly PlacedCell[]) => cells.filter((it) => it.cell.kind === 'drawer');

const SIDE_NAMES = { left: 'Left side', right: 'Right side' } as const;

const surfaces = (it: Body): readonly PartSurface[] => {
  const box = boxOf(it);
  const cells = placed(it);
  const drawers = drawersIn(cells);
  const inside = spaces(cells);
  const allOpen = cells.every(({ cell }) => cell.kind === 'open');
  const cornice = measure(it, 'corniceHeight');
  const side = [panel(box.depth, underTop(it))];
  return [
    ...(cornice > 0
      ? [
          surface({
            id: 'cornice',
            role: 'cornice',
            name: 'Cornice',
            part: 'stick',
            panels: [panel(box.width, cornice), panel(box.depth, cornice, 2)],
            profile: 'moulded',
          }),
        ]
      : []),
    ...(has(it, 'top')
      ? [surface({ id: 'top', role: 'top', name: 'Top', panels: topPanels(box.width, box.depth) })]
      : []),
    ...sidesOf(it).map((id) => surface({ id, role: 'side', name: SIDE_NAMES[id], panels: side })),
    ...(has(it, 'back')
      ? [
          surface({
            id: 'back',
            role: 'back',
            name: 'Back',
            part: 'back',
            panels: [panel(box.width, underTop(it))],
          }),
        ]
      : []),
    ...frontSurfaces(cells),
    surface({
      id: 'frame',
      role: 'frame',
      name: allOpen ? 'Front edges' : 'Front frame',
      part: 'stick',
      panels: edgePanels(it, cells),
    }),
    ...(inside.length > 0
      ? [
          surface({
            id: 'inside',
            role: 'inside',
            name: allOpen ? 'Inside and shelves' : 'Inside',
            panels: inside.flatMap((one) => insidePanels(one, box.depth - BOARD_MM)),
          }),
        ]
      : []),
    ...(drawers.length > 0
      ? [
          surface({
            id: 'drawerSides',
            role: 'drawerSides',
            name: 'Drawer sides',
            part: 'stick',
            count: 2 * drawers.length,
            panels: drawers.map(({ height }) =>
              panel(box.depth - 2 * BOARD_MM, height - SIDE_BELOW_FRONT, 2),
            ),
          }),
        ]
      : []),
    ...supportSurfaces(
      chosen(it, 'support') as Support,
      box.width,
      box.depth,
      measure(it, 'legHeight'),
    ),
  ];
};

const LOOKS: Readonly<Record<CellKind, FaceLook>> = {
  drawer: 'drawer',
  falseDrawer: 'drawer',
  door: 'door',
  open: 'open',
  panel: 'plain',
};

const lookOf = ({ kind, style }: Cell): FaceLook =>
  kind === 'door' && (style === 'glazed' || style === 'louvred') ? style : LOOKS[kind];

/** Top above the front, the sides beside it, what it stands on below. */
const faces = (it: Body): readonly Face[] => {
  const box = boxOf(it);
  const cornice = measure(it, 'corniceHeight');
  const left = sidesOf(it).includes('left');
  const x = left ? box.depth + GAP_MM : 0;
  const topHeight = has(it, 'top') ? box.depth + GAP_MM : 0;
  const y = topHeight + (cornice > 0 ? cornice + GAP_MM / 2 : 0);
  return [
    ...(has(it, 'top') ? [faceOf('top', x, 0, box.width, box.depth)] : []),
    ...(cornice > 0 ? [faceOf('cornice', x, topHeight, box.width, cornice)] : []),
    ...(left ? [faceOf('left', 0, y, box.depth, box.height)] : []),
    faceOf('frame', x, y, box.width, box.height),
    ...moved(
      placed(it).map((one) =>
        faceOf(
          surfaceIdOf(one.cell),
          one.x,
          one.y,
          one.width,
          one.height,
          lookOf(one.cell),
          one.cell.kind === 'open' || one.cell.style === 'glazed' ? one.cell.shelves : 0,
          { bodyId: '', lane: one.lane, index: one.index },
        ),
      ),
      x,
      y,
    ),
    ...(sidesOf(it).includes('right')
      ? [faceOf('right', x + box.width + GAP_MM, y, box.depth, box.height)]
      : []),
    ...supportFaces(
      chosen(it, 'support') as Support,
      x,
      y + box.height,
      box.width,
      box.depth,
      measure(it, 'legHeight'),
    ),
  ];
};

/** Boards around a front that is laid out on a grid: chest, cabinet, bookcase, sideboard, vanity. */
export const carcass: BodyKind<'carcass'> = {
  id: 'carcass',
  name: 'Case',
  what: 'A box with drawers, doors or shelves in front.',
  tips: true,
  front: USUAL_FRONT,
  measures: [
    lengthMeasure('width', 'Width', 900, 150, 5000),
    lengthMeasure('depth', 'Depth', 450, 80, 1500),
    lengthMeasure('height', 'Height with feet', 850, 150, 3600),
    lengthMeasure('legHeight', 'Legs, feet or plinth', 100, 0, 700),
    lengthMeasure('corniceHeight', 'Cornice', 0, 0, 300),
  ],
  choices: [
    choice('support', 'Stands on', SUPPORTS),
    choice('top', 'Top board', { yes: 'Yes', no: 'None' }),
    choice('back', 'Back', { yes: 'Yes', no: 'Against the wall' }),
    choice('sides', 'Sides that show', {
      both: 'Both',
      left: 'Left only',
      right: 'Right only',
      none: 'None',
    }),
  ],
  size: measuredSize,
  surfaces,
  faces,
  loose: (it) => {
    const cells = placed(it);
    const drawers = drawersIn(cells);
    const doors = cells.filter(({ cell }) => cell.kind === 'door');
    const withPulls = cells.filter(({ cell }) => ['drawer', 'falseDrawer'].includes(cell.kind));
    return {
      drawers: drawers.length,
      doors: doors.length,
      pulls: withPulls.reduce((sum, { width }) => sum + pullsOn(width), 0) + doors.length,
    };
  },
};
