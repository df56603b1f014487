import { method } from './method';

/** What comes off or out, is looked at on the way, and made ready by itself. */
export const APART_METHODS = [
  method({ id: 'cover-room', rate: 'coverRoom' }),
  method({ id: 'mask-drawers', rate: 'drawerMap' }),
  method({ id: 'drawers-out', rate: 'drawerOut' }),
  method({ id: 'doors-off', rate: 'doorOff' }),
  method({ id: 'hardware-off', does: ['pries', 'cutsWet'], rate: 'pullOff' }),
  method({
    id: 'back-off',
    does: ['pries', 'cutsWet'],
    opensLayers: true,
    rate: 'backOff',
    protection: ['goggles'],
    handbook: 'damage-splitBack',
  }),
  method({
    id: 'polish-fittings',
    does: ['abrades', 'rubsWet'],
    opensLayers: true,
    rate: 'polish',
    protection: ['workGloves', 'goggles'],
  }),
  method({
    id: 'repaint-fittings',
    does: ['abrades', 'rubsWet'],
    opensLayers: true,
    rate: 'repaint',
    protection: ['workGloves'],
  }),
  method({ id: 'substrate-gate', rate: 'substrateLook' }),
  method({ id: 'veneer-gate', does: ['scrapes'], rate: 'veneerMeasure' }),
] as const;
