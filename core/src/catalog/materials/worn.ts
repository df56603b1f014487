import { JUDGEMENT } from '../source';
import type { Protection } from '../protection';
import { material } from './material';

const worn = <const Id extends string>(
  id: Id,
  label: string,
  size: number,
  price: number,
  shelfMonths: number | null = null,
) => material({ id, label, unit: 'piece', containers: [{ size, price }], shelfMonths });

/** What is worn and used up by wearing it; gloves, filters and cartridges by the pair. */
export const WORN_MATERIALS = [
  worn('dustMasks', 'Dust masks', 10, 900, 60),
  worn('p100Filters', 'P100 filters, pairs', 1, 1600, 60),
  worn('vapourCartridges', 'Organic-vapour cartridges, pairs', 1, 2200, 60),
  worn('nitrileGloves', 'Nitrile gloves, pairs', 50, 1200, 60),
  worn('rubberGloves', 'Rubber gloves, pairs', 1, 400),
  worn('longRubberGloves', 'Long rubber gloves, pairs', 1, 900),
  worn('solventGloves', 'Gloves matched to the solvent, pairs', 1, 700),
  worn('overalls', 'Disposable overalls', 1, 700),
] as const;

/**
 * How long what is worn lasts, minutes of active work (modelling judgement). Cartridges and gloves
 * have a limit by their maker and the solvent: that one has the last word, and a smell or a taste
 * ends it at once.
 */
export const WEAR: readonly {
  readonly worn: Protection;
  readonly material: (typeof WORN_MATERIALS)[number]['id'];
  readonly minutes: number;
}[] = [
  { worn: 'dustMask', material: 'dustMasks', minutes: 8 * 60 },
  { worn: 'p100Filter', material: 'p100Filters', minutes: 40 * 60 },
  { worn: 'p100Respirator', material: 'p100Filters', minutes: 40 * 60 },
  { worn: 'vapourCartridges', material: 'vapourCartridges', minutes: 8 * 60 },
  { worn: 'vapourAndParticle', material: 'vapourCartridges', minutes: 8 * 60 },
  { worn: 'vapourAndParticle', material: 'p100Filters', minutes: 40 * 60 },
  { worn: 'nitrileGloves', material: 'nitrileGloves', minutes: 60 },
  { worn: 'rubberGloves', material: 'rubberGloves', minutes: 10 * 60 },
  { worn: 'longRubberGloves', material: 'longRubberGloves', minutes: 20 * 60 },
  { worn: 'solventGloves', material: 'solventGloves', minutes: 4 * 60 },
  { worn: 'overall', material: 'overalls', minutes: 8 * 60 },
];
/** @public Where the rows above come from. */
export const WEAR_SOURCE = JUDGEMENT;
