import { DAY } from '../../units';
import { coating } from './coating';
import { MEETS } from './meets';

export const allInOne = coating(
  {
    id: 'allInOne',
    label: 'mineral paint with topcoat built in',
    role: 'paint',
    mechanism: 'water',
    wetUm: 100,
    solids: 0.4,
    recoatMinutes: 3 * 60,
    closesMinutes: 14 * DAY,
    cureDays: 30,
    yellows: false,
    ground: 'waterFilm',
    over: MEETS.waterPaint,
    dilution: 'water, a splash',
    dissolves: [],
    containers: [
      { size: 0.25, price: 1470 },
      { size: 1, price: 4200 },
      { size: 2.5, price: 9240 },
    ],
    shelfMonths: 24,
    hazards: [],
    protection: ['nitrileGloves', 'ventilation'],
    steps: [
      'Stir it slowly to the bottom. Brush or foam roller, small sections, long strokes, a wet edge, leave it.',
      'It levels while it is wet: what is gone back into after a minute drags.',
      'It needs no clear over it; it is soft for a month all the same: nothing hard or hot on it.',
    ],
    cleaner: 'water',
    sprayer: 'Strain it; rinse the gun with water at once.',
  },
  { as: 'paint', called: 'Mineral, topcoat built in' },
);
