import { line } from '../line';
import { coating } from './coating';
import { MEETS } from './meets';

export const washcoat = coating({
  id: 'washcoat',
  label: 'thin shellac washcoat',
  role: 'stain',
  mechanism: 'alcohol',
  wetUm: 50,
  solids: 0.08,
  recoatMinutes: 45,
  closesMinutes: null,
  cureDays: 1,
  yellows: false,
  ground: 'thinShellac',
  over: MEETS.shellac,
  dilution: 'denatured alcohol',
  dissolves: ['shellac'],
  containers: [
    { size: 0.25, price: 630 },
    { size: 1, price: 1800 },
    { size: 2.5, price: 3960 },
  ],
  shelfMonths: 12,
  hazards: ['flammable', 'fumes'],
  protection: ['vapourCartridges', 'nitrileGloves', 'openWindow'],
  steps: [
    'Dewaxed shellac thinned with alcohol to about a third of its strength. One thin, fast, even coat; no brushing back.',
    line(
      'P320 by hand, one stroke, wipe: it is to seal, not to build.',
      ['abrades'],
      line('Wet-or-dry P320, damp, by hand, one stroke, wipe: it is to seal, not to build.', [
        'rubsWet',
      ]),
    ),
  ],
  cleaner: 'alcohol or ammonia',
  sprayer: 'It ruins sprayers that are hard to clean: brush it.',
});
