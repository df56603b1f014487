import { DAY } from '../../units';
import type { TimerId } from '../bench/timers';
import type { Bleed } from '../bleeds';
import type { Finish } from '../finishes';
import type { Hazard } from '../hazards';
import type { Told } from '../line';
import type { Container } from '../materials/material';
import type { Meeting, Nature } from '../meetings';
import type { Protection } from '../protection';
import { JUDGEMENT, PRACTICE, type SourceMark } from '../source';

/** What a coating is for. */
export type CoatingRole =
  'primer' | 'filler' | 'paint' | 'stain' | 'effect' | 'clear' | 'oil' | 'wax';

/** How a coat turns solid; air and temperature act on each in their own way. */
export type Mechanism = 'water' | 'alcohol' | 'solvent' | 'oxidation' | 'wax';

/** What a primer is needed for, and what it does for the coats over it. */
export interface PrimerPart {
  readonly need: string;
  readonly coats: number;
  /** Grit that dulls it before the next coat. */
  readonly scuffGrit: number;
  /** Share of the peeling on a slick, scuffed film that it prevents (modelling judgement on common practice). */
  readonly grips: number;
  /** Share of each kind of bleed that it keeps back (modelling judgement on common practice). */
  readonly holds: Readonly<Record<Exclude<Bleed, 'none' | 'stain'>, number>>;
}

/** How a coating is offered for an aim: a paint by its own id, a topcoat by what is wished for. */
export type Offered =
  | { readonly as: 'paint'; readonly called: string }
  | { readonly as: 'topcoat'; readonly wish: string; readonly called: string };

/** All about one material that is laid on wood, by class. */
export interface CoatingRow<Id extends string = string> {
  readonly id: Id;
  readonly label: string;
  readonly role: CoatingRole;
  readonly mechanism: Mechanism;
  /** Wet film of one coat by brush or roller, µm; 0 where it goes into the wood and is wiped off. */
  readonly wetUm: number;
  /** Share of the wet film that stays. */
  readonly solids: number;
  /** Wait before the next coat at 20–23 °C, about 50 % humidity, minutes. */
  readonly recoatMinutes: number;
  /** Wait before it can be sanded, where that is longer: soft film balls up under the paper. */
  readonly sandMinutes?: number;
  /** After this long the next coat wants a scuff first, minutes; null where it always takes one. */
  readonly closesMinutes: number | null;
  /** Mixed with its hardener it is good for so long, minutes; left out where nothing is mixed in. */
  readonly potLifeMinutes?: number;
  /** Full hardness, days. */
  readonly cureDays: number;
  readonly yellows: boolean;
  /** Its mist harms more than its film: never through a gun. */
  readonly brushOnly?: true;
  /** Air that it bears, where that is another than coatings usually do. */
  readonly air?: { readonly fromCelsius: number; readonly toHumidity: number };
  /** What its dry face is like to the next coat. */
  readonly ground: Nature;
  /** How it meets each kind of face. */
  readonly over: Readonly<Record<Nature, Meeting>>;
  /** Where it serves as a primer. */
  readonly primer?: PrimerPart;
  /** What it is thinned with; null where it is laid as it comes. */
  readonly dilution: string | null;
  /** By so many percent of its volume at the most, where its kind has such a limit (common practice). */
  readonly dilutedUpTo?: number;
  /** Old finishes that its solvent softens. */
  readonly dissolves: readonly Finish[];
  /** Sizes in L, prices in minor units of money: placeholders until the shop's own are known. */
  readonly containers: readonly Container[];
  readonly shelfMonths: number;
  readonly hazards: readonly Hazard[];
  readonly protection: readonly Protection[];
  readonly steps: readonly Told[];
  readonly cleaner: string;
  readonly sprayer: string;
  /** Times worth keeping while it is laid. */
  readonly timers?: readonly TimerId[];
}

/** What follows from the rest of a definition. */
export interface Derived {
  /** May go through a gun that is used again. */
  readonly sprayable: boolean;
  /** Low-tack tape may sit on it after this long, minutes. */
  readonly tapeMinutes: number;
  /** Price of a litre by the one-litre can, minor units of money: a placeholder. */
  readonly pricePerLitre: number;
  readonly source: SourceMark;
  readonly filmSource: SourceMark;
}

const SPRAYED_ROLES: readonly CoatingRole[] = ['primer', 'paint', 'clear'];

/** When tape may sit on a fresh film and come off without it, by how it dries (modelling judgement). */
const TAPE_MINUTES: Readonly<Record<Mechanism, number>> = {
  alcohol: 4 * 60,
  solvent: 12 * 60,
  water: DAY,
  oxidation: 2 * DAY,
  wax: DAY,
};

const litrePrice = (containers: readonly Container[]): number =>
  containers.find((it) => it.size === 1)?.price ?? 0;

/**
 * Completes the definition of a coating.
 * @param offered where people choose it; undefined for what only routes choose
 */
export const coating = <
  const Id extends string,
  const Offer extends Offered | undefined = undefined,
>(
  it: CoatingRow<Id>,
  offered?: Offer,
): CoatingRow<Id> & Derived & { readonly offered: Offer } => ({
  ...it,
  offered: offered as Offer,
  sprayable: it.mechanism === 'water' && SPRAYED_ROLES.includes(it.role) && !it.brushOnly,
  tapeMinutes: TAPE_MINUTES[it.mechanism],
  pricePerLitre: litrePrice(it.containers),
  source: PRACTICE,
  filmSource: JUDGEMENT,
});
