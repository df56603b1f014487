import type { Repair } from '../repairs';
import { PRACTICE, type SourceMark } from '../source';

/** What a damage means to the work: rules ask for these, never for a damage by its name. */
export type DamageSign =
  /** Smells through a coat. */
  | 'smells'
  /** The smell goes by airing. */
  | 'airsOut'
  | 'mouldy'
  | 'infested'
  | 'gummed'
  /** Cement or plaster sticks to it: its dust harms the lungs. */
  | 'cemented'
  | 'greasy'
  /** Paint that a scraper takes off. */
  | 'comesOffLoose'
  | 'peels'
  | 'opensAtJoint'
  /** The part itself is mended or made anew, whatever it shall become. */
  | 'needsNewPart'
  | 'weepsDye'
  | 'ironStained'
  /** Silicone: a coat draws back from it. */
  | 'craters'
  | 'catches'
  | 'carved'
  | 'scratched'
  | 'veneerLifts'
  | 'veneerMissing';

export interface DamageRow<Id extends string = string> {
  readonly id: Id;
  readonly label: string;
  /** How bad one of them usually is: 1 slight, 2 serious, 3 grave. */
  readonly severity: 1 | 2 | 3;
  /** Repair where paint will cover it; absent: none needed. */
  readonly underPaint?: Repair;
  /** Repair where wood will be seen; absent: none needed. */
  readonly underClear?: Repair;
  /** Repair where a clear finish stays and is only touched in. */
  readonly inSpots?: Repair;
  /** Where nothing is done about it by itself: why not, under paint, once stripped, or under clear. */
  readonly accepted?: {
    readonly underPaint?: string;
    readonly stripped?: string;
    readonly underClear?: string;
    readonly underVeneer?: string;
    /** Under paint, where the face was found to have no film. */
    readonly noFilm?: string;
  };
  readonly signs?: readonly DamageSign[];
  /** Mended whatever the face shall become. */
  readonly whateverTheAim?: boolean;
  /** It reaches the wood, or spoils the film as a whole: no coat over the old film would help. */
  readonly pastRenewing?: boolean;
  readonly source: SourceMark;
}

/** A row of common practice. */
export const row = <const Id extends string>(it: Omit<DamageRow<Id>, 'source'>): DamageRow<Id> => ({
  ...it,
  source: PRACTICE,
});

/** Why nothing is done where the face has no film. */
export const NO_FILM =
  'the face has no film by what is known: what is left of one goes when it is sanded';
/** Why nothing is done below new veneer. */
export const UNDER_VENEER = 'the new sheet lies over it, once the ground is flat and sound';
