import { DAY } from '../../units';
import { coating } from './coating';
import { MEETS } from './meets';

export const metalWax = coating({
  id: 'metalWax',
  label: 'metal wax',
  role: 'effect',
  mechanism: 'wax',
  wetUm: 0,
  solids: 0,
  recoatMinutes: DAY,
  closesMinutes: null,
  cureDays: 30,
  yellows: false,
  ground: 'wax',
  over: MEETS.wax,
  dilution: null,
  dissolves: [],
  containers: [
    { size: 0.1, price: 1080 },
    { size: 0.25, price: 2100 },
    { size: 1, price: 6000 },
  ],
  shelfMonths: 24,
  hazards: ['fumes'],
  protection: ['nitrileGloves', 'ventilation'],
  steps: [
    'A touch on a fingertip or soft cloth, rubbed almost dry, along raised edges and carving only.',
    'Overnight, then buff with a soft brush until it shines.',
    'Too much? A cloth with a drop of mineral spirits, at once.',
  ],
  cleaner: 'mineral spirits',
  sprayer: 'Rub it on.',
  timers: ['waxHaze'],
});
