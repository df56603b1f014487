import { COATINGS, SOAKED_LITRES, dryFilmUm, leavesFilm, type Coating } from '../catalog';

/**
 * Theoretical coverage of a film, m²/L: 10 · VS% ÷ dry µm. A litre spread over 1 m² is 1000 µm wet,
 * and the share of solids of it stays.
 * @param solids share of the volume that stays, 0–1
 * @param dryUm dry film, µm
 */
export const coverageM2PerLitre = (solids: number, dryUm: number): number =>
  (1000 * solids) / dryUm;

/** Litres that one coat takes on an area in mm², without losses. Nothing for what is wiped off. */
export const litresFor = (coating: Coating, areaMm2: number): number => {
  const row = COATINGS.get(coating);
  const m2 = areaMm2 / 1e6;
  return leavesFilm(row)
    ? m2 / coverageM2PerLitre(row.solids, dryFilmUm(row))
    : m2 * SOAKED_LITRES.value;
};

/** Film of some coats together, µm. */
export const filmUm = (coats: readonly Coating[]): number =>
  coats.reduce((sum, it) => sum + dryFilmUm(COATINGS.get(it)), 0);

/** What new coats do to the gap of a part that slides or swings into an opening. */
export interface GapCheck {
  /** What the coats close of it, µm: film on the part and on the opening, both sides. */
  readonly closesUm: number;
  readonly leftUm: number;
  /** To be sanded off each coated face first, so that enough is left, µm; 0 where it fits. */
  readonly sandDownUm: number;
}

/**
 * Film build in a gap: film on each of the coated faces that meet in it.
 * @param gapUm gap on one side as found, µm
 * @param perFaceUm new film on each face, µm
 * @param faces coated faces that meet in the gap: 1 where only the part is coated, else 2
 * @param keepUm gap that the part needs to run, µm
 */
export const checkGap = (
  gapUm: number,
  perFaceUm: number,
  faces: 1 | 2,
  keepUm: number,
): GapCheck => {
  const closesUm = perFaceUm * faces;
  const leftUm = gapUm - closesUm;
  return { closesUm, leftUm, sandDownUm: Math.max(0, keepUm - leftUm) / faces };
};
