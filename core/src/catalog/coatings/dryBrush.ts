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
  steps: [
    'Dip the tip of a stiff brush, then wipe it on card until it leaves only a whisper.',
    'Skim the high places, always in one direction, hardly touching. More is a second pass, never more paint.',
    'Too much? A damp cloth at once takes it off.',
  ],
  cleaner: 'water',
  sprayer: 'Strain it; rinse the gun with water at once.',
});
