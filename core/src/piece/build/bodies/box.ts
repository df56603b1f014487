import {
  choice,
  chosen,
  lengthMeasure,
  measure,
  measuredSize,
  type Body,
  type BodyKind,
} from '../bodyKind';
import { BOARD_MM, GAP_MM, NOTHING_LOOSE, faceOf, panel, surface, topPanels } from '../part';
import { SUPPORTS, supportFaces, supportSurfaces, type Support } from '../support';

const tall = (it: Body): number => measure(it, 'height') - measure(it, 'legHeight');

/** A box with a lid: blanket box, chest, toy box, piano stool with a lid. */
export const box: BodyKind<'box'> = {
  id: 'box',
  name: 'Box with a lid',
  what: 'Four sides, a bottom and a lid.',
  measures: [
    lengthMeasure('width', 'Width', 1000, 150, 2500),
    lengthMeasure('depth', 'Depth', 480, 100, 1200),
    lengthMeasure('height', 'Height with feet', 500, 100, 1200),
    lengthMeasure('legHeight', 'Legs, feet or plinth', 80, 0, 500),
  ],
  choices: [
    choice('support', 'Stands on', {
      feet: SUPPORTS.feet,
      legs: SUPPORTS.legs,
      plinth: SUPPORTS.plinth,
      casters: SUPPORTS.casters,
    }),
  ],
  size: measuredSize,
  surfaces: (it) => {
    const { width, depth } = measuredSize(it);
    const height = tall(it) - BOARD_MM;
    return [
      surface({
        id: 'top',
        role: 'top',
        name: 'Lid',
        panels: [...topPanels(width, depth), panel(width - 2 * BOARD_MM, depth - 2 * BOARD_MM)],
      }),
      surface({ id: 'front', role: 'fixedPanel', name: 'Front', panels: [panel(width, height)] }),
      surface({ id: 'left', role: 'side', name: 'Left side', panels: [panel(depth, height)] }),
      surface({ id: 'right', role: 'side', name: 'Right side', panels: [panel(depth, height)] }),
      surface({
        id: 'back',
        role: 'back',
        name: 'Back',
        part: 'back',
        panels: [panel(width, height)],
      }),
      surface({
        id: 'inside',
        role: 'inside',
        name: 'Inside',
        panels: [
          panel(width - 2 * BOARD_MM, height - BOARD_MM, 2),
          panel(depth - 2 * BOARD_MM, height - BOARD_MM, 2),
          panel(width - 2 * BOARD_MM, depth - 2 * BOARD_MM),
        ],
      }),
      ...supportSurfaces(chosen(it, 'support') as Support, width, depth, measure(it, 'legHeight')),
    ];
  },
  faces: (it) => {
    const { width, depth } = measuredSize(it);
    const height = tall(it);
    const x = depth + GAP_MM;
    const y = depth + GAP_MM;
    return [
      faceOf('top', x, 0, width, depth),
      faceOf('left', 0, y, depth, height),
      faceOf('front', x, y, width, height),
      faceOf('right', x + width + GAP_MM, y, depth, height),
      ...supportFaces(
        chosen(it, 'support') as Support,
        x,
        y + height,
        width,
        depth,
        measure(it, 'legHeight'),
      ),
    ];
  },
  loose: () => NOTHING_LOOSE,
};
