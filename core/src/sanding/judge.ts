import { budgetUm } from './ladder';
import { gradeOf, scratchDepthUm, stepIsAllowed } from './scale';
import type { SandingTask } from './task';
import { removalUm } from './wear';

/**
 * Judges a ladder somebody wants to use.
 * @param grits papers in the order of use
 * @param task what it is for; without it only the steps are judged
 * @returns what is wrong with it, in words; nothing where it is admissible
 */
export const judgeLadder = (grits: readonly number[], task?: SandingTask): readonly string[] => {
  const grades = grits.flatMap((grit) => gradeOf(grit) ?? []);
  if (grades.length < grits.length) return ['Not all of these are on the P-series.'];
  const steps = grades.slice(1).flatMap((to, index) => {
    const from = grades[index];
    if (!from || stepIsAllowed(from, to)) return [];
    return from.grainUm <= to.grainUm
      ? [`P${to.grit} after P${from.grit} goes back to coarser paper.`]
      : [
          `P${from.grit} to P${to.grit} is a step of ${(from.grainUm / to.grainUm).toFixed(1)} in grain: P${to.grit} won't clear its scratches.`,
        ];
  });
  if (!task) return steps;
  let clear = task.defectUm;
  const removed = grades.reduce((sum, grade) => {
    const removal = removalUm(clear, grade);
    clear = scratchDepthUm(grade);
    return sum + removal;
  }, 0);
  return removed > budgetUm(task)
    ? [...steps, `It takes off ${Math.round(removed)} µm, more than this veneer can give.`]
    : steps;
};
