import { line } from '../line';
import { DAY } from '../../units';
import { coating } from './coating';
import { MEETS } from './meets';

export const cabinetEnamel = coating(
  {
    id: 'cabinetEnamel',
    label: 'waterborne cabinet enamel',
    role: 'paint',
    mechanism: 'water',
    wetUm: 100,
    solids: 0.38,
    recoatMinutes: 5 * 60,
    sandMinutes: DAY,
    closesMinutes: 7 * DAY,
    cureDays: 30,
    yellows: false,
    ground: 'waterFilm',
    over: MEETS.waterPaint,
    dilution: 'water, up to 5 %',
    dilutedUpTo: 5,
    dissolves: [],
    containers: [
      { size: 0.25, price: 1120 },
      { size: 1, price: 3200 },
      { size: 2.5, price: 7040 },
    ],
    shelfMonths: 24,
    hazards: [],
    protection: ['nitrileGloves', 'ventilation'],
    steps: [
      'Stir, do not shake; strain it if it has skins. Foam or microfibre roller, a door or a side at a time, then lay off lightly one way with a dampened synthetic brush.',
      'About a tenth of a litre for a square metre; thicker runs, thinner drags. Leave it: it levels by itself within ten minutes.',
      'A run that is still wet: one stroke upwards.',
      line(
        'One that has skinned over: leave it until tomorrow, cut it flat with P320 on a block.',
        ['abrades'],
        line(
          'One that has skinned over: leave it until tomorrow, take it flat with wet-or-dry P320, wet.',
          ['rubsWet'],
        ),
      ),
    ],
    cleaner: 'water',
    sprayer: 'Strain it; rinse the gun with water at once.',
  },
  { as: 'paint', called: 'Cabinet enamel' },
);
