import { DAY } from '../../units';
import { coating } from './coating';
import { MEETS } from './meets';

export const waterBlocker = coating({
  id: 'waterBlocker',
  label: 'waterborne stain blocker',
  role: 'primer',
  mechanism: 'water',
  wetUm: 100,
  solids: 0.38,
  recoatMinutes: 2 * 60,
  closesMinutes: 14 * DAY,
  cureDays: 7,
  yellows: false,
  ground: 'waterFilm',
  over: MEETS.primer,
  primer: {
    need: 'moderate tannin, where nobody may breathe solvent',
    coats: 2,
    scuffGrit: 220,
    grips: 0.75,
    holds: { tannin: 0.7, resin: 0.1, dye: 0.25 },
  },
  dilution: null,
  dissolves: [],
  containers: [
    { size: 0.25, price: 840 },
    { size: 1, price: 2400 },
    { size: 2.5, price: 5280 },
  ],
  shelfMonths: 24,
  hazards: [],
  protection: ['nitrileGloves', 'ventilation'],
  steps: [
    'A full, even coat by brush or foam roller: thin it is no blocker at all.',
    'Let it dry overnight before the second coat, though the label says two hours: what bleeds shows by morning.',
    'Yellow again after the second? It will not hold it: shellac on those places, and no third coat of this.',
  ],
  cleaner: 'water',
  sprayer: 'Strain it; rinse the gun with water at once.',
});
