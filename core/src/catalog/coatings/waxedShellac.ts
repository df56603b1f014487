import { line } from '../line';
import { coating } from './coating';
import { MEETS } from './meets';

export const waxedShellac = coating(
  {
    id: 'waxedShellac',
    label: 'shellac, not dewaxed',
    role: 'clear',
    mechanism: 'alcohol',
    wetUm: 60,
    solids: 0.18,
    recoatMinutes: 60,
    sandMinutes: 2 * 60,
    closesMinutes: null,
    cureDays: 7,
    yellows: false,
    ground: 'waxedShellac',
    over: MEETS.shellac,
    dilution: 'denatured alcohol',
    dissolves: ['shellac'],
    containers: [
      { size: 0.25, price: 1050 },
      { size: 1, price: 3000 },
      { size: 2.5, price: 6600 },
    ],
    shelfMonths: 6,
    hazards: ['flammable', 'fumes'],
    protection: ['vapourCartridges', 'nitrileGloves', 'openWindow'],
    steps: [
      'A soft, full brush or a pad of lint-free cloth: thin, fast, one stroke beside the other, off the edge, no going back.',
      'Coats melt into each other.',
      line(
        'Nibs come off with P320 after two hours, wiped dry.',
        ['abrades'],
        'Nibs stay until the last coat, and are rubbed down with a damp felt.',
      ),
      'Right: a warm, even shine.',
      line(
        'Tears or ridges: leave them, cut them level with P400 tomorrow, one more thin coat.',
        ['abrades'],
        line(
          'Tears or ridges: leave them, take them level with wet-or-dry P400 and a little oil tomorrow, one more thin coat.',
          ['rubsWet'],
        ),
      ),
    ],
    cleaner: 'alcohol or ammonia',
    sprayer: 'It ruins sprayers that are hard to clean: brush or pad it.',
  },
  { as: 'topcoat', wish: 'shellac', called: 'shellac' },
);
