import { coating } from './coating';
import { MEETS } from './meets';

export const toner = coating({
  id: 'toner',
  label: 'toner, dyed shellac',
  role: 'effect',
  mechanism: 'alcohol',
  wetUm: 40,
  solids: 0.12,
  recoatMinutes: 60,
  closesMinutes: null,
  cureDays: 1,
  yellows: false,
  ground: 'thinShellac',
  over: MEETS.shellac,
  dilution: 'denatured alcohol',
  dissolves: ['shellac'],
  containers: [
    { size: 0.25, price: 1260 },
    { size: 1, price: 3600 },
  ],
  shelfMonths: 12,
  hazards: ['flammable', 'fumes'],
  protection: ['vapourCartridges', 'nitrileGloves', 'openWindow'],
  steps: [
    'Dewaxed shellac with a little dye in it, weaker than you think. Try it on the hidden test board first.',
    'Thin, fast coats over the pale places only, feathered out with a soft brush; then one over all.',
    'Stop while it is still a shade too light: the clear coat deepens it. Too dark? A cloth with alcohol takes it off at once.',
  ],
  cleaner: 'alcohol',
  sprayer: 'It ruins sprayers that are hard to clean: brush or pad it.',
});
