import { DAY } from '../../units';
import { coating } from './coating';
import { MEETS } from './meets';

export const waterClear = coating(
  {
    id: 'waterClear',
    label: 'waterborne clear',
    role: 'clear',
    mechanism: 'water',
    wetUm: 90,
    solids: 0.33,
    recoatMinutes: 150,
    closesMinutes: 1 * DAY,
    cureDays: 21,
    yellows: false,
    ground: 'waterFilm',
    over: MEETS.waterClear,
    dilution: null,
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
      'Stir, do not shake. Soft synthetic brush or foam pad, well loaded; even and unpooled, along the grain, one pass, a wet edge.',
      'Do not go back into it: what has begun to dry tears. A missed place waits for the next coat.',
      'Milky while wet is right; milky when dry means cold or damp air: stop, warm the room.',
    ],
    cleaner: 'water',
    sprayer: 'Strain it; rinse the gun with water at once.',
  },
  { as: 'topcoat', wish: 'waterborne', called: 'waterborne clear' },
);
