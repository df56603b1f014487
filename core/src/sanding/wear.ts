import { SANDING_MODEL } from '../catalog';
import { squareMetres } from '../units';
import { scratchDepthUm, type Grade } from './scale';
import type { SandingTask } from './task';

/**
 * Wood taken off by one rung, µm, so that what the rung before left is gone.
 * Model: (depth to clear − own scratch depth) × (1 + margin), and at least a tenth of the own
 * scratch depth, since no paper passes without cutting.
 * @param clearUm depth of what is there, µm: the defect on the first rung, then the last scratches
 */
export const removalUm = (clearUm: number, grade: Grade): number =>
  Math.max(
    0.1 * scratchDepthUm(grade),
    (clearUm - scratchDepthUm(grade)) * (1 + SANDING_MODEL.removalMargin),
  );

/**
 * Active minutes for one rung.
 * Model: removal ÷ rate, the rate growing with grain size and falling with hardness,
 * plus a pass over the whole area and the change of paper.
 */
export const rungMinutes = (removal: number, grade: Grade, task: SandingTask): number => {
  const { handRate, machineRate, reference } = SANDING_MODEL;
  const base = task.tool === 'machine' ? machineRate : handRate;
  const rate = base * (grade.grainUm / reference.grainUm) * (reference.jankaLbf / task.jankaLbf);
  const perM2 = removal / rate + SANDING_MODEL.passMinutesPerM2;
  return SANDING_MODEL.rungMinutes + perM2 * squareMetres(task.areaMm2);
};

/** How much faster the edge goes than the field with this tool. */
export const edgeFactor = (tool: SandingTask['tool']): number =>
  tool === 'machine' ? SANDING_MODEL.machineEdgeFactor : SANDING_MODEL.handEdgeFactor;
