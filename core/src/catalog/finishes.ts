import type { Nature } from './meetings';
import { PRACTICE, type SourceMark } from './source';
import { table } from './table';

interface FinishRow<Id extends string = string> {
  readonly id: Id;
  readonly label: string;
  /** Opaque colour, so that lead is a question. */
  readonly paint: boolean;
  /** A film that stays on the surface and can be scuffed and painted over. */
  readonly film: boolean;
  /** Factory-smooth: needs a bonding primer. */
  readonly glossy: boolean;
  /** Nothing sticks over it: has to be washed off. */
  readonly repels: boolean;
  /** Burns in a flash, or to tar, under a heat gun. */
  readonly burns: boolean;
  /** What its face is like to the next coat. */
  readonly nature: Nature;
  /** How hard a gel stripper has to work, as a factor on its minutes. */
  readonly stripEffort: number;
  readonly source: SourceMark;
}
const row = <const Id extends string>(
  it: Omit<FinishRow<Id>, 'source' | 'burns'> & Partial<FinishRow<Id>>,
) => ({
  burns: false,
  ...it,
  source: PRACTICE,
});

/** What is on the surface now, its top layer. */
export const FINISHES = table([
  row({
    id: 'bare',
    label: 'bare',
    nature: 'wood',
    paint: false,
    film: false,
    glossy: false,
    repels: false,
    stripEffort: 0,
  }),
  row({
    id: 'wax',
    label: 'wax',
    nature: 'wax',
    paint: false,
    film: false,
    glossy: false,
    repels: true,
    stripEffort: 0.3,
  }),
  row({
    id: 'oil',
    label: 'oil finish',
    // Cured for years: a film to other coats, if a thin one; more oil still goes in.
    nature: 'oldOil',
    paint: false,
    film: false,
    glossy: false,
    repels: false,
    stripEffort: 0.5,
  }),
  row({
    id: 'shellac',
    burns: true,
    label: 'shellac',
    nature: 'shellac',
    paint: false,
    film: true,
    glossy: false,
    repels: false,
    stripEffort: 0.6,
  }),
  row({
    id: 'lacquer',
    burns: true,
    label: 'lacquer',
    nature: 'lacquer',
    paint: false,
    film: true,
    glossy: false,
    repels: false,
    stripEffort: 0.8,
  }),
  row({
    id: 'varnish',
    label: 'varnish or polyurethane',
    nature: 'oilFilm',
    paint: false,
    film: true,
    glossy: false,
    repels: false,
    stripEffort: 1,
  }),
  row({
    id: 'waterClear',
    label: 'waterborne clear',
    nature: 'waterFilm',
    paint: false,
    film: true,
    glossy: false,
    repels: false,
    stripEffort: 1.2,
  }),
  row({
    id: 'waxedFilm',
    burns: true,
    label: 'wax over a clear film',
    nature: 'wax',
    paint: false,
    film: true,
    glossy: false,
    repels: true,
    stripEffort: 0.9,
  }),
  row({
    id: 'factory',
    label: 'factory-cured film',
    nature: 'factory',
    paint: false,
    film: true,
    glossy: true,
    repels: false,
    stripEffort: 1.6,
  }),
  row({
    id: 'latex',
    label: 'acrylic or latex paint',
    nature: 'waterFilm',
    paint: true,
    film: true,
    glossy: false,
    repels: false,
    stripEffort: 1,
  }),
  row({
    id: 'alkyd',
    label: 'alkyd or enamel paint',
    nature: 'oilFilm',
    paint: true,
    film: true,
    glossy: false,
    repels: false,
    stripEffort: 1.2,
  }),
  row({
    id: 'chalk',
    label: 'chalk or mineral paint',
    nature: 'mineral',
    paint: true,
    film: true,
    glossy: false,
    repels: false,
    stripEffort: 0.7,
  }),
  row({
    id: 'milk',
    label: 'milk or distemper paint',
    nature: 'distemper',
    paint: true,
    film: true,
    glossy: false,
    repels: false,
    stripEffort: 1.1,
  }),
]);
/** Thickness of an old layer that nobody measured, µm (modelling judgement). */
export const OLD_FILM_UM = 40;

export type Finish = (typeof FINISHES.ids)[number];
