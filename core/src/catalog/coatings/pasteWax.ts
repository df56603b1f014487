import { coating } from './coating';
import { MEETS } from './meets';

export const pasteWax = coating(
  {
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
    steps: [
      'A walnut of wax in a cloth, thin, in circles into the grain, then along it; 15–20 minutes, until it is hazy.',
      'Buff hard with a clean cloth, turned often, until a finger leaves no mark. Smears mean too much: a little fresh wax takes them off.',
      'A second coat the same way.',
    ],
    cleaner: 'mineral spirits',
    sprayer: 'Cloth only.',
    timers: ['waxHaze'],
  },
  { as: 'topcoat', wish: 'wax', called: 'wax' },
);
