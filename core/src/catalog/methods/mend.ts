import { MENDS, type Mend } from '../bench/mends';
import { method, type MethodRow } from './method';

const DOES = ['scrapes', 'cuts', 'abrades', 'vacuums', 'scrapesWet', 'rubsWet', 'cutsWet'] as const;

/** Setting a fault in the fresh work right: its facts stand in the mend's own row. */
export const MEND_METHODS = [
  ...MENDS.rows.map((it): MethodRow<`mend-${Mend}`> =>
    method({
      id: `mend-${it.id}`,
      does: DOES,
      dust: it.sands,
      // Where the wood is still worked, the dust of all papers comes off together.
      dedusts: it.sands && it.in === 'nextCoat',
      opensLayers: it.opens,
      wet: it.wets,
      protection: it.protection,
    }),
  ),
  // Where lead lies below.
  ...MENDS.rows
    .filter((it) => it.sands)
    .map((it): MethodRow<`mend-${Mend}-wet`> =>
      method({
        id: `mend-${it.id}-wet`,
        does: DOES,
        dedusts: it.in === 'nextCoat',
        opensLayers: it.opens,
        wet: 'water',
        protection: it.protection,
      }),
    ),
] as const;
