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
    'Work it in across the grain with a plastic card, hard, a small area at a time, until every pore is full.',
    'Take the surplus off across the grain after ten minutes, or as labelled, before it is hard.',
    'Look along the light: pores that still show get a second round once it is dry.',
  ],
  cleaner: 'water',
  sprayer: 'Strain it; rinse the gun with water at once.',
});
