import { DAY } from '../../units';
import { coating } from './coating';
import { MEETS } from './meets';

export const wallPaint = coating(
  {
    id: 'wallPaint',
    label: 'acrylic paint',
    role: 'paint',
    mechanism: 'water',
    wetUm: 100,
    solids: 0.36,
    recoatMinutes: 4 * 60,
    sandMinutes: 8 * 60,
    closesMinutes: 14 * DAY,
    cureDays: 30,
    yellows: false,
    ground: 'waterFilm',
    over: MEETS.waterPaint,
    dilution: 'water, up to 5 %',
    dilutedUpTo: 5,
    dissolves: [],
    containers: [
      { size: 0.25, price: 630 },
      { size: 1, price: 1800 },
      { size: 2.5, price: 3960 },
    ],
    shelfMonths: 24,
    hazards: [],
    protection: ['nitrileGloves', 'ventilation'],
    steps: [
      'Microfibre roller, small sections, long strokes, a wet edge; lay off with an almost dry brush.',
      'Leave it: the next coat mends. On furniture it stays soft: a clear coat over it where hands and cups come.',
    ],
    cleaner: 'water',
    sprayer: 'Strain it; rinse the gun with water at once.',
  },
  { as: 'paint', called: 'Acrylic paint' },
);
