import { DAY, coating } from './coating';
import { MEETS } from './meets';

export const waterClear = coating({
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
  steps: ['Soft synthetic brush or foam, even and unpooled, one pass; do not go back into it.'],
  cleaner: 'water',
  sprayer: 'Strain it; rinse the gun with water at once.',
});
