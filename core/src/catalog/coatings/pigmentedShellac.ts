import { coating } from './coating';
import { MEETS } from './meets';

export const pigmentedShellac = coating({
  id: 'pigmentedShellac',
  label: 'pigmented shellac blocker',
  role: 'primer',
  mechanism: 'alcohol',
  wetUm: 75,
  solids: 0.3,
  recoatMinutes: 60,
  closesMinutes: null,
  cureDays: 1,
  yellows: false,
  ground: 'shellac',
  over: MEETS.shellac,
  primer: {
    need: 'bleed, knots, odour, dye',
    coats: 2,
    scuffGrit: 220,
    grips: 0.85,
    holds: { tannin: 0.98, resin: 0.95, dye: 0.95 },
  },
  dilution: 'denatured alcohol',
  dissolves: ['shellac'],
  containers: [
    { size: 0.25, price: 1260 },
    { size: 1, price: 3600 },
    { size: 2.5, price: 7920 },
  ],
  shelfMonths: 12,
  hazards: ['flammable', 'fumes'],
  protection: ['vapourCartridges', 'nitrileGloves', 'openWindow'],
  steps: [
    'Stir well, it settles. Full soft brush, thin, fast, no brushing back: it sets in minutes.',
    'Watch it as it goes on: where the wood still bleeds it turns pink or brown. Mark those places.',
    'Give the marked places one more coat, and only those, until one stays white.',
  ],
  cleaner: 'alcohol or ammonia',
  sprayer: 'It ruins sprayers that are hard to clean: brush it.',
});
