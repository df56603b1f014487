import { coating } from './coating';
import { MEETS } from './meets';

export const lacquer = coating(
  {
    id: 'lacquer',
    label: 'brushing lacquer, solvent-based',
    role: 'clear',
    mechanism: 'solvent',
    wetUm: 100,
    solids: 0.22,
    recoatMinutes: 2 * 60,
    closesMinutes: null,
    cureDays: 14,
    yellows: true,
    ground: 'lacquer',
    over: MEETS.lacquer,
    dilution: 'lacquer thinner, slow',
    dissolves: ['lacquer', 'shellac', 'latex'],
    containers: [
      { size: 0.25, price: 1050 },
      { size: 1, price: 3000 },
      { size: 2.5, price: 6600 },
    ],
    shelfMonths: 24,
    hazards: ['flammable', 'fumesStun'],
    protection: ['vapourCartridges', 'nitrileGloves', 'goggles', 'openWindow'],
    steps: [
      'Warm, dry air, a full soft brush; flow it on, along the grain, a strip at a time, wet beside wet.',
      'Never back into it: it melts the coat below and drags it. The second coat bites into the first by itself.',
      'Right: level and clear. White bloom: damp air; wait, a thin coat with slow thinner clears it. Fisheyes: silicone, stop.',
    ],
    cleaner: 'lacquer thinner',
    sprayer: 'Its mist explodes: no gun without a booth made for it.',
  },
  { as: 'topcoat', wish: 'lacquer', called: 'lacquer' },
);
