import { DAY } from '../../units';
import { coating } from './coating';
import { MEETS } from './meets';

export const stencilPaint = coating({
  id: 'stencilPaint',
  label: 'wax-based stencil paint',
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
    { size: 0.1, price: 540 },
    { size: 0.25, price: 1050 },
    { size: 1, price: 3000 },
  ],
  shelfMonths: 24,
  hazards: [],
  protection: ['ventilation'],
  steps: [
    'Stencil flat, taped at two sides. Almost no paint on a stiff brush, dabbed off on a rag until it hardly marks.',
    'Small circles from the edge inwards; lift the stencil straight up, wipe its back before the next place.',
    'A smudge comes off with a damp cotton bud while it is fresh.',
  ],
  cleaner: 'soap and water',
  sprayer: 'Dab it.',
});
