import { method } from './method';

/** What comes off before anything is sanded in. */
export const CLEAN_METHODS = [
  method({ id: 'vacuum', does: ['vacuums'], rate: 'vacuum' }),
  method({ id: 'air-out', wet: 'water', rate: 'airOut', handbook: 'damage-odour' }),
  method({
    id: 'residue',
    does: ['scrapesWet'],
    wet: 'solvent',
    rate: 'residue',
    handbook: 'damage-residue',
  }),
  method({
    id: 'cement-off',
    does: ['scrapesWet'],
    wet: 'water',
    rate: 'cementOff',
    protection: ['p100Respirator', 'goggles', 'workGloves'],
    handbook: 'damage-cementResidue',
  }),
  method({
    id: 'wax-off',
    does: ['rubsWet'],
    wet: 'solvent',
    rate: 'waxOff',
    handbook: 'finish-wax',
  }),
  method({
    id: 'powder-off',
    does: ['rubsWet'],
    opensLayers: true,
    wet: 'water',
    rate: 'powderOff',
  }),
  method({
    id: 'powder-off-damp',
    does: ['rubsWet'],
    opensLayers: true,
    wet: 'water',
    rate: 'powderOff',
  }),
  method({ id: 'degrease', does: ['water', 'rubsWet'], wet: 'water', rate: 'degrease' }),
  method({ id: 'damp-wipe', wet: 'water', rate: 'dampWipe' }),
  method({
    id: 'bleed-patch',
    does: ['abrades'],
    dust: true,
    dedusts: true,
    opensLayers: true,
    rate: 'bleedPatch',
  }),
  method({
    id: 'bleed-patch-wet',
    does: ['rubsWet'],
    dedusts: true,
    opensLayers: true,
    wet: 'water',
    rate: 'bleedPatch',
    protection: ['dustMask'],
  }),
  method({ id: 'dry-out', rate: 'readMeter' }),
] as const;
