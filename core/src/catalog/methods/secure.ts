import { method } from './method';

/** What has to be known or made harmless before anything else. */
export const SECURE_METHODS = [
  method({
    id: 'lead-gate',
    does: ['cutsWet', 'rubsWet'],
    opensLayers: true,
    rate: 'leadSample',
    protection: ['nitrileGloves', 'p100Filter'],
  }),
  method({
    id: 'clean-up-lead',
    rate: 'cleanUpLead',
    protection: ['p100Respirator', 'overall', 'nitrileGloves'],
  }),
  method({
    id: 'contain-lead',
    rate: 'contain',
    protection: ['p100Respirator', 'overall', 'nitrileGloves'],
  }),
  method({
    id: 'evict-insects',
    does: ['vacuums'],
    evicts: true,
    rate: 'evict',
    protection: ['nitrileGloves', 'p100Filter'],
    handbook: 'damage-insects',
  }),
  method({
    id: 'mould',
    evicts: true,
    rate: 'mould',
    protection: ['p100Respirator', 'goggles', 'nitrileGloves'],
    handbook: 'damage-mould',
  }),
  method({ id: 'check-childs-bed', rate: 'bedCheck' }),
  method({ id: 'photograph', rate: 'photograph' }),
] as const;
