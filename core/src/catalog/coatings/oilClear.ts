import { DAY, coating } from './coating';
import { MEETS } from './meets';

export const oilClear = coating({
  id: 'oilClear',
  label: 'oil-based clear',
  role: 'clear',
  mechanism: 'oxidation',
  wetUm: 75,
  solids: 0.45,
  recoatMinutes: 5 * 60,
  closesMinutes: 1 * DAY,
  cureDays: 30,
  yellows: true,
  ground: 'oilFilm',
  over: MEETS.oilClear,
  dilution: 'mineral spirits, up to 10 % in the first coat',
  dissolves: [],
  containers: [
    { size: 0.25, price: 910 },
    { size: 1, price: 2600 },
    { size: 2.5, price: 5720 },
  ],
  shelfMonths: 24,
  hazards: ['selfHeating', 'fumes'],
  protection: ['vapourCartridges', 'nitrileGloves', 'openWindow'],
  steps: ['Natural-bristle brush, even strokes along the grain; tip off once and leave it.'],
  cleaner: 'mineral spirits',
  sprayer: 'Brush or wipe it; sprayed oil settles everywhere.',
});
