import { choice, chosen, lengthMeasure, measure, type Body, type BodyKind } from '../bodyKind';
import {
  GAP_MM,
  LEG_MM,
  NOTHING_LOOSE,
  faceOf,
  panel,
  surface,
  topPanels,
  type Face,
  type PartSurface,
} from '../part';
import { legs } from '../support';
import { STRETCHERS, apron, legFaces, stretchers } from './table';

/** Width of a slat or spindle and of a rail of a backrest, mm (modelling judgement). */
const SLAT_MM = 30;
const RAIL_MM = 60;
const ARM_MM = 55;

/** Slats or spindles: about as much gap as wood (modelling judgement). */
const slatsIn = (width: number): number => Math.max(3, Math.round(width / (2 * SLAT_MM)));

const backrest = (it: Body): readonly PartSurface[] => {
  const width = measure(it, 'width');
  const height = measure(it, 'backrestHeight');
  if (height <= 0) return [];
  const kind = chosen(it, 'backrest');
  const slats = slatsIn(width);
  const open = [
    panel(width, RAIL_MM, 4),
    panel(height, LEG_MM, 8),
    panel(height, SLAT_MM, 4 * slats),
  ];
  return [
    surface({
      id: 'backrest',
      role: 'backrest',
      name: 'Backrest',
      ...(kind === 'solid'
        ? { panels: [panel(width, height, 2)] }
        : {
            part: 'stick' as const,
            panels: open,
            profile: kind === 'spindles' ? ('turned' as const) : ('flat' as const),
          }),
    }),
  ];
};

const arms = (it: Body): readonly PartSurface[] =>
  chosen(it, 'arms') === 'yes'
    ? [
        surface({
          id: 'arms',
          role: 'arms',
          name: 'Armrests',
          part: 'stick',
          count: 2,
          panels: [panel(measure(it, 'depth') + 250, ARM_MM, 8)],
          profile: 'curved',
        }),
      ]
    : [];

const surfaces = (it: Body): readonly PartSurface[] => [
  ...(chosen(it, 'seat') === 'padded'
    ? []
    : [
        surface({
          id: 'seat',
          role: 'seat',
          name: 'Seat',
          panels: topPanels(measure(it, 'width'), measure(it, 'depth')),
        }),
      ]),
  ...backrest(it),
  ...arms(it),
  apron(it),
  ...stretchers(it),
  ...legs(measure(it, 'height')),
];

const backFaces = (it: Body): readonly Face[] => {
  const width = measure(it, 'width');
  const height = measure(it, 'backrestHeight');
  if (chosen(it, 'backrest') === 'solid') return [faceOf('backrest', 0, 0, width, height)];
  const slats = Math.min(8, slatsIn(width));
  const step = (width - 2 * LEG_MM) / slats;
  const rail = Math.min(RAIL_MM, height / 3);
  return [
    faceOf('backrest', 0, 0, width, rail),
    ...Array.from({ length: slats }, (_, index) =>
      faceOf('backrest', LEG_MM + index * step + step / 4, rail, step / 2, height - rail),
    ),
  ];
};

const faces = (it: Body): readonly Face[] => {
  const width = measure(it, 'width');
  const depth = measure(it, 'depth');
  const apronHeight = measure(it, 'apronHeight');
  const back = measure(it, 'backrestHeight');
  const seatY = back > 0 ? back + GAP_MM : 0;
  const padded = chosen(it, 'seat') === 'padded';
  const y = seatY + (padded ? 0 : depth + GAP_MM);
  const armed = chosen(it, 'arms') === 'yes' && !padded;
  return [
    ...(back > 0 ? backFaces(it) : []),
    ...(padded ? [] : [faceOf('seat', 0, seatY, width, depth)]),
    ...(armed
      ? [
          faceOf('arms', -GAP_MM - ARM_MM, seatY, ARM_MM, depth),
          faceOf('arms', width + GAP_MM, seatY, ARM_MM, depth),
        ]
      : []),
    ...(chosen(it, 'arms') === 'yes' && padded
      ? [faceOf('arms', width + GAP_MM, y, ARM_MM, apronHeight + measure(it, 'height') / 2)]
      : []),
    faceOf('apron', 0, y, width, apronHeight),
    ...legFaces(it, y + apronHeight, measure(it, 'height') - apronHeight),
  ];
};

/** Seat on legs, with or without backrest and arms: stool, bench, chair, armchair. */
export const seat: BodyKind<'seat'> = {
  id: 'seat',
  name: 'Seat',
  what: 'A seat on legs, with or without a back and arms.',
  measures: [
    lengthMeasure('width', 'Seat width', 450, 150, 4000),
    lengthMeasure('depth', 'Seat depth', 420, 150, 900),
    lengthMeasure('height', 'Seat height', 450, 150, 1000),
    lengthMeasure('apronHeight', 'Apron height', 60, 20, 250),
    lengthMeasure('backrestHeight', 'Backrest above the seat', 0, 0, 1500),
  ],
  choices: [
    choice('backrest', 'Backrest', { solid: 'Solid', slats: 'Slats', spindles: 'Spindles' }),
    choice('seat', 'Seat', { wood: 'Wood', padded: 'Padded, cane or rush' }),
    choice('arms', 'Armrests', { no: 'None', yes: 'Two' }),
    choice('stretchers', 'Stretchers', STRETCHERS),
  ],
  size: (it) => ({
    width: measure(it, 'width'),
    depth: measure(it, 'depth'),
    height: measure(it, 'height') + measure(it, 'backrestHeight'),
  }),
  surfaces,
  faces,
  loose: () => NOTHING_LOOSE,
};
