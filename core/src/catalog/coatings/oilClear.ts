import { line } from '../line';
import { DAY } from '../../units';
import { coating } from './coating';
import { MEETS } from './meets';

export const oilClear = coating(
  {
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
    dilutedUpTo: 10,
    dissolves: [],
    containers: [
      { size: 0.25, price: 910 },
      { size: 1, price: 2600 },
      { size: 2.5, price: 5720 },
    ],
    shelfMonths: 24,
    hazards: ['selfHeating', 'fumes'],
    protection: ['vapourCartridges', 'nitrileGloves', 'openWindow'],
    steps: [
      'Do not shake it: bubbles stay. Natural-bristle brush, a third dipped; even strokes along the grain, from dry into wet.',
      'Tip off once with the tips of the bristles and leave it. Dust off the floor before you begin.',
      'Right: an even wet shine in a raking light. A sag within ten minutes: brush it up.',
      line(
        'Seen later, a sag is left until it is hard, and cut flat with P320.',
        ['abrades'],
        line(
          'Seen later, a sag is left until it is hard, and taken flat wet, with wet-or-dry P320.',
          ['rubsWet'],
        ),
      ),
    ],
    cleaner: 'mineral spirits',
    sprayer: 'Brush or wipe it; sprayed oil settles everywhere.',
  },
  { as: 'topcoat', wish: 'oil', called: 'oil-based clear' },
);
