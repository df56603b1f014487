import { JUDGEMENT } from '../source';

/** A sheet of veneer as it is sold; grain runs along its length. Sizes in m², prices are placeholders. */
export interface VeneerFormat {
  readonly widthMm: number;
  readonly lengthMm: number;
  readonly size: number;
  readonly price: number;
}

const format = (widthMm: number, lengthMm: number, price: number): VeneerFormat => ({
  widthMm,
  lengthMm,
  size: Math.round((widthMm * lengthMm) / 1000) / 1000,
  price,
});

/** Formats of paper-backed sheets (common practice: 2 × 8 ft and 4 × 8 ft). */
export const VENEER_FORMATS: readonly VeneerFormat[] = [
  format(610, 2440, 5200),
  format(1220, 2440, 9000),
];

/** Left over on each side of a part to be trimmed flush, and lost beside each cut, mm. */
export const VENEER_CUT = { overhangMm: 15, kerfMm: 3, source: JUDGEMENT } as const;
