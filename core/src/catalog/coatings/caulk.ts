import { coating } from './coating';
import { MEETS } from './meets';

export const caulk = coating({
  id: 'caulk',
  label: 'paintable caulk',
  role: 'filler',
  mechanism: 'water',
  wetUm: 1000,
  solids: 0.7,
  recoatMinutes: 4 * 60,
  closesMinutes: null,
  cureDays: 3,
  yellows: false,
  ground: 'filler',
  over: MEETS.caulk,
  dilution: null,
  dissolves: [],
  containers: [
    { size: 0.25, price: 525 },
    { size: 1, price: 1500 },
  ],
  shelfMonths: 24,
  hazards: [],
  protection: ['nitrileGloves', 'ventilation'],
  steps: [
    'Nozzle cut small. A thin bead into the gap, no more than fills it.',
    'Smooth with a damp finger in one stroke, wipe the rest off with a damp cloth; touch no more.',
    'It sinks as it dries: a second thin bead where it has.',
  ],
  cleaner: 'water',
  sprayer: 'Strain it; rinse the gun with water at once.',
});
