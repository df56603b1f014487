import type { SurfaceBeliefs } from '../inspect';
import { shopFor, surfacesOf, type Piece, type Shop } from '../piece';
import { contextsOf, type SurfaceContext } from './context';
import { merge, type Proposal } from './merge';
import type { Operation, Phase, Route } from './operation';
import { inOrder } from './order';
import { BLOCK_RULES } from './phases/block';
import { COLOUR_RULES } from './phases/colour';
import { HANDOVER_RULES } from './phases/handover';
import { PROTECT_RULES } from './phases/protect';
import { REASSEMBLE_RULES } from './phases/reassemble';
import { CLEAN_RULES } from './phases/clean';
import { DISMANTLE_RULES } from './phases/dismantle';
import { RECORD_RULES } from './phases/record';
import { REPAIR_RULES } from './phases/repair';
import { SAND_RULES } from './phases/sand';
import { SECURE_RULES } from './phases/secure';
import { STRIP_RULES } from './phases/strip';
import { refusalsOn } from './refusals';
import type { Rule } from './rule';

/** Every rule of every phase. */
export const RULES: readonly Rule[] = [
  ...SECURE_RULES,
  ...RECORD_RULES,
  ...DISMANTLE_RULES,
  ...CLEAN_RULES,
  ...STRIP_RULES,
  ...REPAIR_RULES,
  ...SAND_RULES,
  ...BLOCK_RULES,
  ...COLOUR_RULES,
  ...PROTECT_RULES,
  ...REASSEMBLE_RULES,
  ...HANDOVER_RULES,
];

const proposalsFor = (surface: SurfaceContext, blocked: boolean): readonly Proposal[] =>
  RULES.filter((rule) => !blocked || rule.regardless)
    .filter((rule) => rule.applies(surface))
    .flatMap((rule) => rule.work(surface).map((work) => ({ rule, surface, work })));

/**
 * Plans the work on a piece from lead gate to handover.
 * Pure: the same piece and shop give the same route. A piece without aims gives an empty route
 * that names the surfaces still without one.
 * @param known what is believed of the piece, where that is at hand already
 * @returns operations in order, each with its reasons; refusals with ways out; sums in minutes
 */
export const planRoute = (piece: Piece, shop: Shop, known?: readonly SurfaceBeliefs[]): Route => {
  const surfaces = contextsOf(piece, shop, known);
  const refusals = surfaces.flatMap(refusalsOn);
  const blocked = new Set(refusals.filter((it) => it.blocks).map((it) => it.surfaceId));
  const drafts = merge(surfaces.flatMap((it) => proposalsFor(it, blocked.has(it.surface.id))));
  const operations = [...inOrder(drafts, shopFor(piece, shop).schools)];
  const aimed = new Set(surfaces.map((it) => it.surface.id));
  return {
    operations,
    refusals,
    unaimedSurfaceIds: surfacesOf(piece)
      .map((it) => it.id)
      .filter((it) => !aimed.has(it)),
    minutes: operations.reduce((sum, it) => sum + it.minutes, 0),
    waitMinutes: operations.reduce((sum, it) => sum + (it.wait?.minutes ?? 0), 0),
    materials: [...new Set(operations.flatMap((it) => it.materials))].sort(),
  };
};

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
