import { coating } from './coating';
import { MEETS } from './meets';

export const mineralPaint = coating(
  {
    id: 'mineralPaint',
    label: 'chalk or mineral paint',
    role: 'paint',
    mechanism: 'water',
    wetUm: 110,
    solids: 0.42,
    recoatMinutes: 2 * 60,
    closesMinutes: null,
    cureDays: 21,
    yellows: false,
    ground: 'mineral',
    over: MEETS.mineralPaint,
    dilution: 'water, up to 10 %',
    dilutedUpTo: 10,
    dissolves: [],
    containers: [
      { size: 0.25, price: 1190 },
      { size: 1, price: 3400 },
      { size: 2.5, price: 7480 },
    ],
    shelfMonths: 24,
    hazards: [],
    protection: ['nitrileGloves', 'ventilation'],
    steps: [
      'Thin coats with a soft, dampened brush, in one direction or crosswise as the look wants.',
      'It dries fast: do not go back into it. Brush marks belong to it; a damp sponge levels the first coat.',
      'It dries flat and porous and wants a clear coat or wax.',
    ],
    cleaner: 'water',
    sprayer: 'Strain it; rinse the gun with water at once.',
  },
  { as: 'paint', called: 'Chalk or mineral' },
);
