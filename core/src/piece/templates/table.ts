import { legs, topPanels } from './parts';
import {
  LEG_MM,
  lengthMeasure,
  measure,
  panel,
  type Face,
  type Measures,
  type Template,
} from './shape';

const GAP = 40;

/** Board above, apron and legs below, drawn as plan over elevation. */
const plankOnLegs = (m: Measures, plank: string, apronHeight: number): readonly Face[] => {
  const width = measure(m, 'width');
  const depth = measure(m, 'depth');
  const y = depth + GAP;
  const legHeight = measure(m, 'height') - apronHeight;
  return [
    { surfaceId: plank, x: 0, y: 0, width, height: depth },
    ...(apronHeight > 0 ? [{ surfaceId: 'apron', x: 0, y, width, height: apronHeight }] : []),
    { surfaceId: 'legs', x: 0, y: y + apronHeight, width: LEG_MM, height: legHeight },
    { surfaceId: 'legs', x: width - LEG_MM, y: y + apronHeight, width: LEG_MM, height: legHeight },
  ];
};

const apron = (m: Measures) => {
  const height = measure(m, 'apronHeight');
  const long = measure(m, 'width') - 2 * LEG_MM;
  const short = measure(m, 'depth') - 2 * LEG_MM;
  return {
    id: 'apron',
    role: 'apron',
    name: 'Apron',
    part: 'stick',
    count: 4,
    panels: [panel(long, height, 2), panel(short, height, 2)],
  } as const;
};

const noLooseParts = () => ({ drawers: 0, doors: 0, pulls: 0 });

/** Table: dining, reading, side or work table. */
export const table = {
  id: 'table',
  name: 'Table',
  measures: [
    lengthMeasure('width', 'Length', 1400, 200, 5000),
    lengthMeasure('depth', 'Width', 800, 200, 2000),
    lengthMeasure('height', 'Height', 750, 250, 1300),
    lengthMeasure('apronHeight', 'Apron height', 90, 20, 250),
  ],
  surfaces: (m) => [
    {
      id: 'top',
      role: 'top',
      name: 'Top',
      part: 'panel',
      count: 1,
      panels: topPanels(measure(m, 'width'), measure(m, 'depth')),
    },
    {
      id: 'underside',
      role: 'underside',
      name: 'Underside',
      part: 'back',
      count: 1,
      panels: [panel(measure(m, 'width'), measure(m, 'depth'))],
    },
    apron(m),
    ...legs(measure(m, 'height')),
  ],
  faces: (m) => plankOnLegs(m, 'top', measure(m, 'apronHeight')),
  looseParts: noLooseParts,
} as const satisfies Template;

/** Bench with or without a backrest. */
export const bench = {
  id: 'bench',
  name: 'Bench',
  measures: [
    lengthMeasure('width', 'Length', 1400, 300, 4000),
    lengthMeasure('depth', 'Seat depth', 380, 150, 800),
    lengthMeasure('height', 'Seat height', 450, 200, 800),
    lengthMeasure('apronHeight', 'Apron height', 80, 20, 250),
    lengthMeasure('backrestHeight', 'Backrest above the seat', 0, 0, 1500),
  ],
  surfaces: (m) => {
    const width = measure(m, 'width');
    const backrest = measure(m, 'backrestHeight');
    return [
      {
        id: 'seat',
        role: 'seat',
        name: 'Seat',
        part: 'panel',
        count: 1,
        panels: topPanels(width, measure(m, 'depth')),
      },
      ...(backrest > 0
        ? [
            {
              id: 'backrest',
              role: 'backrest',
              name: 'Backrest',
              part: 'panel',
              count: 1,
              panels: [panel(width, backrest, 2)],
            } as const,
          ]
        : []),
      apron(m),
      ...legs(measure(m, 'height')),
    ];
  },
  faces: (m) => {
    const backrest = measure(m, 'backrestHeight');
    const below = plankOnLegs(m, 'seat', measure(m, 'apronHeight'));
    if (backrest === 0) return below;
    const shift = backrest + GAP;
    return [
      { surfaceId: 'backrest', x: 0, y: 0, width: measure(m, 'width'), height: backrest },
      ...below.map((face) => ({ ...face, y: face.y + shift })),
    ];
  },
  looseParts: noLooseParts,
} as const satisfies Template;

/** Stool: a small seat on four legs. */
export const stool = {
  id: 'stool',
  name: 'Stool',
  measures: [
    lengthMeasure('width', 'Seat width', 360, 150, 900),
    lengthMeasure('depth', 'Seat depth', 360, 150, 900),
    lengthMeasure('height', 'Height', 480, 150, 1000),
    lengthMeasure('apronHeight', 'Apron height', 60, 20, 200),
  ],
  surfaces: (m) => [
    {
      id: 'seat',
      role: 'seat',
      name: 'Seat',
      part: 'panel',
      count: 1,
      panels: topPanels(measure(m, 'width'), measure(m, 'depth')),
    },
    apron(m),
    ...legs(measure(m, 'height')),
  ],
  faces: (m) => plankOnLegs(m, 'seat', measure(m, 'apronHeight')),
  looseParts: noLooseParts,
} as const satisfies Template;
