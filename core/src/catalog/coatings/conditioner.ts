import { coating } from './coating';
import { MEETS } from './meets';

export const conditioner = coating({
  id: 'conditioner',
  label: 'wood conditioner',
  role: 'stain',
  mechanism: 'oxidation',
  wetUm: 0,
  solids: 0,
  recoatMinutes: 15,
  closesMinutes: 120,
  cureDays: 0,
  yellows: false,
  ground: 'oilStain',
  over: MEETS.openStain,
  dilution: null,
  dissolves: [],
  containers: [
    { size: 0.25, price: 630 },
    { size: 1, price: 1800 },
  ],
  shelfMonths: 24,
  hazards: ['selfHeating', 'fumes'],
  protection: ['vapourCartridges', 'nitrileGloves', 'openWindow'],
  steps: [
    'Flood it on along the grain, keep it wet for ten minutes; where it goes dull, more.',
    'Wipe off all that is left, along the grain, until the cloth stays dry.',
    'Stain within two hours: later it has closed the wood altogether.',
  ],
  cleaner: 'mineral spirits',
  sprayer: 'Brush or wipe it; sprayed oil settles everywhere.',
});
