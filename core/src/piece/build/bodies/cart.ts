import {
  choice,
  chosen,
  countMeasure,
  lengthMeasure,
  measure,
  measuredSize,
  type BodyKind,
} from '../bodyKind';
import {
  BOARD_MM,
  GAP_MM,
  LEG_MM,
  NOTHING_LOOSE,
  faceOf,
  panel,
  surface,
  topPanels,
} from '../part';

const RAIL_MM = 40;

/** Tiers between four posts: bar cart, tea trolley, plant stand, open shelf. */
export const cart: BodyKind<'cart'> = {
  id: 'cart',
  name: 'Open cart or shelf',
  what: 'Tiers between four posts, often on casters.',
  measures: [
    lengthMeasure('width', 'Width', 700, 200, 2000),
    lengthMeasure('depth', 'Depth', 420, 150, 900),
    lengthMeasure('height', 'Height', 780, 250, 2200),
    countMeasure('tiers', 'Tiers with the top', 2, 1, 8),
  ],
  choices: [
    choice('rails', 'Rails around the tiers', { yes: 'Yes', no: 'None' }),
    choice('support', 'Stands on', { casters: 'Casters', none: 'Its posts' }),
  ],
  size: measuredSize,
  surfaces: (it) => {
    const { width, depth, height } = measuredSize(it);
    const tiers = measure(it, 'tiers');
    return [
      surface({ id: 'top', role: 'top', name: 'Top', panels: topPanels(width, depth) }),
      ...(tiers > 1
        ? [
            surface({
              id: 'shelves',
              role: 'shelves',
              name: 'Lower tiers',
              count: tiers - 1,
              panels: [panel(width, depth, 2 * (tiers - 1)), panel(width, BOARD_MM, tiers - 1)],
            }),
          ]
        : []),
      ...(chosen(it, 'rails') === 'yes'
        ? [
            surface({
              id: 'rails',
              role: 'frame',
              name: 'Rails',
              part: 'stick',
              count: 4 * tiers,
              panels: [panel(width, RAIL_MM, 4 * tiers), panel(depth, RAIL_MM, 4 * tiers)],
            }),
          ]
        : []),
      surface({
        id: 'legs',
        role: 'legs',
        name: 'Posts',
        part: 'stick',
        count: 4,
        panels: [panel(LEG_MM, height, 16)],
      }),
    ];
  },
  faces: (it) => {
    const { width, depth, height } = measuredSize(it);
    const tiers = measure(it, 'tiers');
    const y = depth + GAP_MM;
    const size = Math.min(LEG_MM, width / 4);
    const inner = width - 2 * size;
    const step = height / tiers;
    const rails = chosen(it, 'rails') === 'yes';
    const railHeight = Math.min(RAIL_MM, step / 3);
    return [
      faceOf('top', 0, 0, width, depth),
      faceOf('legs', 0, y, size, height),
      faceOf('legs', width - size, y, size, height),
      ...Array.from({ length: tiers }, (_, tier) =>
        rails ? [faceOf('rails', size, y + tier * step, inner, railHeight)] : [],
      ).flat(),
      ...Array.from({ length: tiers - 1 }, (_, tier) =>
        faceOf(
          'shelves',
          size,
          y + (tier + 1) * step + railHeight,
          inner,
          Math.min(BOARD_MM, step / 4),
        ),
      ),
      ...(chosen(it, 'support') === 'casters'
        ? [
            faceOf(null, 0, y + height + GAP_MM / 4, size, size, 'wheel'),
            faceOf(null, width - size, y + height + GAP_MM / 4, size, size, 'wheel'),
          ]
        : []),
    ];
  },
  loose: () => NOTHING_LOOSE,
};
