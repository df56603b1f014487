import {
  carcass,
  framePanels,
  insidePanels,
  legs,
  openingPanels,
  openings,
  unfoldBox,
  type Box,
} from './parts';
import { countMeasure, lengthMeasure, measure, type Measures, type Template } from './shape';

const boxOf = (m: Measures): Box => ({
  width: measure(m, 'width'),
  depth: measure(m, 'depth'),
  height: measure(m, 'height') - measure(m, 'legHeight'),
});
const gridOf = (m: Measures) => openings(boxOf(m), measure(m, 'doors'), 1);

/** Everything with doors in front and shelves behind them. */
const behindDoors = {
  surfaces: (m: Measures) => {
    const box = boxOf(m);
    const grid = gridOf(m);
    return [
      ...carcass(box),
      {
        id: 'doors',
        role: 'doors',
        name: 'Doors',
        part: 'panel',
        count: grid.columns,
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
        id: 'inside',
        role: 'inside',
        name: 'Inside',
        part: 'panel',
        count: 1,
        panels: insidePanels(box, measure(m, 'shelves')),
      },
      ...legs(measure(m, 'legHeight')),
    ] as const;
  },
  faces: (m: Measures) =>
    unfoldBox(boxOf(m), measure(m, 'legHeight'), {
      ground: 'frame',
      holds: 'doors',
      grid: gridOf(m),
    }),
  looseParts: (m: Measures) => ({
    drawers: 0,
    doors: measure(m, 'doors'),
    pulls: measure(m, 'doors'),
  }),
};

/** Cabinet with doors: sideboard, console, kitchen or bathroom cabinet. */
export const cabinet = {
  id: 'cabinet',
  name: 'Cabinet with doors',
  measures: [
    lengthMeasure('width', 'Width', 1000, 200, 3000),
    lengthMeasure('depth', 'Depth', 420, 120, 1200),
    lengthMeasure('height', 'Height with legs', 850, 200, 2600),
    lengthMeasure('legHeight', 'Legs', 120, 0, 600),
    countMeasure('doors', 'Doors', 2, 1, 8),
    countMeasure('shelves', 'Shelves inside', 1, 0, 10),
  ],
  ...behindDoors,
} as const satisfies Template;

/** Wardrobe: as a cabinet, in other sizes; tall, so it wants two people and an anchor. */
export const wardrobe = {
  id: 'wardrobe',
  name: 'Wardrobe',
  storesClothes: true,
  measures: [
    lengthMeasure('width', 'Width', 1100, 400, 3500),
    lengthMeasure('depth', 'Depth', 580, 300, 1000),
    lengthMeasure('height', 'Height with feet', 1950, 1200, 2800),
    lengthMeasure('legHeight', 'Feet', 80, 0, 300),
    countMeasure('doors', 'Doors', 2, 1, 8),
    countMeasure('shelves', 'Shelves inside', 1, 0, 10),
  ],
  ...behindDoors,
} as const satisfies Template;
