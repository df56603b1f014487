import { coating } from './coating';
import { MEETS } from './meets';

export const waterStain = coating({
  id: 'waterStain',
  label: 'waterborne stain',
  role: 'stain',
  mechanism: 'water',
  wetUm: 0,
  solids: 0,
  recoatMinutes: 2 * 60,
  closesMinutes: null,
  cureDays: 1,
  yellows: false,
  ground: 'waterStain',
  over: MEETS.waterStain,
  dilution: 'water',
  dissolves: [],
  containers: [
    { size: 0.25, price: 770 },
    { size: 1, price: 2200 },
  ],
  shelfMonths: 24,
  hazards: [],
  protection: ['nitrileGloves', 'ventilation'],
  steps: [
    'Wipe on quickly, a wet edge all the way, a whole face without a stop; off along the grain at once.',
    'Lap marks? Wet the whole face with water and wipe it even.',
  ],
  cleaner: 'water',
  sprayer: 'Strain it; rinse the gun with water at once.',
  timers: ['stainWipe'],
});
