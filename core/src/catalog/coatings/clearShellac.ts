import { coating } from './coating';
import { MEETS } from './meets';

export const clearShellac = coating({
  id: 'clearShellac',
  label: 'clear shellac',
  role: 'primer',
  mechanism: 'alcohol',
  wetUm: 75,
  solids: 0.2,
  recoatMinutes: 60,
  closesMinutes: null,
  cureDays: 1,
  yellows: false,
  ground: 'shellac',
  over: MEETS.shellac,
  primer: {
    need: 'wood to show, or edges rubbed through',
    coats: 2,
    scuffGrit: 220,
    grips: 0.85,
    holds: { tannin: 0.95, resin: 0.9, dye: 0.9 },
  },
  dilution: 'denatured alcohol',
  dissolves: ['shellac'],
  containers: [
    { size: 0.25, price: 1260 },
    { size: 1, price: 3600 },
    { size: 2.5, price: 7920 },
  ],
  shelfMonths: 12,
  hazards: ['flammable', 'fumes'],
  protection: ['vapourCartridges', 'nitrileGloves', 'openWindow'],
  steps: [
    'Dewaxed only, where another kind of coat follows. A soft, full brush; thin, fast, one stroke beside the other, no brushing back.',
    'A place that was missed waits for the next coat. Second coat across the first.',
    'Right: an even shine. White bloom means damp air: warm the room, a very thin coat clears it.',
  ],
  cleaner: 'alcohol or ammonia',
  sprayer: 'It ruins sprayers that are hard to clean: brush it.',
});
