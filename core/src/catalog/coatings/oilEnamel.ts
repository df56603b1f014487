import { DAY } from '../../units';
import { coating } from './coating';
import { MEETS } from './meets';

export const oilEnamel = coating(
  {
    id: 'oilEnamel',
    label: 'oil-based enamel',
    role: 'paint',
    mechanism: 'oxidation',
    wetUm: 80,
    solids: 0.5,
    recoatMinutes: 16 * 60,
    sandMinutes: DAY,
    closesMinutes: 3 * DAY,
    cureDays: 14,
    yellows: true,
    ground: 'oilFilm',
    over: MEETS.oilPaint,
    dilution: 'mineral spirits, up to 5 %',
    dilutedUpTo: 5,
    dissolves: [],
    containers: [
      { size: 0.25, price: 980 },
      { size: 1, price: 2800 },
      { size: 2.5, price: 6160 },
    ],
    shelfMonths: 24,
    hazards: ['selfHeating', 'fumes'],
    protection: ['vapourCartridges', 'nitrileGloves', 'openWindow'],
    steps: [
      'Thin coats, well brushed out, laid off towards the wet edge; vertical faces twice as thin.',
      'It stays open for half an hour: no draught, no dust, and nothing touched until tomorrow.',
    ],
    cleaner: 'mineral spirits',
    sprayer: 'Brush or wipe it; sprayed oil settles everywhere.',
  },
  { as: 'paint', called: 'Oil enamel' },
);
