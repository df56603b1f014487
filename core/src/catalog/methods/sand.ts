import { method } from './method';

const DRY = { does: ['abrades', 'vacuums'], dust: true, opensLayers: true } as const;
const WET = {
  does: ['rubsWet'],
  dedusts: true,
  opensLayers: true,
  wet: 'water',
} as const;
const WET_WORN = ['p100Respirator', 'overall', 'nitrileGloves'] as const;

/** Sanding, dry and wet, what makes things flush, and what is done to bare wood before its colour. */
export const SAND_METHODS = [
  method({ id: 'sand-ladder', ...DRY, handbook: 'tool-sander' }),
  method({ id: 'scuff', ...DRY, rate: 'scuff' }),
  method({ id: 'sand-veneer', ...DRY, rate: 'scuff' }),
  method({ id: 'sand-out-stain', ...DRY }),
  method({ id: 'flush-fill', ...DRY, rate: 'flush' }),
  method({ id: 'ease-edges', ...DRY, rate: 'scuff' }),
  method({ id: 'cut-grain', ...DRY, rate: 'dull' }),
  method({ id: 'drill-new-holes', ...DRY, does: ['drills'], rate: 'drill' }),
  method({ id: 'wet-sand', ...WET, rate: 'wetScuff', protection: WET_WORN }),
  method({ id: 'flush-fill-wet', ...WET, rate: 'wetScuff' }),
  method({ id: 'ease-edges-wet', ...WET, rate: 'wetScuff' }),
  method({ id: 'cut-grain-wet', ...WET, rate: 'dull' }),
  method({ id: 'drill-new-holes-wet', ...WET, does: ['cutsWet'], rate: 'drill' }),
  method({
    id: 'dedust',
    does: ['vacuums', 'alcohol'],
    dedusts: true,
    wet: 'alcohol',
    halfAndHalf: 'alcohol',
    rate: 'dedust',
    protection: ['dustMask'],
  }),
  method({
    id: 'dedust-damp',
    does: ['vacuums'],
    dedusts: true,
    wet: 'water',
    rate: 'dedustDamp',
    protection: ['dustMask'],
  }),
  method({ id: 'bleach', wet: 'caustic', rate: 'bleach' }),
  method({ id: 'raise-grain', does: ['water'], wet: 'water', rate: 'raiseGrain' }),
] as const;
