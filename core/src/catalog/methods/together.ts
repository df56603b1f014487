import { method } from './method';

/** Putting together, making fit to stand and run, and handing over. */
export const TOGETHER_METHODS = [
  method({ id: 'drawers-in', rate: 'drawerIn' }),
  method({ id: 'doors-on', rate: 'doorOn' }),
  method({ id: 'hardware-on', rate: 'pullOn' }),
  method({
    id: 'back-on',
    does: ['drills', 'cutsWet'],
    rate: 'backOn',
    protection: ['goggles'],
    handbook: 'damage-splitBack',
  }),
  method({ id: 'bumpers', rate: 'bumpers' }),
  method({ id: 'touch-up', does: ['abrades', 'rubsWet'], rate: 'touchUp' }),
  method({ id: 'seal-edges', rate: 'sealEdges' }),
  method({ id: 'anchor', rate: 'anchor' }),
  method({ id: 'care-sheet', does: ['vacuums'], rate: 'careSheet' }),
] as const;
