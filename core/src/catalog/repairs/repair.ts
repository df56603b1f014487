import type { Told } from '../line';
import type { RepairMethod } from '../methods';
import type { Protection } from '../protection';
import type { Use } from '../rates';
import type { Until } from '../waits';

/** How a repair is done for one family of schemes. */
export interface Repair {
  /** The method by which it is done. */
  readonly id: RepairMethod;
  readonly title: string;
  /** What it takes for each place. */
  readonly uses: readonly Use[];
  readonly steps: readonly Told[];
  /** Active minutes for each place. */
  readonly minutes: number;
  readonly waitMinutes: number;
  readonly until: Until;
  readonly caution?: string;
  /** Chance that the place can still be seen under a clear coat (modelling judgement). */
  readonly shows?: number;
  readonly glue?: boolean;
  /** Wanted only where it is deeper than this, mm. */
  readonly deeperThanMm?: number;
  /** It mends the film, and is left out where that comes off. */
  readonly onFilm?: boolean;
  /** Holds the piece together; else it mends what is seen. */
  readonly holds?: boolean;
  /** Which rule of depth it follows, where somebody measured. */
  readonly byDepth?: 'filler' | 'stainable';
  /** Which rule of size it follows, where somebody measured. */
  readonly bySize?: 'crack' | 'sheet';
  /** Leaves something proud, to be sanded flush. */
  readonly proud?: boolean;
  /** Done on a warm face: not where its glue would go soft. */
  readonly heats?: boolean;
  /** Beside what its method asks for. */
  readonly protection?: readonly Protection[];
}
