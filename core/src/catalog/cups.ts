import { JUDGEMENT, published, type SourceMark } from './source';
import { table } from './table';

/** An efflux cup: ν = a (t − b), ν in mm²/s (centistokes), t in s, within the times that it is meant for. */
interface CupRow<Id extends string = string> {
  readonly id: Id;
  readonly label: string;
  readonly a: number;
  readonly b: number;
  readonly fromSeconds: number;
  readonly toSeconds: number;
  readonly source: SourceMark;
}
const SOURCE = published('ASTM D1200, Ford cups');
const ford = <const Id extends string>(id: Id, nr: number, a: number, b: number): CupRow<Id> => ({
  id,
  label: `Ford ${nr}`,
  a,
  b,
  fromSeconds: 20,
  toSeconds: 100,
  source: SOURCE,
});

/** Cups that paint is timed with (S: ASTM D1200; the constants are from memory). */
export const CUPS = table([
  ford('ford2', 2, 1.44, 18),
  ford('ford3', 3, 2.31, 6.58),
  ford('ford4', 4, 3.85, 4.49),
]);
export type Cup = (typeof CUPS.ids)[number];

/** Seconds in a Ford 4 cup that a small gun likes, at about 23 °C; the gun's own leaflet wins (modelling judgement). */
export const GUN_SECONDS = { cup: 'ford4', from: 25, to: 35, source: JUDGEMENT } as const;

/**
 * Viscosity of what paint is thinned with, mm²/s at about 20 °C, from memory; and how far the
 * estimate of a mix may be off: real paints thin faster or slower than a plain mixture (modelling judgement).
 */
export const THINNERS = { water: 1, spirits: 1.3, spread: 0.5, source: JUDGEMENT } as const;
