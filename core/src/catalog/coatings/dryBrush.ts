import { coating } from './coating';
import { MEETS } from './meets';

export const dryBrush = coating({
  id: 'dryBrush',
  label: 'dry-brushed acrylic paint',
  role: 'effect',
  mechanism: 'water',
  wetUm: 15,
  solids: 0.36,
  recoatMinutes: 2 * 60,
  closesMinutes: null,
  cureDays: 14,
  yellows: false,
  ground: 'mineral',
  over: MEETS.effect,
  dilution: null,
  dissolves: [],
  containers: [
    { size: 0.25, price: 630 },
    { size: 1, price: 1800 },
  ],
  shelfMonths: 24,
  hazards: [],
  protection: ['nitrileGloves', 'ventilation'],
  steps: ['Almost no paint on a stiff brush; wipe it on card first, then skim the high places.'],
  cleaner: 'water',
  sprayer: 'Strain it; rinse the gun with water at once.',
});
