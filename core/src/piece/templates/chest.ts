import { carcass, framePanels, legs, openingPanels, openings, unfoldBox, type Box } from './parts';
import {
  BOARD_MM,
  countMeasure,
  lengthMeasure,
  measure,
  panel,
  type Measures,
  type Template,
} from './shape';

const boxOf = (m: Measures): Box => ({
  width: measure(m, 'width'),
  depth: measure(m, 'depth'),
  height: measure(m, 'height') - measure(m, 'legHeight'),
});
const gridOf = (m: Measures) => openings(boxOf(m), measure(m, 'columns'), measure(m, 'rows'));

/** A drawer's side stands lower than its front, mm. */
const SIDE_BELOW_FRONT = 20;

/** Chest of drawers; with many columns a card-index cabinet, wide and low a map press. */
export const chest = {
  id: 'chest',
  name: 'Chest of drawers',
  storesClothes: true,
  measures: [
    lengthMeasure('width', 'Width', 900, 200, 3000),
    lengthMeasure('depth', 'Depth', 450, 150, 1500),
    lengthMeasure('height', 'Height with legs', 850, 200, 2600),
    lengthMeasure('legHeight', 'Legs', 100, 0, 600),
    countMeasure('rows', 'Rows of drawers', 4, 1, 20),
    countMeasure('columns', 'Drawers in a row', 1, 1, 12),
  ],
  surfaces: (m) => {
    const box = boxOf(m);
    const grid = gridOf(m);
    const drawers = grid.columns * grid.rows;
    return [
      ...carcass(box),
      {
        id: 'fronts',
        role: 'fronts',
        name: 'Drawer fronts',
        part: 'panel',
        count: drawers,
        panels: openingPanels(grid),
      },
      {
        id: 'frame',
        role: 'frame',
        name: 'Front frame',
        part: 'stick',
        count: 1,
        panels: framePanels(box, grid),
      },
      {
        id: 'drawerSides',
        role: 'drawerSides',
        name: 'Drawer sides',
        part: 'stick',
        count: 2 * drawers,
        panels: [panel(box.depth - 2 * BOARD_MM, grid.height - SIDE_BELOW_FRONT, 2 * drawers)],
      },
      ...legs(measure(m, 'legHeight')),
    ];
  },
  faces: (m) =>
    unfoldBox(boxOf(m), measure(m, 'legHeight'), {
      ground: 'frame',
      holds: 'fronts',
      grid: gridOf(m),
    }),
  looseParts: (m) => {
    const drawers = measure(m, 'rows') * measure(m, 'columns');
    return { drawers, doors: 0, pulls: drawers * (gridOf(m).width > 400 ? 2 : 1) };
  },
} as const satisfies Template;
