import { DAY, coating } from './coating';
import { MEETS } from './meets';

export const acrylic = coating({
  id: 'acrylic',
  label: 'waterborne acrylic primer',
  role: 'primer',
  mechanism: 'water',
  wetUm: 100,
  solids: 0.36,
  recoatMinutes: 3 * 60,
  closesMinutes: 14 * DAY,
  cureDays: 7,
  yellows: false,
  ground: 'waterFilm',
  over: MEETS.primer,
  primer: {
    need: 'sound old film, bare wood that does not bleed',
    coats: 1,
    scuffGrit: 220,
    grips: 0.75,
    holds: { tannin: 0, resin: 0, dye: 0 },
  },
  dilution: null,
  dissolves: [],
  containers: [
    { size: 0.25, price: 560 },
    { size: 1, price: 1600 },
    { size: 2.5, price: 3520 },
  ],
  shelfMonths: 24,
  hazards: [],
  protection: ['nitrileGloves', 'ventilation'],
  steps: ['One even coat, long strokes, wet edge, leave it.'],
  cleaner: 'water',
  sprayer: 'Strain it; rinse the gun with water at once.',
});
