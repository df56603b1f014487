import { STRIP_WAYS, type StripWay } from '../stripWays';
import type { TimerId } from '../bench/timers';
import { method, type MethodRow } from './method';

const TIMERS_OF: Readonly<Partial<Record<StripWay, readonly TimerId[]>>> = {
  gel: ['gelDwell'],
  scrape: ['gelDwell'],
  mild: ['mildDwell'],
  caustic: ['lyeDwell'],
};

/** A way to strip, as a method: its facts stand in the way's own row. */
const stripping = STRIP_WAYS.rows.map((it): MethodRow<`strip-${StripWay}`> =>
  method({
    id: `strip-${it.id}`,
    does: ['scrapes', 'scrapesWet', 'rubsWet', 'abrades', 'heats'],
    dust: it.makesDust,
    opensLayers: true,
    heat: it.heats,
    wet: it.wets,
    timers: TIMERS_OF[it.id] ?? [],
    protection: it.protection,
    handbook: `way-${it.id}`,
  }),
);

/** Taking the old finish off, or only what is loose, and what has to follow. */
export const STRIP_METHODS = [
  ...stripping,
  method({
    id: 'neutralise',
    wet: 'water',
    halfAndHalf: 'vinegar',
    rate: 'neutralise',
    protection: ['rubberGloves', 'goggles'],
  }),
  method({
    id: 'neutralise-again',
    wet: 'water',
    rate: 'neutralise',
    protection: ['rubberGloves', 'goggles'],
  }),
  method({
    id: 'extractive-wipe',
    does: ['alcohol'],
    wet: 'alcohol',
    rate: 'alcoholWipe',
    protection: ['nitrileGloves', 'openWindow'],
  }),
  method({
    id: 'extractive-wipe-damp',
    wet: 'water',
    rate: 'dampWipe',
    protection: ['nitrileGloves'],
  }),
  method({
    id: 'extractive-wash',
    does: ['water', 'rubsWet'],
    wet: 'water',
    rate: 'extractiveWash',
    protection: ['rubberGloves', 'goggles'],
  }),
  method({
    id: 'loose-off',
    does: ['scrapes'],
    dust: true,
    opensLayers: true,
    rate: 'looseOff',
    protection: ['p100Filter', 'goggles', 'workGloves'],
  }),
  method({
    id: 'loose-off-wet',
    does: ['scrapesWet'],
    opensLayers: true,
    wet: 'water',
    rate: 'looseOffWet',
    protection: ['p100Filter', 'goggles', 'workGloves'],
  }),
] as const;
