import type { TimerId } from '../bench/timers';
import type { Danger } from '../danger';
import type { Protection } from '../protection';
import type { Rate } from '../rates';
import { PRACTICE, type SourceMark } from '../source';

/** With what a face is wetted. */
export const WETTINGS = ['water', 'solvent', 'alcohol', 'caustic'] as const;
export type Wetting = (typeof WETTINGS)[number];

/** A way of working: what it is like, whoever does it and wherever it is done. */
export interface MethodRow<Id extends string = string> {
  readonly id: Id;
  /** All that its lines may do; a line that does more is a mistake. */
  readonly does: readonly Danger[];
  /** Makes dust that travels through the room. */
  readonly dust: boolean;
  /** Takes the dust off, on its own or as its last step. */
  readonly dedusts: boolean;
  /** Cuts, scrapes, dissolves or abrades what lies on the face. */
  readonly opensLayers: boolean;
  readonly heat: boolean;
  readonly wet: Wetting | null;
  /** Drives out what lives in the piece. */
  readonly evicts: boolean;
  /** Tapes the outline of its surfaces. */
  readonly tapes: boolean;
  readonly people: 1 | 2;
  readonly timers: readonly TimerId[];
  /** What is mixed for it, half and half with water. */
  readonly halfAndHalf: 'alcohol' | 'vinegar' | null;
  /** How its minutes and materials are counted; null where that depends on more than one figure. */
  readonly rate: Rate | null;
  /** What is worn, beside what its dangers and materials ask for. */
  readonly protection: readonly Protection[];
  /** The entry of the handbook that tells about it; null where that is one of the same name, or none. */
  readonly handbook: string | null;
  readonly source: SourceMark;
}

/** A row with what is usual: it does nothing in particular to a face. */
export const method = <const Id extends string>(
  it: Pick<MethodRow<Id>, 'id'> & Partial<MethodRow<Id>>,
): MethodRow<Id> => ({
  does: [],
  dust: false,
  dedusts: false,
  opensLayers: false,
  heat: false,
  wet: null,
  evicts: false,
  tapes: false,
  people: 1,
  timers: [],
  halfAndHalf: null,
  rate: null,
  protection: [],
  handbook: null,
  source: PRACTICE,
  ...it,
});
