import type { Finish } from '../finishes';
import type { Hazard } from '../hazards';
import type { Protection } from '../protection';
import { JUDGEMENT, PRACTICE, type SourceMark } from '../source';

/** What a material is counted in. */
export const UNITS = ['L', 'kg', 'm', 'm2', 'sheet', 'piece'] as const;
export type Unit = (typeof UNITS)[number];

/** A size that it is sold in, in its unit, and the price, minor units of money: a placeholder. */
export interface Container {
  readonly size: number;
  readonly price: number;
}

/** Something that is used up, or kept and only has to be at hand. */
export interface MaterialRow<Id extends string = string> {
  readonly id: Id;
  /** By class, never by brand. */
  readonly label: string;
  readonly unit: Unit;
  /** Equipment that is there again afterwards. */
  readonly kept: boolean;
  /** kg/L, where it is mixed or weighed; null where mass does not matter. */
  readonly density: number | null;
  /** Empty for what is kept. */
  readonly containers: readonly Container[];
  /** Months that it keeps, closed; null where it does not age. */
  readonly shelfMonths: number | null;
  readonly hazards: readonly Hazard[];
  readonly protection: readonly Protection[];
  /** Old finishes that it softens. */
  readonly dissolves: readonly Finish[];
  readonly source: SourceMark;
  /** Prices are placeholders until the shop's own are known. */
  readonly priceSource: SourceMark;
}

type Told<Id extends string> = Pick<MaterialRow<Id>, 'id' | 'label' | 'unit' | 'containers'> &
  Partial<MaterialRow<Id>>;

/** A material that is used up. */
export const material = <const Id extends string>(it: Told<Id>): MaterialRow<Id> => ({
  kept: false,
  density: null,
  shelfMonths: null,
  hazards: [],
  protection: [],
  dissolves: [],
  ...it,
  source: PRACTICE,
  priceSource: JUDGEMENT,
});

/** Equipment that only has to be at hand. */
export const equipment = <const Id extends string>(id: Id, label: string): MaterialRow<Id> =>
  material({ id, label, unit: 'piece', containers: [], kept: true });
