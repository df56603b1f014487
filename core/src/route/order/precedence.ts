import type { Schools } from '../../catalog';
import { placeOf, type Phase, type Task, type WaitingWork } from '../../work';
import { graphMaker, type Graph, type GraphMaker, type RuleOfOrder } from './graph';
import { lagsAfter } from './lagsAfter';
import {
  GATE,
  DUST,
  CLEANED,
  QUARANTINED,
  CONTAINED,
  FITTINGS,
  TAPE,
  CLEAN_TAPE,
  DRIES,
  TOGETHER,
  HANDOVER,
  INTO,
  WITHIN,
} from './orderRules';
import type { Lag } from '../../effect';

const FINISHING: readonly Phase[] = ['block', 'colour', 'protect'];
/** Coats are being laid; dulling between them is dusted off on the spot. */
const isFinishing = (it: Task): boolean => FINISHING.includes(it.phase);
const isColouring = (it: Task): boolean => it.phase === 'colour' || it.phase === 'protect';
/** Washes, shakes or opens the piece: what lives in it is gone by then. */
const isAfterQuarantine = ({ phase }: Task): boolean => placeOf(phase) >= placeOf('clean');
const masks = ({ traits }: Task): boolean =>
  traits.makes.includes('masked') || traits.makes.includes('taped');

/** Why one task on a surface comes before another there; undefined where it need not. */
const onOneSurface = (a: Task, b: Task, evictsLater: boolean): RuleOfOrder | undefined => {
  const later = placeOf(b.phase) - placeOf(a.phase);
  if (later > 0) {
    const waitsForHardware =
      evictsLater && a.traits.evicts && (b.phase === 'record' || b.phase === 'dismantle');
    return waitsForHardware ? undefined : INTO[b.phase];
  }
  if (later < 0 || a.rank >= b.rank || (evictsLater && a.traits.evicts)) return undefined;
  return WITHIN[b.phase];
};

/** A side at a border, as far as the order goes. */
export interface SideInOrder {
  readonly group: string;
  /** When it is coated among the sides of its group: 0 first. */
  readonly order: number;
  /** What its surfaces are primed with, done by now or not. */
  readonly primers: readonly string[];
  readonly surfaceIds: readonly string[];
}

/** What the order of tasks depends on beside the tasks themselves. */
export interface OrderIn {
  readonly schools: Schools;
  /** Sides between which a border runs: masked for each other's coats. */
  readonly sides: readonly SideInOrder[];
  /** Work on record that may still be waited for, in the order of the record. */
  readonly done: readonly WaitingWork[];
}

const indicesBySurface = (tasks: readonly Task[]): ReadonlyMap<string, readonly number[]> => {
  const map = new Map<string, number[]>();
  tasks.forEach((it, index) => {
    for (const id of it.surfaceIds) {
      const list = map.get(id);
      if (list) list.push(index);
      else map.set(id, [index]);
    }
  });
  return map;
};

/**
 * All precedences among tasks: which comes before which, why, and how long after. On one surface
 * task by task; for the room as a whole by milestones.
 */
export const graphOf = (tasks: readonly Task[], { schools, sides, done }: OrderIn): Graph => {
  const maker = graphMaker(tasks.map((it) => it.key));
  const evictsLater = schools.hardware === 'before';
  const lags = tasks.map(lagsAfter);
  const patient = lags.map((it) => it?.dry);
  const known = new Set<number>();

  for (const list of indicesBySurface(tasks).values()) {
    for (const i of list) {
      for (const j of list) {
        const a = tasks[i];
        const b = tasks[j];
        const pair = i * tasks.length + j;
        if (i === j || !a || !b || known.has(pair)) continue;
        if (a.gate && b.holds.includes(a.gate.kind)) maker.add(i, j, GATE, patient[i]);
        const why = onOneSurface(a, b, evictsLater);
        if (!why || b.phase === 'reassemble' || b.phase === 'handover') continue;
        known.add(pair);
        // The recoat window presses on the next coat of the same surface only.
        const isNextCoat =
          a.traits.lays !== null &&
          b.traits.lays !== null &&
          list.every((k) => {
            const it = tasks[k];
            return !it || k === i || k === j || !isBetween(it, a, b);
          });
        maker.add(i, j, why, isNextCoat ? lags[i]?.nextCoat : patient[i]);
      }
    }
  }

  const all = tasks.map((_, index) => index);
  const where = (holds: (it: Task) => boolean): readonly number[] =>
    all.filter((index) => {
      const it = tasks[index];
      return it !== undefined && holds(it);
    });
  /** All of some tasks before all of some others. */
  const before = (
    name: string,
    why: RuleOfOrder,
    first: readonly number[],
    then: readonly number[],
    lags?: readonly (Lag | undefined)[],
  ): void => {
    if (first.length === 0 || then.length === 0) return;
    const node = maker.milestone(name);
    for (const index of first) maker.add(index, node, why, lags?.[index]);
    for (const index of then) maker.add(node, index, why);
  };

  const isCleanUp = ({ traits }: Task): boolean => traits.makes.includes('cleanedUpAfter');
  before(
    'room/is-cleaned-up',
    CLEANED,
    where(isCleanUp),
    where((it) => !isCleanUp(it)),
  );
  before(
    'room/nothing-lives-in-it',
    QUARANTINED,
    where((it) => it.traits.evicts),
    where(isAfterQuarantine),
    patient,
  );
  before(
    'room/is-set-up-for-lead',
    CONTAINED,
    where((it) => it.traits.makesOfPiece.includes('contained')),
    where((it) => it.phase !== 'secure'),
  );
  before(
    'room/dust-is-down',
    DUST,
    where((it) => it.traits.makesDust && !isFinishing(it)),
    where((it) => it.traits.lays !== null),
  );
  before(
    'room/tape-sticks',
    CLEAN_TAPE,
    where((it) => placeOf(it.phase) < placeOf('block') && !masks(it)),
    where((it) => masks(it) && it.phase === 'block'),
  );
  if (evictsLater) {
    before(
      'room/fittings-are-off',
      FITTINGS,
      where((it) => it.traits.takesOff === 'pulls'),
      where((it) => it.traits.evicts),
    );
  }
  for (const side of sides) {
    const isOn = (it: Task, on: readonly string[]): boolean => on.includes(it.surfaceIds[0] ?? '');
    const others = sides.filter((it) => it.group === side.group && it !== side);
    for (const other of others) {
      // A later side is masked before the coats of an earlier one, an earlier one once it is done.
      const mark = side.order > other.order ? 'masked' : 'taped';
      // Where both get the same primer it goes on in one go, and the tape after it.
      const withPrimer = !other.primers.some((it) => side.primers.includes(it));
      before(
        `room/${side.surfaceIds[0] ?? ''}-is-${mark}-for-${other.surfaceIds[0] ?? ''}`,
        TAPE,
        where((it) => it.traits.makes.includes(mark) && isOn(it, side.surfaceIds)),
        where(
          (it) =>
            (isColouring(it) || (withPrimer && mark === 'masked' && it.traits.lays !== null)) &&
            !masks(it) &&
            isOn(it, other.surfaceIds),
        ),
      );
    }
  }
  const reassembles = where((it) => it.phase === 'reassemble');
  before(
    'room/all-is-dry',
    TOGETHER,
    where((it) => placeOf(it.phase) < placeOf('reassemble')),
    reassembles,
    lags.map((it) => it?.bears),
  );
  for (const i of reassembles) {
    for (const j of reassembles) {
      const [a, b] = [tasks[i], tasks[j]];
      if (a && b && a.rank < b.rank && WITHIN.reassemble && meet(a, b)) {
        maker.add(i, j, WITHIN.reassemble, patient[i]);
      }
    }
  }
  before(
    'room/piece-is-whole',
    HANDOVER,
    where((it) => it.phase !== 'handover'),
    where((it) => it.phase === 'handover'),
    patient,
  );
  addDone(maker, tasks, done);
  return maker.done();
};

/**
 * What comes after work that is done, as it would have had it been planned along: the next coat in its window,
 * parts once all films bear them, the rest of a surface and the handover once it is dry.
 */
const addDone = (maker: GraphMaker, tasks: readonly Task[], done: readonly WaitingWork[]): void => {
  for (const work of done) {
    const { traits, key } = work.effect;
    const after = lagsAfter(work.effect);
    if (!after) continue;
    tasks.forEach((it, index) => {
      const add = (why: RuleOfOrder, lag: Lag) => maker.addDone(work.done.id, index, why, lag);
      if (it.phase === 'handover') return add(HANDOVER, after.dry);
      if (traits.evicts && isAfterQuarantine(it)) return add(QUARANTINED, after.dry);
      // Parts that were put on already are no film that has to bear others.
      if (it.phase === 'reassemble' && traits.putsOn === null) return add(TOGETHER, after.bears);
      // What is washed again need not dry in between; a coat does.
      if (!meet(work.effect, it) || (it.key === key && it.traits.lays === null)) return;
      const isNextCoat =
        traits.lays !== null &&
        it.traits.lays !== null &&
        it.surfaceIds.some(
          (id) =>
            work.lastOn.includes(id) &&
            !tasks.some((one) => one.surfaceIds.includes(id) && compareInPhase(one, it) < 0),
        );
      add(DRIES, isNextCoat ? after.nextCoat : after.dry);
    });
  }
};

const meet = (a: Pick<Task, 'surfaceIds'>, b: Pick<Task, 'surfaceIds'>): boolean =>
  a.surfaceIds.some((it) => b.surfaceIds.includes(it));

/** Does a task lie between two others in phase and rank? */
const isBetween = (it: Task, a: Task, b: Task): boolean =>
  compareInPhase(a, it) < 0 && compareInPhase(it, b) < 0;

/** Order by phase, then by rank. */
const compareInPhase = (a: Task, b: Task): number =>
  placeOf(a.phase) - placeOf(b.phase) || a.rank - b.rank;
