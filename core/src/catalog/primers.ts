import { PRACTICE, type SourceMark } from './source';
import { table } from './table';

interface PrimerRow<Id extends string = string> {
  readonly id: Id;
  readonly label: string;
  readonly need: string;
  readonly coats: number;
  /** Grit that dulls it before the next coat. */
  readonly scuffGrit: number;
  /** Wait before sanding and the next coat at 20–23 °C, about 50 % humidity, minutes. */
  readonly recoatMinutes: number;
  readonly steps: readonly string[];
  readonly protection: readonly string[];
  readonly cleaner: string;
  readonly source: SourceMark;
}
const row = <const Id extends string>(it: Omit<PrimerRow<Id>, 'source'>) => ({
  ...it,
  source: PRACTICE,
});

/** Primers and blockers, by class. */
export const PRIMERS = table([
  row({
    id: 'pigmentedShellac',
    label: 'pigmented shellac blocker',
    need: 'bleed, knots, odour, dye',
    coats: 2,
    scuffGrit: 220,
    recoatMinutes: 60,
    steps: [
      'Thin, fast, no brushing back.',
      'Watch it as it goes on: where the wood still bleeds it turns pink or brown. Mark those places.',
      'Give the marked places one more coat, and only those.',
    ],
    protection: ['Organic-vapour cartridges', 'Nitrile gloves', 'Open window, no flame'],
    cleaner: 'alcohol or ammonia',
  }),
  row({
    id: 'clearShellac',
    label: 'clear shellac',
    need: 'wood to show, or edges rubbed through',
    coats: 2,
    scuffGrit: 220,
    recoatMinutes: 60,
    steps: ['Thin, fast, no brushing back.', 'Second coat across the first.'],
    protection: ['Organic-vapour cartridges', 'Nitrile gloves', 'Open window, no flame'],
    cleaner: 'alcohol or ammonia',
  }),
  row({
    id: 'bonding',
    label: 'waterborne bonding primer',
    need: 'laminate, foil, glossy factory film',
    coats: 1,
    scuffGrit: 220,
    recoatMinutes: 240,
    steps: [
      'Even, thin coat; short-pile roller on flats.',
      'It grips in hours and hardens in days: treat it gently.',
    ],
    protection: ['Nitrile gloves', 'Ventilation'],
    cleaner: 'water',
  }),
  row({
    id: 'sealing',
    label: 'sealing primer for board and filler',
    need: 'bare fibreboard, filler patches',
    coats: 2,
    scuffGrit: 220,
    recoatMinutes: 180,
    steps: ['Edges first: they drink most.', 'Second coat on edges and filler.'],
    protection: ['Nitrile gloves', 'Ventilation'],
    cleaner: 'water',
  }),
  row({
    id: 'acrylic',
    label: 'waterborne acrylic primer',
    need: 'sound old film, bare wood that does not bleed',
    coats: 1,
    scuffGrit: 220,
    recoatMinutes: 180,
    steps: ['One even coat, long strokes, wet edge, leave it.'],
    protection: ['Nitrile gloves', 'Ventilation'],
    cleaner: 'water',
  }),
]);
export type Primer = (typeof PRIMERS.ids)[number];
