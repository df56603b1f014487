import { coating } from './coating';
import { MEETS } from './meets';

export const pasteWax = coating({
  id: 'pasteWax',
  label: 'paste wax',
  role: 'wax',
  mechanism: 'wax',
  wetUm: 0,
  solids: 0,
  recoatMinutes: 20,
  closesMinutes: null,
  cureDays: 30,
  yellows: false,
  ground: 'wax',
  over: MEETS.wax,
  dilution: null,
  dissolves: ['wax'],
  containers: [
    { size: 0.25, price: 1260 },
    { size: 1, price: 3600 },
  ],
  shelfMonths: 60,
  hazards: ['flammable'],
  protection: ['nitrileGloves', 'ventilation'],
  steps: ['Thin with a cloth, wait 15–20 minutes, buff.', 'A second coat the same way.'],
  cleaner: 'mineral spirits',
  sprayer: 'Cloth only.',
});
