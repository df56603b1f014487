import { coating } from './coating';
import { MEETS } from './meets';

export const hardOil = coating(
  {
    id: 'hardOil',
    label: 'penetrating oil',
    role: 'oil',
    mechanism: 'oxidation',
    wetUm: 0,
    solids: 0,
    recoatMinutes: 12 * 60,
    closesMinutes: null,
    cureDays: 7,
    yellows: true,
    ground: 'oiled',
    over: MEETS.oil,
    dilution: null,
    dissolves: [],
    containers: [
      { size: 0.25, price: 1120 },
      { size: 1, price: 3200 },
    ],
    shelfMonths: 24,
    hazards: ['selfHeating', 'fumes'],
    protection: ['vapourCartridges', 'nitrileGloves', 'openWindow'],
    steps: [
      'Flood it on with a cloth, keep it wet for twenty minutes; where it goes dull, more.',
      'Wipe off all that has not gone in, until the cloth runs dry: what stays on top stays sticky.',
      'Again after an hour where it sweats out. The second round takes half as much.',
    ],
    cleaner: 'mineral spirits',
    sprayer: 'Brush or wipe it; sprayed oil settles everywhere.',
    timers: ['oilSoak'],
  },
  { as: 'topcoat', wish: 'hardOil', called: 'penetrating oil' },
);
