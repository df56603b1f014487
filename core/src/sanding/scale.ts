import { GRITS, SANDING_MODEL } from '../catalog';

/** One paper of the P-series. */
export interface Grade {
  readonly grit: number;
  readonly grainUm: number;
}

/** The P-series, coarse to fine (ISO 6344 medians). */
export const SCALE: readonly Grade[] = GRITS;

/** The grade of this number, or undefined where the P-series has none. */
export const gradeOf = (grit: number): Grade | undefined => SCALE.find((it) => it.grit === grit);

/** Depth of the scratches a paper leaves, µm. Model: a fixed share of its median grain. */
export const scratchDepthUm = (it: Grade): number => SANDING_MODEL.scratchPerGrain * it.grainUm;

/** Can a paper clear marks of this depth, µm? Up to `maxStep` times its own scratches. */
export const clears = (depthUm: number, it: Grade): boolean =>
  depthUm <= SANDING_MODEL.maxStep * scratchDepthUm(it);

/** Is the step from one paper to the next small enough to clear the last one's scratches? */
export const stepIsAllowed = (from: Grade, to: Grade): boolean =>
  from.grainUm > to.grainUm && clears(scratchDepthUm(from), to);

/** Papers that may follow one: those that clear its scratches. Finest last. */
export const ladderSteps = (grit: number): readonly number[] => {
  const from = gradeOf(grit);
  return from ? SCALE.filter((to) => stepIsAllowed(from, to)).map((it) => it.grit) : [];
};
