import { coating } from './coating';
import { MEETS } from './meets';

export const grainFiller = coating({
  id: 'grainFiller',
  label: 'grain filler',
  role: 'filler',
  mechanism: 'water',
  wetUm: 60,
  solids: 0.6,
  recoatMinutes: 2 * 60,
  closesMinutes: null,
  cureDays: 2,
  yellows: false,
  ground: 'mineral',
  over: MEETS.grainFiller,
  dilution: null,
  dissolves: [],
  containers: [
    { size: 0.25, price: 840 },
    { size: 1, price: 2400 },
  ],
  shelfMonths: 24,
  hazards: [],
  protection: ['nitrileGloves', 'ventilation'],
  steps: [
    'Rub it in across the grain with a plastic scraper, a small area at a time.',
    'Take the surplus off after ten minutes, or as labelled.',
  ],
  cleaner: 'water',
  sprayer: 'Strain it; rinse the gun with water at once.',
});
