import { RATES, type Rate } from '../catalog';
import { squareMetres } from '../units';
import type { SurfaceContext } from './context';
import type { GateKind, Operation, Phase } from './operation';

/** Work that a rule asks for on one surface. Like work on other surfaces is merged with it. */
export interface Work {
  /** What kind of work: names the method, and with `variant` what may be merged. */
  readonly method: string;
  readonly variant?: string;
  /** Place within the phase; lower comes first. */
  readonly rank: number;
  readonly title: string;
  readonly minutes: number;
  readonly how: readonly string[];
  readonly materials?: readonly string[];
  readonly wait?: Operation['wait'];
  readonly protection?: readonly string[];
  readonly cautions?: Operation['cautions'];
  readonly grits?: readonly number[];
  readonly ladder?: Operation['ladder'];
  readonly makesDust?: boolean;
  readonly dedusts?: boolean;
  readonly coats?: boolean;
  readonly gate?: Operation['gate'];
  /** Kinds of gates on this surface that have to be answered first; dust always waits for lead. */
  readonly waitsFor?: readonly GateKind[];
  readonly insteadOf?: readonly Operation['insteadOf'][number][];
}

/** A named judgement of the trade: when it applies, why, and the work that follows. */
export interface Rule {
  readonly id: string;
  readonly phase: Phase;
  /** Goes ahead even where the aim of the surface is refused: it does not commit to the aim. */
  readonly regardless?: boolean;
  readonly applies: (s: SurfaceContext) => boolean;
  readonly because: (s: SurfaceContext) => string;
  /** Observations that the judgement rests on. */
  readonly evidence?: (s: SurfaceContext) => readonly string[];
  readonly work: (s: SurfaceContext) => readonly Work[];
}

/**
 * Active minutes of plain work on a surface. The fixed part is charged once when surfaces are
 * merged, so here only the part that grows with the area is counted.
 */
export const minutesFor = (rate: Rate, s: SurfaceContext): number =>
  RATES[rate].perM2 * squareMetres(s.surface.areaMm2);

export const LABEL = 'The product label has the last word.';
export const CODE = 'Local code and licensed practice have the last word.';
export const KIT = "The test kit's own leaflet has the last word.";

export const SOLVENT_RAGS: Operation['cautions'][number] = {
  text: 'Solvent-wet rags burn: flat outdoors to dry, or in a lidded metal can.',
  lastWord: LABEL,
};
export const SANDING_DUST: Operation['cautions'][number] = {
  text: 'Wood dust: extraction and P100; hardwood dust is carcinogenic (IARC group 1), limit 1 mg/m³ (NIOSH REL).',
  lastWord: CODE,
};
