import type { Material } from '../materials';

/** In which order something is mixed, where the wrong one can hurt or ruin it (common practice, no source). */
export const MIX_ORDERS: readonly { readonly material: Material; readonly text: string }[] = [
  {
    material: 'twoPartFiller',
    text: 'Hardener into the filler, a batch at a time. Nothing goes back into the tin: it sets there.',
  },
  {
    material: 'oxalicAcid',
    text: 'Crystals into water, never water onto the crystals. Goggles on first; no metal pot.',
  },
  {
    material: 'neutraliser',
    text: 'Powder into water, little by little. Onto lye or acid only when it is rinsed off: it foams.',
  },
  {
    material: 'woodBleach',
    text: 'The two parts meet on the wood only, never in one vessel: together they boil and spit.',
  },
  {
    material: 'twoPartClear',
    text: 'Hardener into the clear while stirring, water last. What is mixed is used up or thrown away; never seal the pot.',
  },
];
