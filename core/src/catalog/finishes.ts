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
  /** How hard a gel stripper has to work, as a factor on its minutes. */
  readonly stripEffort: number;
  readonly source: SourceMark;
}
const row = <const Id extends string>(it: Omit<FinishRow<Id>, 'source'>) => ({
  ...it,
  source: PRACTICE,
});

/** What is on the surface now, its top layer. */
export const FINISHES = table([
  row({
    id: 'bare',
    label: 'bare',
    paint: false,
    film: false,
    glossy: false,
    repels: false,
    stripEffort: 0,
  }),
  row({
    id: 'wax',
    label: 'wax',
    paint: false,
    film: false,
    glossy: false,
    repels: true,
    stripEffort: 0.3,
  }),
  row({
    id: 'oil',
    label: 'oil finish',
    paint: false,
    film: false,
    glossy: false,
    repels: false,
    stripEffort: 0.5,
  }),
  row({
    id: 'shellac',
    label: 'shellac',
    paint: false,
    film: true,
    glossy: false,
    repels: false,
    stripEffort: 0.6,
  }),
  row({
    id: 'lacquer',
    label: 'lacquer',
    paint: false,
    film: true,
    glossy: false,
    repels: false,
    stripEffort: 0.8,
  }),
  row({
    id: 'varnish',
    label: 'varnish or polyurethane',
    paint: false,
    film: true,
    glossy: false,
    repels: false,
    stripEffort: 1,
  }),
  row({
    id: 'factory',
    label: 'factory-cured film',
    paint: false,
    film: true,
    glossy: true,
    repels: false,
    stripEffort: 1.6,
  }),
  row({
    id: 'latex',
    label: 'acrylic or latex paint',
    paint: true,
    film: true,
    glossy: false,
    repels: false,
    stripEffort: 1,
  }),
  row({
    id: 'alkyd',
    label: 'alkyd or enamel paint',
    paint: true,
    film: true,
    glossy: false,
    repels: false,
    stripEffort: 1.2,
  }),
  row({
    id: 'chalk',
    label: 'chalk or mineral paint',
    paint: true,
    film: true,
    glossy: false,
    repels: false,
    stripEffort: 0.7,
  }),
  row({
    id: 'milk',
    label: 'milk or distemper paint',
    paint: true,
    film: true,
    glossy: false,
    repels: false,
    stripEffort: 1.1,
  }),
]);
export type Finish = (typeof FINISHES.ids)[number];
