import { PART_MINUTES } from '../../catalog';
import { templateOf } from '../../piece';
import { has, type SurfaceContext } from '../context';
import type { Rule } from '../rule';

const looseParts = (s: SurfaceContext) =>
  templateOf(s.piece.templateId).looseParts(s.piece.measures);

/** Is this the part that a loose part belongs to? */
const carriesDrawers = (s: SurfaceContext) =>
  s.surface.id === 'fronts' || s.surface.id === 'drawerSides';
const carriesDoors = (s: SurfaceContext) => s.surface.id === 'doors';

/** Photographs and numbers, then everything that comes off or out. */
export const RECORD_RULES: readonly Rule[] = [
  {
    id: 'record-before-it-changes',
    phase: 'record',
    regardless: true,
    applies: (s) => s.worked,
    because: () =>
      'Nobody remembers which screw sat where; the next owner asks what is under the paint.',
    work: () => [
      {
        method: 'photograph',
        rank: 0,
        title: 'Photograph every side',
        minutes: PART_MINUTES.photographs,
        how: [
          'All sides, inside, underneath, each damage with a rule beside it.',
          'Hardware in place, close up.',
        ],
      },
    ],
  },
];

export const DISMANTLE_RULES: readonly Rule[] = [
  {
    id: 'mask-drawers-that-stay',
    phase: 'dismantle',
    regardless: true,
    applies: (s) => carriesDrawers(s) && s.worked && s.shop.schools.drawers === 'in',
    because: (s) =>
      `${looseParts(s).drawers} drawers stay in: their faces line up as they are coated.`,
    work: () => [
      {
        method: 'mask-drawers',
        rank: 0,
        title: 'Wedge the drawers flush, mask the gaps',
        minutes: PART_MINUTES.map,
        how: [
          'Thin wedges behind each front until it stands flush.',
          'Tape into the gaps; pull it before each coat is hard, or it tears the edge.',
        ],
        materials: ['Masking tape', 'Wedges'],
      },
    ],
  },
  {
    id: 'number-the-drawers',
    phase: 'dismantle',
    regardless: true,
    applies: (s) => carriesDrawers(s) && s.worked && s.shop.schools.drawers === 'out',
    because: (s) => `${looseParts(s).drawers} drawers, each fitted to its own opening.`,
    work: (s) => [
      {
        method: 'drawers-out',
        rank: 0,
        title: `Number the drawers and take out all ${looseParts(s).drawers}`,
        minutes: looseParts(s).drawers * PART_MINUTES.drawerOut,
        how: [
          'Number each underneath or on its back.',
          'Draw a map of the numbers.',
          'Look into the carcass: stops, runners, broken screws.',
        ],
        materials: ['Pencil', 'Masking tape'],
      },
    ],
  },
  {
    id: 'number-the-doors',
    phase: 'dismantle',
    regardless: true,
    applies: (s) => carriesDoors(s) && s.worked,
    because: (s) => `${looseParts(s).doors} doors, each hung to its own place.`,
    work: (s) => [
      {
        method: 'doors-off',
        rank: 0,
        title: `Number the doors and take off all ${looseParts(s).doors}`,
        minutes: looseParts(s).doors * PART_MINUTES.doorOff,
        how: [
          'Number each in the hinge recess, an arrow for “up” under the hinge; tape over it.',
          'Start at the lower hinge, a second hand on tall doors.',
        ],
        materials: ['Pencil', 'Masking tape'],
      },
    ],
  },
  {
    id: 'hardware-is-the-inspection',
    phase: 'dismantle',
    regardless: true,
    applies: (s) =>
      (s.surface.id === 'fronts' || carriesDoors(s)) && s.worked && looseParts(s).pulls > 0,
    because: () => 'Taking it off is the inspection, and lets the cleaner reach the corners.',
    work: (s) => [
      {
        method: 'hardware-off',
        rank: 1,
        title: `Take off ${looseParts(s).pulls} pulls`,
        minutes: looseParts(s).pulls * PART_MINUTES.pull,
        how: [
          'Screws go back into their own piece.',
          'Bag and label.',
          'Count: one missing usually means a new set.',
        ],
        materials: ['Labelled bags'],
      },
    ],
  },
  {
    id: 'back-off-if-split',
    phase: 'dismantle',
    regardless: true,
    applies: (s) => has(s, 'splitBack'),
    because: () =>
      'A split back has to be replaced, and its opening gives access for bracing and cleaning.',
    work: () => [
      {
        method: 'back-off',
        rank: 2,
        title: 'Take the back off',
        minutes: 15,
        how: [
          'Lay the piece on its face on blankets.',
          'Draw the nails, keep the back as a pattern for the new one.',
        ],
        protection: ['Goggles'],
      },
    ],
  },
];
