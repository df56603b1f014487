import { countMeasure, lengthMeasure, measure, type Body, type BodyKind } from '../bodyKind';
import { BOARD_MM, GAP_MM, faceOf, panel, surface, type Face, type PartSurface } from '../part';

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

const bayOf = (m: Body): Bay => ({
  width: measure(m, 'bayWidth'),
  depth: measure(m, 'depth'),
  height: measure(m, 'height'),
  shelves: measure(m, 'shelves'),
  doors: measure(m, 'doors'),
  doorHeight: measure(m, 'doors') > 0 ? Math.min(700, measure(m, 'height') / 3) : 0,
});

const numbers = (m: Body): readonly number[] =>
  Array.from({ length: measure(m, 'bays') }, (_, index) => index + 1);

/** Height of the open part above the doors, mm. */
const openHeight = (it: Bay): number => it.height - it.doorHeight - 2 * BOARD_MM;
const innerWidth = (it: Bay): number => it.width - 2 * BOARD_MM;

const CORNICE_MM = 120;
const PLINTH_MM = 100;

const surfacesOfBay = (it: Bay, number: number): readonly PartSurface[] => [
  surface({
    id: `shelves-${number}`,
    role: 'shelves',
    name: `Bay ${number} shelves`,
    count: Math.max(1, it.shelves),
    panels: [
      panel(innerWidth(it), it.depth, 2 * it.shelves + 1),
      panel(innerWidth(it), BOARD_MM, it.shelves),
    ],
  }),
  surface({
    id: `panel-${number}`,
    role: 'backPanel',
    name: `Bay ${number} back panel`,
    part: 'back',
    panels: [panel(innerWidth(it), openHeight(it))],
  }),
  surface({
    id: `frame-${number}`,
    role: 'frame',
    name: `Bay ${number} uprights`,
    part: 'stick',
    count: 2,
    panels: [panel(BOARD_MM, it.height, 2), panel(it.depth, openHeight(it), 2)],
  }),
  ...(it.doors > 0
    ? [
        surface({
          id: `doors-${number}`,
          role: 'doors',
          name: `Bay ${number} doors`,
          count: it.doors,
          panels: [panel(innerWidth(it) / it.doors, it.doorHeight, it.doors)],
        }),
      ]
    : []),
];

const facesOfBay = (it: Bay, number: number, x: number, y: number): readonly Face[] => {
  const open = openHeight(it);
  const step = open / (it.shelves + 1);
  const inner = innerWidth(it);
  return [
    faceOf(`frame-${number}`, x, y, it.width, it.height),
    faceOf(`panel-${number}`, x + BOARD_MM, y + BOARD_MM, inner, open),
    ...Array.from({ length: it.shelves }, (_, index) =>
      faceOf(
        `shelves-${number}`,
        x + BOARD_MM,
        y + BOARD_MM + step * (index + 1) - BOARD_MM / 2,
        inner,
        BOARD_MM,
      ),
    ),
    ...Array.from({ length: it.doors }, (_, index) =>
      faceOf(
        `doors-${number}`,
        x + BOARD_MM + (inner / it.doors) * index,
        y + it.height - it.doorHeight - BOARD_MM / 2,
        inner / it.doors,
        it.doorHeight,
        'door',
      ),
    ),
  ];
};

/** Fitted shelves in bays, with doors below: each bay is looked at and planned by itself. */
export const wall: BodyKind<'wall'> = {
  id: 'wall',
  name: 'Wall of shelves',
  what: 'Fitted shelves in bays, with doors below.',
  tips: true,
  measures: [
    countMeasure('bays', 'Bays', 3, 1, 12),
    lengthMeasure('bayWidth', 'Width of a bay', 800, 250, 1800),
    lengthMeasure('depth', 'Depth', 320, 120, 900),
    lengthMeasure('height', 'Height', 2200, 600, 3600),
    countMeasure('shelves', 'Shelves in a bay', 4, 0, 12),
    countMeasure('doors', 'Doors below, in a bay', 2, 0, 2),
  ],
  choices: [],
  size: (m) => ({
    width: measure(m, 'bayWidth') * measure(m, 'bays'),
    depth: measure(m, 'depth'),
    height: measure(m, 'height'),
  }),
  surfaces: (m) => {
    const it = bayOf(m);
    const length = it.width * measure(m, 'bays');
    const end = [panel(it.depth, it.height)];
    return [
      surface({
        id: 'cornice',
        role: 'cornice',
        name: 'Cornice',
        part: 'stick',
        panels: [panel(length, CORNICE_MM), panel(it.depth, CORNICE_MM, 2)],
      }),
      surface({ id: 'left', role: 'side', name: 'Left end', panels: end }),
      surface({ id: 'right', role: 'side', name: 'Right end', panels: end }),
      surface({
        id: 'plinth',
        role: 'plinth',
        name: 'Plinth',
        part: 'stick',
        panels: [panel(length, PLINTH_MM)],
      }),
      ...numbers(m).flatMap((number) => surfacesOfBay(it, number)),
    ];
  },
  faces: (m) => {
    const it = bayOf(m);
    const x = it.depth + GAP_MM;
    const y = CORNICE_MM + GAP_MM;
    const length = it.width * measure(m, 'bays');
    return [
      faceOf('cornice', x, 0, length, CORNICE_MM),
      faceOf('left', 0, y, it.depth, it.height),
      ...numbers(m).flatMap((number) => facesOfBay(it, number, x + it.width * (number - 1), y)),
      faceOf('right', x + length + GAP_MM, y, it.depth, it.height),
      faceOf('plinth', x, y + it.height + GAP_MM, length, PLINTH_MM),
    ];
  },
  loose: (m) => {
    const doors = measure(m, 'bays') * measure(m, 'doors');
    return { drawers: 0, doors, pulls: doors };
  },
};
