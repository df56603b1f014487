import { DAY } from '../../units';
import { coating } from './coating';
import { MEETS } from './meets';

export const tintedVarnish = coating({
  id: 'tintedVarnish',
  label: 'stain and varnish in one',
  role: 'stain',
  mechanism: 'oxidation',
  wetUm: 80,
  solids: 0.45,
  recoatMinutes: 6 * 60,
  closesMinutes: 1 * DAY,
  cureDays: 14,
  yellows: false,
  ground: 'oilFilm',
  over: MEETS.oilClear,
  dilution: 'mineral spirits',
  dissolves: [],
  containers: [
    { size: 0.25, price: 910 },
    { size: 1, price: 2600 },
    { size: 2.5, price: 5720 },
  ],
  shelfMonths: 24,
  hazards: ['fumes', 'selfHeating'],
  protection: ['vapourCartridges', 'nitrileGloves', 'openWindow'],
  steps: [
    'Stir to the bottom, and again every few minutes: colour settles.',
    'A brush in even, unpooled strokes along the grain, off the edges; every lap that has begun to dry is a dark stripe for good.',
    'Colour grows with every coat: stop when it is deep enough, and go on with clear.',
  ],
  cleaner: 'mineral spirits',
  sprayer: 'Brush it; sprayed oil settles everywhere.',
});
