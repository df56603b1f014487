import { DAY } from '../../units';
import { coating } from './coating';
import { MEETS } from './meets';

export const sealing = coating({
  id: 'sealing',
  label: 'sealing primer for board and filler',
  role: 'primer',
  mechanism: 'water',
  wetUm: 100,
  solids: 0.35,
  recoatMinutes: 3 * 60,
  closesMinutes: 14 * DAY,
  cureDays: 7,
  yellows: false,
  ground: 'waterFilm',
  over: MEETS.primer,
  primer: {
    need: 'bare fibreboard, filler patches',
    coats: 2,
    scuffGrit: 220,
    grips: 0.7,
    holds: { tannin: 0.3, resin: 0, dye: 0 },
  },
  dilution: null,
  dissolves: [],
  containers: [
    { size: 0.25, price: 700 },
    { size: 1, price: 2000 },
    { size: 2.5, price: 4400 },
  ],
  shelfMonths: 24,
  hazards: [],
  protection: ['nitrileGloves', 'ventilation'],
  steps: [
    'Edges first: they drink most, and want it brushed in until they stay wet.',
    'Then the faces with a roller, even. Second coat on edges and filler once it is dry.',
    'Right: one sheen over board, edges and filler. A dull patch is still drinking: again there.',
  ],
  cleaner: 'water',
  sprayer: 'Strain it; rinse the gun with water at once.',
});
