import { CHOICE_WORDS } from '../words';
import { budgetUm } from './ladder';
import { clears, gradeOf, scratchDepthUm, stepIsAllowed, type Grade } from './scale';
import type { SandingTask } from './task';
import { removalUm, rungMinutes } from './wear';

const { ladderFaults: WORDS } = CHOICE_WORDS;

const takenBy = (grades: readonly Grade[], task: SandingTask) => {
  let clear = task.defectUm;
  let minutes = 0;
  let removedUm = 0;
  for (const grade of grades) {
    const removal = removalUm(clear, grade);
    minutes += rungMinutes(removal, grade, task);
    removedUm += removal;
    clear = scratchDepthUm(grade);
  }
  return { minutes, removedUm };
};

/** The coarsest paper allowed may start on anything, in as many passes as it takes. */
const startFaults = (first: Grade | undefined, task: SandingTask): readonly string[] => {
  if (!first) return [WORDS.none];
  if (first.grit < task.coarsestGrit) {
    return [WORDS.tooCoarse(first.grit, task.coarsestGrit)];
  }
  return first.grit > task.coarsestGrit && !clears(task.defectUm, first)
    ? [WORDS.wontClear(first.grit, task.defectUm)]
    : [];
};

const endFaults = (last: Grade | undefined, task: SandingTask): readonly string[] =>
  last && last.grit !== task.targetGrit
    ? [
        last.grit < task.targetGrit
          ? WORDS.stopsEarly(last.grit, task.targetGrit)
          : WORDS.goesOn(last.grit, task.targetGrit),
      ]
    : [];

/**
 * Judges a ladder somebody wants to use.
 * @param grits papers in the order of use
 * @param task what it is for; without it only the steps are judged
 * @returns what is wrong with it, in words; nothing where it is admissible
 */
export const judgeLadder = (grits: readonly number[], task?: SandingTask): readonly string[] => {
  const grades = grits.flatMap((grit) => gradeOf(grit) ?? []);
  if (grades.length < grits.length) return [WORDS.offTheSeries];
  const steps = grades.slice(1).flatMap((to, index) => {
    const from = grades[index];
    if (!from || stepIsAllowed(from, to)) return [];
    return from.grainUm <= to.grainUm
      ? [WORDS.goesBack(to.grit, from.grit)]
      : [WORDS.bigStep(from.grit, to.grit, from.grainUm / to.grainUm)];
  });
  if (!task) return steps;
  const { removedUm } = takenBy(grades, task);
  return [
    ...startFaults(grades[0], task),
    ...steps,
    ...endFaults(grades.at(-1), task),
    ...(removedUm > budgetUm(task) ? [WORDS.takesTooMuch(removedUm)] : []),
  ];
};

/** What a ladder takes: minutes, and wood, µm. Papers that are not of the P-series are passed over. */
export const tollOfLadder = (
  grits: readonly number[],
  task: SandingTask,
): { readonly minutes: number; readonly removedUm: number } =>
  takenBy(
    grits.flatMap((grit) => gradeOf(grit) ?? []),
    task,
  );
