import { DAY } from '../../units';
import { coating } from './coating';
import { MEETS } from './meets';

export const bonding = coating({
  id: 'bonding',
  label: 'waterborne bonding primer',
  role: 'primer',
  mechanism: 'water',
  wetUm: 90,
  solids: 0.38,
  recoatMinutes: 4 * 60,
  sandMinutes: 4 * 60,
  closesMinutes: 3 * DAY,
  cureDays: 7,
  yellows: false,
  ground: 'waterFilm',
  over: MEETS.bondingPrimer,
  primer: {
    need: 'laminate, foil, glossy factory film',
    coats: 1,
    scuffGrit: 220,
    grips: 0.97,
    holds: { tannin: 0.3, resin: 0, dye: 0 },
  },
  dilution: null,
  dissolves: [],
  containers: [
    { size: 0.25, price: 980 },
    { size: 1, price: 2800 },
    { size: 2.5, price: 6160 },
  ],
  shelfMonths: 24,
  hazards: [],
  protection: ['nitrileGloves', 'ventilation'],
  steps: [
    'Thin and even with a short-pile roller, a brush in corners; no second pass over what has begun to set.',
    'It grips in hours and hardens in days: treat it gently, and put nothing on it.',
    'Right: a nail drawn over it after a night leaves a line, no flake. It flakes? Strip it there, degrease, scuff again.',
  ],
  cleaner: 'water',
  sprayer: 'Strain it; rinse the gun with water at once.',
});
