import { coating } from './coating';
import { MEETS } from './meets';

export const oilStain = coating({
  id: 'oilStain',
  label: 'oil-based stain',
  role: 'stain',
  mechanism: 'oxidation',
  wetUm: 0,
  solids: 0,
  recoatMinutes: 8 * 60,
  closesMinutes: null,
  cureDays: 3,
  yellows: false,
  ground: 'oilStain',
  over: MEETS.openStain,
  dilution: 'mineral spirits, for a paler try',
  dissolves: [],
  containers: [
    { size: 0.25, price: 770 },
    { size: 1, price: 2200 },
  ],
  shelfMonths: 24,
  hazards: ['selfHeating', 'fumes'],
  protection: ['vapourCartridges', 'nitrileGloves', 'openWindow'],
  steps: [
    'Stir until nothing is left at the bottom. Try it on a hidden place first, thinned with spirits: that is easy to undo.',
    'Wipe on across the grain, a face at a time, off along it after three to five minutes.',
    'Too dark? A cloth with mineral spirits within ten minutes. Too light? One more round tomorrow, no sanding between.',
  ],
  cleaner: 'mineral spirits',
  sprayer: 'Brush or wipe it; sprayed oil settles everywhere.',
  timers: ['stainWipe'],
});
