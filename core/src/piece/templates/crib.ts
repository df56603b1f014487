import {
  LEG_MM,
  countMeasure,
  lengthMeasure,
  measure,
  panel,
  type Measures,
  type Template,
} from './shape';

const GAP = 40;
const RAIL_MM = 60;
const SLAT_MM = 30;
/** Rails above and below on both long sides. */
const RAILS = 4;

const slatHeight = (m: Measures): number => measure(m, 'height') - 2 * RAIL_MM;

/** Crib or cot: two ends, slatted sides, a base. Whoever it is for, it is for a child. */
export const crib = {
  id: 'crib',
  name: 'Crib',
  forChild: true,
  measures: [
    lengthMeasure('width', 'Length', 1240, 600, 2000),
    lengthMeasure('depth', 'Width', 660, 300, 1200),
    lengthMeasure('height', 'Height of the sides', 800, 300, 1300),
    countMeasure('slats', 'Slats in all', 36, 4, 80),
  ],
  surfaces: (m) => [
    {
      id: 'ends',
      role: 'backrest',
      name: 'Ends',
      part: 'panel',
      count: 2,
      panels: [panel(measure(m, 'depth'), measure(m, 'height'), 4)],
    },
    {
      id: 'slats',
      role: 'legs',
      name: 'Slats',
      part: 'stick',
      count: measure(m, 'slats'),
      panels: [panel(slatHeight(m), SLAT_MM, 4 * measure(m, 'slats'))],
    },
    {
      id: 'rails',
      role: 'frame',
      name: 'Rails',
      part: 'stick',
      count: RAILS,
      panels: [panel(measure(m, 'width'), RAIL_MM, 4 * RAILS)],
    },
    {
      id: 'base',
      role: 'underside',
      name: 'Base',
      part: 'panel',
      count: 1,
      panels: [panel(measure(m, 'width'), measure(m, 'depth'), 2)],
    },
  ],
  faces: (m) => {
    const [width, depth, height] = [measure(m, 'width'), measure(m, 'depth'), measure(m, 'height')];
    const x = depth + GAP;
    const inner = width - 2 * LEG_MM;
    const drawn = Math.min(12, Math.max(2, Math.round(measure(m, 'slats') / 2)));
    const step = inner / drawn;
    return [
      { surfaceId: 'ends', x: 0, y: 0, width: depth, height },
      { surfaceId: 'rails', x, y: 0, width, height: RAIL_MM },
      ...Array.from({ length: drawn }, (_, index) => ({
        surfaceId: 'slats',
        x: x + LEG_MM + index * step + (step - SLAT_MM) / 2,
        y: RAIL_MM,
        width: SLAT_MM,
        height: slatHeight(m),
      })),
      { surfaceId: 'rails', x, y: height - RAIL_MM, width, height: RAIL_MM },
      { surfaceId: 'base', x, y: height + GAP, width, height: depth },
    ];
  },
  looseParts: () => ({ drawers: 0, doors: 0, pulls: 0 }),
} as const satisfies Template;
