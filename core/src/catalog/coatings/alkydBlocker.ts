import { line } from '../line';
import { DAY } from '../../units';
import { coating } from './coating';
import { MEETS } from './meets';

export const alkydBlocker = coating({
  id: 'alkydBlocker',
  label: 'alkyd stain blocker',
  role: 'primer',
  mechanism: 'oxidation',
  wetUm: 90,
  solids: 0.5,
  recoatMinutes: 4 * 60,
  sandMinutes: 12 * 60,
  closesMinutes: 7 * DAY,
  cureDays: 7,
  yellows: false,
  ground: 'oilFilm',
  over: MEETS.bondingPrimer,
  primer: {
    need: 'bleed of tannin and dye, where shellac is not to be had',
    coats: 2,
    scuffGrit: 220,
    grips: 0.8,
    holds: { tannin: 0.85, resin: 0.6, dye: 0.75 },
  },
  dilution: 'mineral spirits',
  dissolves: [],
  containers: [
    { size: 0.25, price: 980 },
    { size: 1, price: 2800 },
    { size: 2.5, price: 6160 },
  ],
  shelfMonths: 24,
  hazards: ['fumes', 'selfHeating'],
  protection: ['vapourCartridges', 'nitrileGloves', 'openWindow'],
  steps: [
    'Stir to the bottom. Brush or foam roller, even, no thicker than it stays where it is laid.',
    'Dry to the touch is not dry enough to sand: it balls up under the paper until the next day.',
    line(
      'Right: a flat white that powders under P220.',
      ['abrades'],
      'Right: a flat white that a fingernail leaves no mark in.',
    ),
    'Yellow or pink patches: one more coat there, or shellac on knots.',
  ],
  cleaner: 'mineral spirits',
  sprayer: 'Sprayed alkyd settles everywhere: brush it.',
});
