import { GAP_MM, LEG_MM, faceOf, panel, surface, type Face, type PartSurface } from './part';
import type { Profile } from '../../catalog';

/** What a body stands on. */
export const SUPPORTS = {
  legs: 'Legs',
  feet: 'Bracket feet',
  plinth: 'Plinth',
  casters: 'Casters',
} as const;
export type Support = keyof typeof SUPPORTS;

/** Length of a bracket foot along each side of its corner, mm (modelling judgement). */
const FOOT_MM = 140;

/** Square legs, all four sides; none where they have no height. */
export const legs = (height: number, profile: Profile = 'flat'): readonly PartSurface[] =>
  height > 0
    ? [
        surface({
          id: 'legs',
          role: 'legs',
          name: 'Legs',
          part: 'stick',
          count: 4,
          panels: [panel(LEG_MM, height, 16)],
          profile,
        }),
      ]
    : [];

/** The surfaces that a body stands on; casters are hardware and have none. */
export const supportSurfaces = (
  kind: Support,
  width: number,
  depth: number,
  height: number,
): readonly PartSurface[] => {
  if (height <= 0 || kind === 'casters') return [];
  if (kind === 'legs') return legs(height);
  if (kind === 'feet') {
    const length = Math.min(FOOT_MM, width / 2, depth / 2);
    return [
      surface({
        id: 'feet',
        role: 'legs',
        name: 'Feet',
        part: 'stick',
        count: 4,
        panels: [panel(length, height, 8)],
      }),
    ];
  }
  return [
    surface({
      id: 'plinth',
      role: 'plinth',
      name: 'Plinth',
      part: 'stick',
      panels: [panel(width, height), panel(depth, height, 2)],
    }),
  ];
};

/**
 * What a body stands on, below its front.
 * @param x left end of the front in the drawing, mm
 * @param y lower end of the front, mm
 */
export const supportFaces = (
  kind: Support,
  x: number,
  y: number,
  width: number,
  depth: number,
  height: number,
): readonly Face[] => {
  if (height <= 0) return [];
  const below = y + GAP_MM / 2;
  if (kind === 'plinth') return [faceOf('plinth', x, below, width, height)];
  const size =
    kind === 'feet' ? Math.min(FOOT_MM, width / 2, depth / 2) : Math.min(LEG_MM, width / 3);
  const [id, look] = kind === 'casters' ? ([null, 'wheel'] as const) : ([kind, 'plain'] as const);
  return [
    faceOf(id, x, below, size, height, look),
    faceOf(id, x + width - size, below, size, height, look),
  ];
};
