import { SANDING_MODEL } from '../catalog';
import { CHOICE_WORDS } from '../words';
import type { Ladder, NoLadder, Rung } from './result';
import { SCALE, clears, scratchDepthUm, stepIsAllowed, type Grade } from './scale';
import { chanceOfSandingThrough, type ThinnerThan } from './sandThrough';
import type { SandingTask } from './task';
import { edgeFactor, fetchMinutes, removalUm, rungMinutes, telegraphMinutes } from './wear';

const { ladderChoice: WORDS } = CHOICE_WORDS;

/** A ladder up to some rung, while searching. */
interface Path {
  readonly grades: readonly Grade[];
  /** Active minutes. */
  readonly minutes: number;
  /** The same, with what its steps may leave to be done again. */
  readonly burden: number;
  readonly removedUm: number;
}

const EMPTY: Path = { grades: [], minutes: 0, burden: 0, removedUm: 0 };

const climb = (path: Path, grade: Grade, task: SandingTask): Path => {
  const last = path.grades.at(-1);
  const marksUm = last ? scratchDepthUm(last) : task.defectUm;
  const removal = removalUm(marksUm, grade);
  const minutes = rungMinutes(removal, grade, task);
  const left = telegraphMinutes(marksUm / scratchDepthUm(grade), last ? 'step' : 'start', task);
  return {
    grades: [...path.grades, grade],
    minutes: path.minutes + minutes,
    burden: path.burden + minutes + left + fetchMinutes(grade, task),
    removedUm: path.removedUm + removal,
  };
};

/** What may be taken off before the glue line comes near, µm. Solid wood has no such limit. */
export const budgetUm = (task: SandingTask): number =>
  task.veneerUm === null
    ? Infinity
    : Math.max(0, task.veneerUm - SANDING_MODEL.keepUm) / edgeFactor('hand');

const better = (a: Path, b: Path): boolean => a.burden <= b.burden && a.removedUm <= b.removedUm;

/** Keeps only paths that no other beats both in burden and in wood taken off. */
const undominated = (paths: readonly Path[]): readonly Path[] =>
  paths.filter(
    (path, index) =>
      !paths.some(
        (other, at) => at !== index && better(other, path) && (at < index || !better(path, other)),
      ),
  );

/**
 * All ladders worth having that end on the target, least burden first.
 * A dynamic programme over the P-series: the state is the rung reached, and for each rung the
 * undominated pairs of burden and wood removed are kept (a shortest path under a resource
 * limit). A paper follows another, or starts, only where it can clear what it finds; the
 * coarsest paper allowed may start on anything, in as many passes as it takes.
 */
const search = (task: SandingTask): readonly Path[] => {
  const rungs = SCALE.filter((it) => it.grit >= task.coarsestGrit && it.grit <= task.targetGrit);
  const budget = budgetUm(task);
  const reached = new Map<number, readonly Path[]>();
  for (const grade of rungs) {
    const from = rungs
      .filter((it) => stepIsAllowed(it, grade))
      .flatMap((it) => reached.get(it.grit) ?? []);
    const mayStart = clears(task.defectUm, grade) || grade === rungs[0];
    const paths = [...(mayStart ? [EMPTY] : []), ...from]
      .map((path) => climb(path, grade, task))
      .filter((path) => path.removedUm <= budget);
    reached.set(grade.grit, undominated(paths));
  }
  return [...(reached.get(task.targetGrit) ?? [])].sort((a, b) => a.burden - b.burden);
};

/** Minutes that a ladder may cost beyond its own: sanding through at an edge, by its chance. */
const expectedLoss = (path: Path, thinnerThan: ThinnerThan): number =>
  chanceOfSandingThrough(path.removedUm, thinnerThan, 'edge') * SANDING_MODEL.sandThroughMinutes;

const NEVER: ThinnerThan = () => 0;

/** The path of least burden, what sanding through would cost counted in. */
const cheapest = (paths: readonly Path[], thinnerThan: ThinnerThan): Path | undefined =>
  paths
    .map((path) => ({ path, burden: path.burden + expectedLoss(path, thinnerThan) }))
    .reduce<{ path: Path; burden: number } | undefined>(
      (a, b) => (a && a.burden <= b.burden ? a : b),
      undefined,
    )?.path;

const describe = (path: Path, task: SandingTask): Ladder => {
  let clear = task.defectUm;
  let left = task.veneerUm;
  const rungs = path.grades.map((grade): Rung => {
    const removedUm = removalUm(clear, grade);
    clear = scratchDepthUm(grade);
    left = left === null ? null : left - removedUm;
    return {
      grit: grade.grit,
      grainUm: grade.grainUm,
      removedUm,
      minutes: rungMinutes(removedUm, grade, task),
      leftUm: left,
    };
  });
  const first = path.grades[0];
  return {
    kind: 'ladder',
    rungs,
    minutes: path.minutes,
    removedUm: path.removedUm,
    edgeRemovedUm: path.removedUm * edgeFactor('hand'),
    veneerLeftUm: left,
    reasons: [
      WORDS.startsAt(first?.grit ?? task.targetGrit, task.defectUm),
      WORDS.stopsAt(task.targetGrit),
      ...(task.veneerUm === null ? [] : [WORDS.keeps(SANDING_MODEL.keepUm), WORDS.leastWork]),
    ],
  };
};

const dustForbidden = (lead: SandingTask['lead']): boolean => lead === 'open' || lead === 'found';

/**
 * The ladder of least burden for a task, or a refusal with ways out. It has to fit a careful
 * thickness; of those that do, minutes, what
 * telegraphs and the chance of sanding through decide.
 * @param thinnerThan the veneer's distribution; nothing is ever too thin where it is left out
 * Model and its limits: docs/calculations.md, "Sanding". Rates and depths are modelling judgement.
 */
export const planLadder = (
  task: SandingTask,
  thinnerThan: ThinnerThan = NEVER,
): Ladder | NoLadder => {
  if (dustForbidden(task.lead)) {
    return {
      kind: 'refused',
      rule: 'dry-sanding-suspect-paint',
      because: task.lead === 'found' ? WORDS.onLead.found : WORDS.onLead.open,
      waysOut: WORDS.onLead.waysOut,
    };
  }
  const best = cheapest(search(task), thinnerThan);
  if (best) return describe(best, task);
  if (task.veneerUm !== null) {
    return {
      kind: 'refused',
      rule: 'veneer-too-thin',
      because: WORDS.tooThin.because(task.veneerUm, SANDING_MODEL.keepUm, task.targetGrit),
      waysOut: WORDS.tooThin.waysOut,
    };
  }
  return {
    kind: 'refused',
    rule: 'no-rung-reaches',
    because: WORDS.noRung.because(task.coarsestGrit, task.targetGrit),
    waysOut: WORDS.noRung.waysOut,
  };
};
