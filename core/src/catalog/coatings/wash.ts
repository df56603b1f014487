import { coating } from './coating';
import { MEETS } from './meets';

export const wash = coating({
  id: 'wash',
  label: 'wash of thinned acrylic paint',
  role: 'effect',
  mechanism: 'water',
  wetUm: 40,
  solids: 0.15,
  recoatMinutes: 2 * 60,
  closesMinutes: null,
  cureDays: 14,
  yellows: false,
  ground: 'mineral',
  over: MEETS.effect,
  dilution: 'water, 1:1 to 1:3',
  dissolves: [],
  containers: [
    { size: 0.25, price: 315 },
    { size: 1, price: 900 },
  ],
  shelfMonths: 24,
  hazards: [],
  protection: ['nitrileGloves', 'ventilation'],
  steps: [
    'Thin the paint with water: 1 to 1 covers densely, 1 to 3 is translucent. Start at 1 to 2, and try it on the inside first.',
    'Wet the face with a sponge, brush the wash on along the grain, wipe back at once with a damp cloth.',
    'Patchy? A wet sponge evens it for some minutes.',
  ],
  cleaner: 'water',
  sprayer: 'Strain it; rinse the gun with water at once.',
  timers: ['stainWipe'],
});
