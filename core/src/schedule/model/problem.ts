import type { Minute, DryingProgress } from '../../climate';
import type { Calendar } from '../calendar/calendar';

/** So much of a resource. */
export interface ResourceUse {
  readonly resource: number;
  readonly amount: number;
}

/** A wait: so many minutes of the clock, or of drying at the label's pace. */
export interface Wait {
  readonly minutes: number;
  /** Which pace it goes at, by its place in `Problem.paces`; null for the clock's. */
  readonly pace: number | null;
}

/** One way to do a job: in whose hands, in which space, when. */
export interface Way {
  /** Places in `Problem.resources` of the people who do it. */
  readonly hands: readonly number[];
  /** What it takes while it is done. */
  readonly uses: readonly ResourceUse[];
  /** What it takes until it holds by itself. */
  readonly racks: readonly ResourceUse[];
  /** Place in `Problem.spaces`; null where it is done anywhere. */
  readonly space: number | null;
  /** Place in `Problem.calendars`: when these people may do this here. */
  readonly calendar: number;
  /** The same, whatever the air; left out where the air is no matter. */
  readonly hours?: number;
}

/** The smallest unit that is given a time. */
export interface Job {
  readonly key: string;
  /** Place in `Problem.projects`. */
  readonly project: number;
  /** Active minutes without setting up. */
  readonly work: number;
  /** Minutes of setting up, spared where the same hands have just done the like. */
  readonly setUp: number;
  /** What it shares its setting up with; null where with nothing. */
  readonly batchKey: string | null;
  /** Begun and finished in one stretch: a coat with a wet edge. */
  readonly whole: boolean;
  readonly ways: readonly Way[];
  readonly makesDust: boolean;
  /** How long it is a prey to dust; null where it lays nothing wet. */
  readonly wet: Wait | null;
  /** How long its racks or clamps are taken after it. */
  readonly holds: Wait | null;
  /** Not before this. */
  readonly release: Minute;
  /** Is running, or promised for then: stays where it is. */
  readonly fixed: { readonly start: Minute; readonly end: Minute; readonly way: number } | null;
}

/** One job after another, with the time between the end of one and the start of the other. */
export interface JobLink {
  readonly before: number;
  readonly after: number;
  readonly min: Wait;
  /** The other has to begin before that; null where nothing presses. */
  readonly max: Wait | null;
  /** What it costs to miss it, minutes of work; null where it must not be missed. */
  readonly missed: number | null;
}

/** A person, or something of which there is so much. */
export interface Resource {
  readonly name: string;
  readonly capacity: number;
  readonly isPerson: boolean;
}

/** What belongs together and is promised as a whole: a piece. */
export interface Project {
  readonly name: string;
  readonly due: Minute | null;
}

/** What is to be planned, and with what. */
export interface ScheduleProblem {
  /** Now: nothing begins before. */
  readonly from: Minute;
  readonly projects: readonly Project[];
  readonly jobs: readonly Job[];
  readonly links: readonly JobLink[];
  readonly resources: readonly Resource[];
  /** Names of the spaces. */
  readonly spaces: readonly string[];
  readonly calendars: readonly Calendar[];
  /** How drying goes on, by pace and space; null in a space without air of its own. */
  readonly paces: readonly (readonly (DryingProgress | null)[])[];
  /** By pace: an early and a late one among ten, as shares of the expected time. */
  readonly spreads: readonly (readonly [number, number])[];
  /** Dust hangs in the air for so long, minutes. */
  readonly dustSettles: number;
}

/** Why a job does not begin earlier. */
export type LinkReason =
  | { readonly kind: 'free' }
  | { readonly kind: 'after'; readonly job: number }
  | { readonly kind: 'hands'; readonly job: number }
  | { readonly kind: 'hours' }
  | { readonly kind: 'air' }
  | { readonly kind: 'wetBeside'; readonly job: number }
  | { readonly kind: 'dustBeside'; readonly job: number }
  | { readonly kind: 'full'; readonly resource: number }
  | { readonly kind: 'turn' }
  | { readonly kind: 'release' }
  | { readonly kind: 'fixed' };

/** When and how a job is done. */
export interface Booking {
  readonly job: number;
  readonly way: number;
  readonly start: Minute;
  readonly end: Minute;
  /** Setting up was spared: the same hands have just done the like. */
  readonly sparesSetUp: boolean;
  readonly why: LinkReason;
}

/** Times for all jobs that could be given one. */
export interface JobPlan {
  /** By job; undefined where it found no room. */
  readonly bookings: readonly (Booking | undefined)[];
}

/** When a wait is over. @returns Infinity where it never is in this air */
export const waitEnds = (
  { paces }: ScheduleProblem,
  { minutes, pace }: Wait,
  from: Minute,
  space: number | null,
): Minute => {
  if (minutes <= 0) return from;
  const progress = pace === null || space === null ? null : paces[pace]?.[space];
  return progress ? (progress.when(from, minutes) ?? Infinity) : from + minutes;
};
