import { DAY } from '../../units';
import { coating } from './coating';
import { MEETS } from './meets';

export const acrylic = coating({
  id: 'acrylic',
  label: 'waterborne acrylic primer',
  role: 'primer',
  mechanism: 'water',
  wetUm: 100,
  solids: 0.36,
  recoatMinutes: 3 * 60,
  closesMinutes: 14 * DAY,
  cureDays: 7,
  yellows: false,
  ground: 'waterFilm',
  over: MEETS.primer,
  primer: {
    need: 'sound old film, bare wood that does not bleed',
    coats: 1,
    scuffGrit: 220,
    grips: 0.75,
    holds: { tannin: 0, resin: 0, dye: 0 },
  },
  dilution: null,
  dissolves: [],
  containers: [
    { size: 0.25, price: 560 },
    { size: 1, price: 1600 },
    { size: 2.5, price: 3520 },
  ],
  shelfMonths: 24,
  hazards: [],
  protection: ['nitrileGloves', 'ventilation'],
  steps: [
    'Stir to the bottom for two minutes. Microfibre roller on flats, brush in corners, one even coat; lay off lightly with the brush along the grain.',
    'Small sections, keep a wet edge, and leave it alone once it drags: what is thin now, the next coat mends.',
    'Right: an even, matt, milky face. Shiny patches are where the old film was not dulled: let it dry, scuff them, touch in.',
  ],
  cleaner: 'water',
  sprayer: 'Strain it; rinse the gun with water at once.',
});
