import { DAY } from '../../units';
import { coating } from './coating';
import { MEETS } from './meets';

export const tintedOil = coating({
  id: 'tintedOil',
  label: 'tinted oil',
  role: 'stain',
  mechanism: 'oxidation',
  wetUm: 0,
  solids: 0,
  recoatMinutes: DAY,
  closesMinutes: null,
  cureDays: 7,
  yellows: false,
  ground: 'oiled',
  over: MEETS.oil,
  dilution: null,
  dissolves: [],
  containers: [
    { size: 0.25, price: 1190 },
    { size: 1, price: 3400 },
    { size: 2.5, price: 7480 },
  ],
  shelfMonths: 24,
  hazards: ['selfHeating'],
  protection: ['nitrileGloves', 'ventilation'],
  steps: [
    'Stir to the bottom. Flood it on with a cloth or pad, a face at a time; keep it wet for twenty minutes.',
    'Wipe off all that has not gone in, across, then along the grain, with clean cloths until they come away clean.',
    'Right: even colour, no wet shine. Sticky tomorrow? A rag with a little fresh oil loosens it; wipe dry.',
  ],
  cleaner: 'mineral spirits',
  sprayer: 'Wipe it on.',
  timers: ['oilSoak'],
});
