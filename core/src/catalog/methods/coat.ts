import { COATINGS, type Coating } from '../coatings';
import { PRIMERS } from '../primers';
import { method, type MethodRow } from './method';

/** A coat is dulled by hand where it is rough, and knocked down between sprayed ones. */
const COATING = ['abrades', 'rubsWet'] as const;

const coats = COATINGS.ids.map((id): MethodRow<`coat-${Coating}`> =>
  method({ id: `coat-${id}`, does: COATING, handbook: `coating-${id}` }),
);
const primers = PRIMERS.ids.map((id): MethodRow<`prime-${typeof id}`> =>
  method({ id: `prime-${id}`, does: COATING, handbook: `coating-${id}` }),
);

/** Laying coats, dulling them for the next, masking, and rubbing through. */
export const COAT_METHODS = [
  ...coats,
  ...primers,
  method({ id: 'caulk', handbook: 'coating-caulk' }),
  method({ id: 'test-patch', rate: 'testPatch' }),
  method({
    id: 'dull',
    does: ['abrades', 'vacuums'],
    dust: true,
    dedusts: true,
    rate: 'dull',
  }),
  method({
    id: 'dull-wet',
    does: ['rubsWet'],
    dedusts: true,
    wet: 'water',
    rate: 'dullWet',
    protection: ['p100Respirator', 'nitrileGloves'],
  }),
  method({
    id: 'distress',
    does: ['abrades', 'vacuums'],
    dust: true,
    dedusts: true,
    opensLayers: true,
    rate: 'distress',
    protection: ['p100Filter', 'extraction'],
  }),
  method({ id: 'mask-bare', tapes: true, rate: 'maskBare' }),
  method({ id: 'mask-border', tapes: true, rate: 'maskBorder' }),
  method({ id: 'harden', rate: 'harden' }),
  method({ id: 'air-in-range', rate: 'readMeter' }),
  method({
    id: 'touch-in',
    does: ['abrades', 'steelWool', 'rubsWet'],
    dust: true,
    dedusts: true,
    opensLayers: true,
    rate: 'touchIn',
  }),
  method({
    id: 'touch-in-wet',
    does: ['rubsWet', 'steelWool'],
    dedusts: true,
    opensLayers: true,
    wet: 'water',
    rate: 'touchIn',
  }),
  method({
    id: 'freshen',
    does: ['alcohol'],
    wet: 'alcohol',
    rate: 'freshen',
    protection: ['nitrileGloves', 'noFlame', 'ventilation'],
  }),
  method({ id: 'freshen-damp', wet: 'water', rate: 'freshenDamp', protection: ['nitrileGloves'] }),
] as const;
