import { coating } from './coating';
import { MEETS } from './meets';

export const glaze = coating({
  id: 'glaze',
  label: 'glaze',
  role: 'effect',
  mechanism: 'water',
  wetUm: 40,
  solids: 0.3,
  recoatMinutes: 4 * 60,
  closesMinutes: null,
  cureDays: 14,
  yellows: false,
  ground: 'mineral',
  over: MEETS.effect,
  dilution: 'water',
  dissolves: [],
  containers: [
    { size: 0.25, price: 910 },
    { size: 1, price: 2600 },
  ],
  shelfMonths: 24,
  hazards: [],
  protection: ['nitrileGloves', 'ventilation'],
  steps: [
    'Brush it into carving and corners, a part at a time.',
    'Wipe the high places clean with a damp cloth while it is wet; leave it in the low ones.',
    'Too dark? Water on the cloth takes it back for some minutes.',
  ],
  cleaner: 'water',
  sprayer: 'Strain it; rinse the gun with water at once.',
});
