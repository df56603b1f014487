import {
  choice,
  chosen,
  lengthMeasure,
  measure,
  measuredSize,
  type Body,
  type BodyKind,
} from '../bodyKind';
import { GAP_MM, NOTHING_LOOSE, faceOf, panel, surface, type PartSurface } from '../part';

/** Stiles and rails: front face, inner and outer edge; the inner length is a little shorter. */
const around = (it: Body): PartSurface => {
  const { width, height, depth } = measuredSize(it);
  const stile = Math.min(measure(it, 'stileWidth'), width / 2, height / 2);
  return surface({
    id: 'frame',
    role: 'mirrorFrame',
    name: 'Frame',
    part: 'stick',
    panels: [
      panel(width, stile, 2),
      panel(height - 2 * stile, stile, 2),
      panel(width, depth, 4),
      panel(height, depth, 4),
    ],
    profile: 'moulded',
  });
};

/** A frame by itself: around a mirror or picture, or a door off its hinges. */
export const frame: BodyKind<'frame'> = {
  id: 'frame',
  name: 'Frame or door',
  what: 'A mirror or picture frame, or a door by itself.',
  measures: [
    lengthMeasure('width', 'Width', 600, 80, 3000),
    lengthMeasure('height', 'Height', 800, 80, 3000),
    lengthMeasure('depth', 'Thickness', 25, 5, 200),
    lengthMeasure('stileWidth', 'Width of the frame', 70, 10, 300),
  ],
  choices: [
    choice('filling', 'In it', {
      mirror: 'Mirror',
      picture: 'Picture or nothing',
      panel: 'Panel',
      glass: 'Glass',
    }),
  ],
  size: measuredSize,
  surfaces: (it) => {
    const { width, height, depth } = measuredSize(it);
    if (chosen(it, 'filling') !== 'panel') return [around(it)];
    const edges = [panel(width, depth, 2), panel(height, depth, 2)];
    return [
      surface({
        id: 'face',
        role: 'doorLeaf',
        name: 'Front of the door',
        panels: [panel(width, height), ...edges],
        profile: 'framePanel',
      }),
      surface({
        id: 'reverse',
        role: 'doorLeaf',
        name: 'Back of the door',
        panels: [panel(width, height)],
        profile: 'framePanel',
      }),
    ];
  },
  faces: (it) => {
    const { width, height } = measuredSize(it);
    const filling = chosen(it, 'filling');
    if (filling === 'panel') {
      return [
        faceOf('face', 0, 0, width, height, 'door'),
        faceOf('reverse', width + GAP_MM, 0, width, height, 'door'),
      ];
    }
    return [faceOf('frame', 0, 0, width, height, 'mirror')];
  },
  loose: () => NOTHING_LOOSE,
};
