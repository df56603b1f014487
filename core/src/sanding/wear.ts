import { SANDING_MODEL } from '../catalog';
import { squareMetres } from '../units';
import { scratchDepthUm, type Grade } from './scale';
import type { SandingTask } from './task';

/**
 * Wood taken off by one rung, µm, so that what the rung before left is gone.
 * Model: (depth to clear − own scratch depth) × (1 + margin), and never less than an even pass takes.
 * @param clearUm depth of what is there, µm: the defect on the first rung, then the last scratches
 */
export const removalUm = (clearUm: number, grade: Grade): number =>
  Math.max(
    SANDING_MODEL.leastUm,
    (clearUm - scratchDepthUm(grade)) * (1 + SANDING_MODEL.removalMargin),
  );

/** How many times as long as by machine on a flat face. */
const slower = ({ tool, slower: shape }: SandingTask): number =>
  (tool === 'hand' ? SANDING_MODEL.byHand : 1) * shape;

/** One even pass over a square metre, minutes. */
const passMinutes = (task: SandingTask): number => {
  const { minutesPerM2, onLbf, least } = SANDING_MODEL.pass;
  return slower(task) * Math.max(least, minutesPerM2 * Math.sqrt(task.jankaLbf / onLbf));
};

/**
 * Active minutes for one rung.
 * Model: removal ÷ rate, the rate growing with grain size and falling with hardness, and one even
 * pass at the least; plus the change of paper.
 */
export const rungMinutes = (removal: number, grade: Grade, task: SandingTask): number => {
  const { machineRate, reference } = SANDING_MODEL;
  const rate =
    (machineRate * (grade.grainUm / reference.grainUm) * (reference.jankaLbf / task.jankaLbf)) /
    slower(task);
  return (
    SANDING_MODEL.rungMinutes +
    Math.max(passMinutes(task), removal / rate) * squareMetres(task.areaMm2)
  );
};

/** The largest step that leaves no mark behind: from the marks found to the first paper, or between papers. */
const easyStepOf = (at: 'start' | 'step', { veneerUm, targetGrit }: SandingTask): number => {
  const { easyStep, easyStepThinAndFine, fineFrom } = SANDING_MODEL.telegraph;
  return at === 'step' && veneerUm !== null && targetGrit >= fineFrom
    ? easyStepThinAndFine
    : easyStep;
};

/**
 * What marks cost that a larger step may leave, minutes: their chance, which grows with the square
 * of what the step is over the easy one, times the rework.
 * @param step depth of the marks over that of the paper's own scratches
 */
export const telegraphMinutes = (step: number, at: 'start' | 'step', task: SandingTask): number => {
  const { growth, fixedMinutes, minutesPerM2 } = SANDING_MODEL.telegraph;
  const chance = Math.min(1, growth * Math.max(0, step - easyStepOf(at, task)) ** 2);
  return chance * slower(task) * (fixedMinutes + minutesPerM2 * squareMetres(task.areaMm2));
};

/** A paper that most shops don't keep costs a little more than one at hand, minutes: it settles ties. */
export const fetchMinutes = ({ grit }: Grade, { areaMm2 }: SandingTask): number => {
  const { fixedMinutes, minutesPerM2 } = SANDING_MODEL.notKept;
  const kept: readonly number[] = SANDING_MODEL.kept;
  return kept.includes(grit) ? 0 : fixedMinutes + minutesPerM2 * squareMetres(areaMm2);
};

/** How much faster the edge goes than the field with this tool. */
export const edgeFactor = (tool: SandingTask['tool']): number =>
  tool === 'machine' ? SANDING_MODEL.machineEdgeFactor : SANDING_MODEL.handEdgeFactor;
