import {
  choice,
  chosen,
  countMeasure,
  lengthMeasure,
  measure,
  measuredSize,
  type Body,
  type BodyKind,
} from '../bodyKind';
import { GAP_MM, LEG_MM, NOTHING_LOOSE, faceOf, panel, surface, type Face } from '../part';

const RAIL_MM = 60;
const SLAT_MM = 30;
/** Rails above and below on both long sides of a crib. */
const RAILS = 4;

const slatHeight = (it: Body): number => measure(it, 'height') - 2 * RAIL_MM;

/** Crib or cot: two ends, slatted sides, a base. Whoever it is for, it is for a child. */
export const crib: BodyKind<'crib'> = {
  id: 'crib',
  name: 'Crib',
  what: 'Two ends, slatted sides, a base.',
  forChild: true,
  measures: [
    lengthMeasure('width', 'Length', 1240, 600, 2000),
    lengthMeasure('depth', 'Width', 660, 300, 1200),
    lengthMeasure('height', 'Height of the sides', 800, 300, 1300),
    countMeasure('slats', 'Slats in all', 36, 4, 80),
  ],
  choices: [],
  size: measuredSize,
  surfaces: (it) => [
    surface({
      id: 'ends',
      role: 'backrest',
      name: 'Ends',
      count: 2,
      panels: [panel(measure(it, 'depth'), measure(it, 'height'), 4)],
    }),
    surface({
      id: 'slats',
      role: 'legs',
      name: 'Slats',
      part: 'stick',
      count: measure(it, 'slats'),
      panels: [panel(slatHeight(it), SLAT_MM, 4 * measure(it, 'slats'))],
    }),
    surface({
      id: 'rails',
      role: 'frame',
      name: 'Rails',
      part: 'stick',
      count: RAILS,
      panels: [panel(measure(it, 'width'), RAIL_MM, 4 * RAILS)],
    }),
    surface({
      id: 'base',
      role: 'underside',
      name: 'Base',
      panels: [panel(measure(it, 'width'), measure(it, 'depth'), 2)],
    }),
  ],
  faces: (it) => {
    const { width, depth, height } = measuredSize(it);
    const x = depth + GAP_MM;
    const inner = width - 2 * LEG_MM;
    const drawn = Math.min(12, Math.max(2, Math.round(measure(it, 'slats') / 2)));
    const step = inner / drawn;
    return [
      faceOf('ends', 0, 0, depth, height),
      faceOf('rails', x, 0, width, RAIL_MM),
      ...Array.from({ length: drawn }, (_, index) =>
        faceOf(
          'slats',
          x + LEG_MM + index * step + (step - SLAT_MM) / 2,
          RAIL_MM,
          SLAT_MM,
          slatHeight(it),
        ),
      ),
      faceOf('rails', x, height - RAIL_MM, width, RAIL_MM),
      faceOf('base', x, height + GAP_MM, width, depth),
    ];
  },
  loose: () => NOTHING_LOOSE,
};

const SIDE_RAIL_MM = 140;
const BED_SLAT_MM = 70;
/** Thickness of a side rail, mm (modelling judgement). */
const BOARD_EDGE = 25;

/** A bed: head, foot and two long sides, slats between them. */
export const bed: BodyKind<'bed'> = {
  id: 'bed',
  name: 'Bed',
  what: 'Head, foot, two long sides and slats.',
  measures: [
    lengthMeasure('width', 'Length', 2050, 1200, 2400),
    lengthMeasure('depth', 'Width', 960, 600, 2200),
    lengthMeasure('height', 'Height of the head', 1000, 250, 2000),
    lengthMeasure('footHeight', 'Height of the foot', 600, 200, 2000),
    countMeasure('slats', 'Slats', 14, 0, 40),
  ],
  choices: [
    choice('posts', 'Posts', { square: 'Square', none: 'None' }),
    choice('places', 'Sleeping places', { low: 'Low', upper: 'One above (bunk or loft)' }),
  ],
  size: measuredSize,
  surfaces: (it) => {
    const { width, depth, height } = measuredSize(it);
    const foot = measure(it, 'footHeight');
    const slats = measure(it, 'slats');
    return [
      surface({
        id: 'head',
        role: 'backrest',
        name: 'Head',
        panels: [panel(depth, height, 2)],
      }),
      surface({ id: 'foot', role: 'backrest', name: 'Foot', panels: [panel(depth, foot, 2)] }),
      surface({
        id: 'rails',
        role: 'frame',
        name: 'Side rails',
        part: 'stick',
        count: 2,
        panels: [panel(width, SIDE_RAIL_MM, 4), panel(width, BOARD_EDGE, 4)],
      }),
      ...(slats > 0
        ? [
            surface({
              id: 'slats',
              role: 'underside',
              name: 'Slats',
              part: 'stick',
              count: slats,
              panels: [panel(depth, BED_SLAT_MM, 2 * slats)],
            }),
          ]
        : []),
      ...(chosen(it, 'posts') === 'square'
        ? [
            surface({
              id: 'posts',
              role: 'legs',
              name: 'Posts',
              part: 'stick',
              count: 4,
              panels: [panel(LEG_MM, height, 8), panel(LEG_MM, foot, 8)],
            }),
          ]
        : []),
    ];
  },
  faces: (it) => {
    const { width, depth, height } = measuredSize(it);
    const foot = measure(it, 'footHeight');
    const posts = chosen(it, 'posts') === 'square';
    const end = (id: string, x: number, y: number, tall: number): readonly Face[] =>
      posts
        ? [
            faceOf('posts', x, y, LEG_MM, tall),
            faceOf(id, x + LEG_MM, y, depth - 2 * LEG_MM, tall),
            faceOf('posts', x + depth - LEG_MM, y, LEG_MM, tall),
          ]
        : [faceOf(id, x, y, depth, tall)];
    const y = Math.max(height, foot) + GAP_MM;
    const slats = Math.min(10, measure(it, 'slats'));
    const step = width / Math.max(1, slats);
    return [
      ...end('head', 0, Math.max(0, foot - height), height),
      ...end('foot', depth + GAP_MM, Math.max(0, height - foot), foot),
      faceOf('rails', 0, y, width, SIDE_RAIL_MM),
      ...Array.from({ length: slats }, (_, index) =>
        faceOf(
          'slats',
          index * step + step / 4,
          y + SIDE_RAIL_MM + GAP_MM,
          Math.min(BED_SLAT_MM, step / 2),
          Math.min(depth, 600),
        ),
      ),
    ];
  },
  loose: () => NOTHING_LOOSE,
};
