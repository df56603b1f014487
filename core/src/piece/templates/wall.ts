import {
  BOARD_MM,
  countMeasure,
  lengthMeasure,
  measure,
  panel,
  type Face,
  type Measures,
  type Template,
  type TemplateSurface,
} from './shape';

/** One bay of a wall: what its front is divided into, mm. */
interface Bay {
  readonly width: number;
  readonly depth: number;
  readonly height: number;
  readonly shelves: number;
  readonly doors: number;
  /** Height of the doors at the bottom; 0 where there are none. */
  readonly doorHeight: number;
}

const bayOf = (m: Measures): Bay => ({
  width: measure(m, 'bayWidth'),
  depth: measure(m, 'depth'),
  height: measure(m, 'height'),
  shelves: measure(m, 'shelves'),
  doors: measure(m, 'doors'),
  doorHeight: measure(m, 'doors') > 0 ? Math.min(700, measure(m, 'height') / 3) : 0,
});

const numbers = (m: Measures): readonly number[] =>
  Array.from({ length: measure(m, 'bays') }, (_, index) => index + 1);

/** Height of the open part above the doors, mm. */
const openHeight = (it: Bay): number => it.height - it.doorHeight - 2 * BOARD_MM;
const innerWidth = (it: Bay): number => it.width - 2 * BOARD_MM;

const surfacesOfBay = (it: Bay, number: number): readonly TemplateSurface[] => [
  {
    id: `shelves-${number}`,
    role: 'shelves',
    name: `Bay ${number} shelves`,
    part: 'panel',
    count: Math.max(1, it.shelves),
    panels: [
      panel(innerWidth(it), it.depth, 2 * it.shelves + 1),
      panel(innerWidth(it), BOARD_MM, it.shelves),
    ],
  },
  {
    id: `panel-${number}`,
    role: 'backPanel',
    name: `Bay ${number} back panel`,
    part: 'back',
    count: 1,
    panels: [panel(innerWidth(it), openHeight(it))],
  },
  {
    id: `frame-${number}`,
    role: 'frame',
    name: `Bay ${number} uprights`,
    part: 'stick',
    count: 2,
    panels: [panel(BOARD_MM, it.height, 2), panel(it.depth, openHeight(it), 2)],
  },
  ...(it.doors > 0
    ? [
        {
          id: `doors-${number}`,
          role: 'doors' as const,
          name: `Bay ${number} doors`,
          part: 'panel' as const,
          count: it.doors,
          panels: [panel(innerWidth(it) / it.doors, it.doorHeight, it.doors)],
        },
      ]
    : []),
];

const facesOfBay = (it: Bay, number: number, x: number, y: number): readonly Face[] => {
  const open = openHeight(it);
  const step = open / (it.shelves + 1);
  const inner = innerWidth(it);
  return [
    { surfaceId: `frame-${number}`, x, y, width: it.width, height: it.height },
    {
      surfaceId: `panel-${number}`,
      x: x + BOARD_MM,
      y: y + BOARD_MM,
      width: inner,
      height: open,
    },
    ...Array.from({ length: it.shelves }, (_, index) => ({
      surfaceId: `shelves-${number}`,
      x: x + BOARD_MM,
      y: y + BOARD_MM + step * (index + 1) - BOARD_MM / 2,
      width: inner,
      height: BOARD_MM,
    })),
    ...Array.from({ length: it.doors }, (_, index) => ({
      surfaceId: `doors-${number}`,
      x: x + BOARD_MM + (inner / it.doors) * index,
      y: y + it.height - it.doorHeight - BOARD_MM / 2,
      width: inner / it.doors,
      height: it.doorHeight,
    })),
  ];
};

const GAP = 40;

/** Fitted shelves in bays, with doors below: each bay is assessed and planned by itself. */
export const wall = {
  id: 'wall',
  name: 'Wall of shelves',
  measures: [
    countMeasure('bays', 'Bays', 3, 1, 12),
    lengthMeasure('bayWidth', 'Width of a bay', 800, 250, 1800),
    lengthMeasure('depth', 'Depth', 320, 120, 900),
    lengthMeasure('height', 'Height', 2200, 600, 3600),
    countMeasure('shelves', 'Shelves in a bay', 4, 0, 12),
    countMeasure('doors', 'Doors below, in a bay', 2, 0, 2),
  ],
  surfaces: (m) => {
    const it = bayOf(m);
    const length = it.width * measure(m, 'bays');
    return [
      {
        id: 'cornice',
        role: 'cornice',
        name: 'Cornice',
        part: 'stick',
        count: 1,
        panels: [panel(length, 120), panel(it.depth, 120, 2)],
      },
      {
        id: 'left',
        role: 'side',
        name: 'Left end',
        part: 'panel',
        count: 1,
        panels: [panel(it.depth, it.height)],
      },
      {
        id: 'right',
        role: 'side',
        name: 'Right end',
        part: 'panel',
        count: 1,
        panels: [panel(it.depth, it.height)],
      },
      {
        id: 'plinth',
        role: 'plinth',
        name: 'Plinth',
        part: 'stick',
        count: 1,
        panels: [panel(length, 100)],
      },
      ...numbers(m).flatMap((number) => surfacesOfBay(it, number)),
    ];
  },
  faces: (m) => {
    const it = bayOf(m);
    const x = it.depth + GAP;
    const length = it.width * measure(m, 'bays');
    return [
      { surfaceId: 'cornice', x, y: 0, width: length, height: 120 },
      { surfaceId: 'left', x: 0, y: 120 + GAP, width: it.depth, height: it.height },
      ...numbers(m).flatMap((number) =>
        facesOfBay(it, number, x + it.width * (number - 1), 120 + GAP),
      ),
      { surfaceId: 'right', x: x + length + GAP, y: 120 + GAP, width: it.depth, height: it.height },
      { surfaceId: 'plinth', x, y: 120 + 2 * GAP + it.height, width: length, height: 100 },
    ];
  },
  looseParts: (m) => {
    const doors = measure(m, 'bays') * measure(m, 'doors');
    return { drawers: 0, doors, pulls: doors };
  },
} as const satisfies Template;
