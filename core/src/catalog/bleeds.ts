import { PRACTICE } from './source';
import { table } from './table';

/** What travels from the wood into a fresh water-based coat. */
export const BLEEDS = table([
  { id: 'none', label: 'does not bleed', colour: '', source: PRACTICE },
  { id: 'tannin', label: 'bleeds tannin', colour: 'yellow to brown', source: PRACTICE },
  { id: 'resin', label: 'bleeds resin from knots', colour: 'orange-brown rings', source: PRACTICE },
  { id: 'dye', label: 'bleeds old dye', colour: 'pink to red', source: PRACTICE },
  {
    id: 'stain',
    label: 'bleeds nicotine or an old stain',
    colour: 'yellow, brown, ink blue',
    source: PRACTICE,
  },
]);
export type Bleed = (typeof BLEEDS.ids)[number];
