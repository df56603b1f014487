import { DAY } from '../../units';
import { coating } from './coating';
import { MEETS } from './meets';

export const gelStain = coating({
  id: 'gelStain',
  label: 'gel stain',
  role: 'stain',
  mechanism: 'oxidation',
  wetUm: 30,
  solids: 0.5,
  recoatMinutes: DAY,
  closesMinutes: null,
  cureDays: 7,
  yellows: false,
  ground: 'gel',
  over: MEETS.gelStain,
  dilution: null,
  dissolves: [],
  containers: [
    { size: 0.25, price: 1050 },
    { size: 1, price: 3000 },
  ],
  shelfMonths: 24,
  hazards: ['selfHeating', 'fumes'],
  protection: ['vapourCartridges', 'nitrileGloves', 'openWindow'],
  steps: [
    'On bare wood, or over a sealed, dulled film. Wipe on thin with a cloth, a face at a time, within five minutes.',
    'Even it out with a dry brush along the grain, light; what is too dark now is wiped, not brushed.',
    'Right: no lap marks in a raking light. A second coat tomorrow deepens it.',
  ],
  cleaner: 'mineral spirits',
  sprayer: 'Brush or wipe it; sprayed oil settles everywhere.',
  timers: ['stainWipe'],
});
