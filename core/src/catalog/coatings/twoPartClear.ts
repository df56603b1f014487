import { line } from '../line';
import { coating } from './coating';
import { MEETS } from './meets';

export const twoPartClear = coating(
  {
    id: 'twoPartClear',
    label: 'waterborne clear, two-part',
    role: 'clear',
    mechanism: 'water',
    wetUm: 90,
    solids: 0.36,
    recoatMinutes: 2 * 60,
    sandMinutes: 12 * 60,
    closesMinutes: 12 * 60,
    potLifeMinutes: 4 * 60,
    cureDays: 7,
    yellows: false,
    brushOnly: true,
    ground: 'waterFilm',
    over: MEETS.waterClear,
    dilution: 'water, by the label',
    dissolves: [],
    containers: [
      { size: 0.25, price: 1820 },
      { size: 1, price: 5200 },
      { size: 2.5, price: 11440 },
    ],
    shelfMonths: 12,
    hazards: ['sensitiser', 'isocyanate'],
    protection: ['vapourCartridges', 'nitrileGloves', 'goggles', 'openWindow'],
    steps: [
      'Weigh hardener into clear by the label, stir three minutes, strain. Mix no more than one coat takes: in four hours it is waste, even while it looks wet.',
      'Soft synthetic brush or foam pad, even, one pass, a wet edge; do not go back into it.',
      line(
        'The next coat within twelve hours bites by itself; later it wants P320 first.',
        ['abrades'],
        line(
          'The next coat within twelve hours bites by itself; later it is dulled wet with wet-or-dry P320 first.',
          ['rubsWet'],
        ),
      ),
      'Leftovers harden in the can with its lid loose, and go to the hazardous-waste site.',
    ],
    cleaner: 'water, before it sets',
    sprayer: 'The hardener in a mist harms the lungs for good: brush it.',
    timers: ['twoPartPot'],
  },
  { as: 'topcoat', wish: 'twoPart', called: 'two-part waterborne clear' },
);
