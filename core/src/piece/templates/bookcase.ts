import { carcass, framePanels, insidePanels, legs, openings, unfoldBox, type Box } from './parts';
import { countMeasure, lengthMeasure, measure, type Measures, type Template } from './shape';

const boxOf = (m: Measures): Box => ({
  width: measure(m, 'width'),
  depth: measure(m, 'depth'),
  height: measure(m, 'height') - measure(m, 'legHeight'),
});
const gridOf = (m: Measures) => openings(boxOf(m), 1, measure(m, 'shelves') + 1);

/** Open shelves in a carcass: bookcase, book trolley. */
export const bookcase = {
  id: 'bookcase',
  name: 'Bookcase',
  measures: [
    lengthMeasure('width', 'Width', 800, 200, 3000),
    lengthMeasure('depth', 'Depth', 300, 120, 900),
    lengthMeasure('height', 'Height', 1800, 300, 2800),
    lengthMeasure('legHeight', 'Feet or casters', 0, 0, 400),
    countMeasure('shelves', 'Shelves', 4, 0, 12),
  ],
  surfaces: (m) => {
    const box = boxOf(m);
    return [
      ...carcass(box),
      {
        id: 'frame',
        role: 'frame',
        name: 'Front edges',
        part: 'stick',
        count: 1,
        panels: framePanels(box, gridOf(m)),
      },
      {
        id: 'inside',
        role: 'inside',
        name: 'Inside and shelves',
        part: 'panel',
        count: 1,
        panels: insidePanels(box, measure(m, 'shelves')),
      },
      ...legs(measure(m, 'legHeight')),
    ];
  },
  faces: (m) =>
    unfoldBox(boxOf(m), measure(m, 'legHeight'), {
      ground: 'frame',
      holds: 'inside',
      grid: gridOf(m),
    }),
  looseParts: () => ({ drawers: 0, doors: 0, pulls: 0 }),
} as const satisfies Template;
