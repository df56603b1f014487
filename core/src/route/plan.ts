import { weakMapMemoize } from 'reselect';
import { MATERIALS } from '../catalog';
import type { SurfaceBeliefs } from '../inspect';
import { isFaceOnTop, standsFor, surfacesOf, type Piece, type Shop } from '../piece';
import {
  advance,
  effectIn,
  eventsOf,
  setBack,
  waitingWork,
  type Phase,
  type PieceState,
} from '../work';
import { batchesOf } from './order/batch';
import type { Operation, Route } from './order/operation';
import { inOrder } from './order/order';
import { graphOf } from './order/precedence';
import { unreadOn } from './finish/refusalRules';
import { isRefused as judge, refusalsOn } from './finish/refusals';
import { missingTasks } from './rules/tasks';
import { wholeOf, type Whole } from './context/whole';
import { contextsOf } from './context/contexts';
import { coatsInSeries } from './finish/finishing';
import type { UnitSystem } from '../units';
import { inDialect } from '../words';

/** What a plan may take as known already. */
export interface Given {
  /** What is believed of the piece, where that is at hand. */
  readonly known?: readonly SurfaceBeliefs[];
  /** What the piece is like now; as the work on record left it where left out. */
  readonly state?: PieceState;
  /** Surfaces whose recoat window has closed: time and air have done that, no task. */
  readonly closedOn?: readonly string[];
}

/** What a piece is like after the work that is on record; work under way has not done it yet. */
const afterWork = (piece: Piece, found: PieceState): PieceState =>
  eventsOf(piece.done, piece.log).reduce((state, it) => {
    // What was done to a surface that was merged was done to the one that stands for it.
    const merged = (ids: readonly string[]) => [
      ...new Set(ids.map((id) => standsFor(piece.build, id))),
    ];
    if (it.of === 'setback') {
      const { line } = it;
      return setBack(state, { id: line.id, surfaceIds: merged(line.surfaceIds) }, it.setback);
    }
    const done = effectIn(it.done);
    return done ? advance(state, { ...done, surfaceIds: merged(done.surfaceIds) }) : state;
  }, found);

/** Coats whose recoat window has closed, and that were not dulled since. */
const withClosed = (state: PieceState, ids: readonly string[]): PieceState =>
  ids.length === 0
    ? state
    : {
        ...state,
        surfaces: Object.fromEntries(
          Object.entries(state.surfaces).map(([id, it]) => [
            id,
            ids.includes(id) && !it.dulled ? { ...it, recoatWindowClosed: true } : it,
          ]),
        ),
      };

/** The piece as its rules see it: surfaces with their aims and states, and what is refused. */
export const wholeFor = (piece: Piece, shop: Shop, given: Given = {}): Whole => {
  const untouched = piece.done.length === 0 && piece.log.length === 0;
  if (given.state || untouched) return wholeOfState(piece, shop, given);
  const found = wholeOfState(piece, shop, given).now;
  const state = withClosed(afterWork(piece, found), given.closedOn ?? []);
  return wholeOfState(piece, shop, { ...given, state });
};

const wholeOfState = (piece: Piece, shop: Shop, { known, state }: Given): Whole => {
  const isRefused = weakMapMemoize(judge);
  const surfaces = contextsOf(piece, shop, known, state, isRefused);
  const now = surfaces[0]?.pieceNow ?? { surfaces: {}, parts: {}, met: [], inHand: null };
  return wholeOf(piece, shop, surfaces, now, isRefused);
};

/** The route of a piece as its rules see it. */
export const routeOf = (whole: Whole): Route => {
  const { piece, shop, surfaces, now } = whole;
  const { schools } = shop;
  const onTop = new Set(surfaces.filter((s) => isFaceOnTop(s.surface)).map((s) => s.surface.id));
  const names = new Map(surfaces.map((s) => [s.surface.id, s.surface.name]));
  const missing = missingTasks(whole);
  const sides = whole.sides().map(({ surfaces: of, group, order }) => ({
    group,
    order,
    primers: of.flatMap((s) => coatsInSeries(s, 'prime').map((it) => it.coating)),
    surfaceIds: of.map((s) => s.surface.id),
  }));
  const graph = graphOf(missing, { schools, sides, done: waitingWork(piece) });
  const tasks = inOrder(missing, graph, { schools, onTop, inHand: now.inHand });
  const operations = batchesOf(tasks, graph, {
    schools,
    onTop,
    names,
  });
  return {
    tasks,
    graph,
    operations,
    refusals: refusalsOn(surfaces.filter((s) => s.aimed || s.forAFirm || unreadOn(s).length > 0)),
    unaimedSurfaceIds: surfacesOf(piece)
      .map((it) => it.id)
      .filter((id) => !piece.aims.some((it) => it.surfaceId === id)),
    minutes: operations.reduce((sum, it) => sum + it.minutes, 0),
    waitMinutes: operations.reduce((sum, it) => sum + (it.wait?.minutes ?? 0), 0),
    materials: [
      ...new Set(tasks.flatMap((it) => it.consumes).map((it) => MATERIALS.get(it.material).label)),
    ].sort(),
  };
};

/** A route in the words of the shop, its materials in the order of their names there. */
export const routeInDialect = (it: Route, units: UnitSystem): Route => {
  // The graph names rules, and no materials.
  const { graph, ...told } = it;
  const said = inDialect(told, units);
  return { ...said, graph, materials: [...said.materials].sort() };
};

/**
 * Plans the work on a piece from the state that it is in to its aims, from lead gate to handover.
 * Pure: the same piece, shop and state give the same route. A piece without aims gives only what
 * its hazards ask for, and names the surfaces still without one.
 *
 * The law of the planner: planning again after the first tasks of a route were done gives the
 * rest of that route, in the same order and for the same reasons.
 *
 * Asked by the case of a piece alone: that knows the time, and so which recoat windows have closed.
 *
 * @param given what the piece is like now, made by `advance`, and what is believed of it, where that
 *   is at hand already
 * @returns tasks in order with every precedence between them, the operations that they are done
 *   in, refusals with ways out, sums in minutes
 * @example
 * const route = planRoute(piece, shop);
 * const state = route.tasks.slice(0, 3).reduce(advance, stateAsFound(piece, shop));
 * planRoute(piece, shop, { state }).tasks; // the rest of route.tasks
 */
export const planRoute = (piece: Piece, shop: Shop, given: Given = {}): Route =>
  routeInDialect(routeOf(wholeFor(piece, shop, given)), shop.units);

/** A piece as it was found, before any work. */
export const stateAsFound = (
  piece: Piece,
  shop: Shop,
  known?: readonly SurfaceBeliefs[],
): PieceState => wholeOfState(piece, shop, known ? { known } : {}).now;

/** Operations of one phase that follow each other. */
export interface PhaseRun {
  readonly phase: Phase;
  readonly operations: readonly Operation[];
}

/**
 * A route as runs of one phase, in the order of the work. A phase comes up again where the route
 * goes back to it: one side of a two-tone piece is finished before the other gets its colour.
 */
export const byPhase = (route: Pick<Route, 'operations'>): readonly PhaseRun[] => {
  const runs: { phase: Phase; operations: Operation[] }[] = [];
  for (const it of route.operations) {
    const last = runs.at(-1);
    if (last?.phase === it.phase) last.operations.push(it);
    else runs.push({ phase: it.phase, operations: [it] });
  }
  return runs;
};
