import type { PlannedSummary } from '../ledger';
import type { Case } from './case';
import { workStage } from './stage';

/** Sums a piece up for a list: how far the look is, what the route holds, what stands in the way. */
export const planSummary = (it: Case): PlannedSummary => {
  const { piece, beliefs, looks, route, windows } = it;
  const aimed = beliefs.length > route.unaimedSurfaceIds.length;
  const [first] = route.operations;
  const counts = {
    leadFound: beliefs.some((it) => it.leadStatus.kind === 'found') ? 1 : 0,
    leadOpen: route.operations.some((it) => it.gate?.kind === 'lead') ? 1 : 0,
    conflict: looks.filter((it) => it === 'conflict').length,
    refused: route.refusals.length,
  };
  const next = (): PlannedSummary['next'] => {
    if (piece.observations.length === 0) return { kind: 'look' };
    if (!aimed) return { kind: 'aim' };
    return first ? { kind: 'step', title: first.title } : { kind: 'nothing' };
  };
  return {
    settled: looks.filter((it) => it === 'settled').length,
    surfaces: beliefs.length,
    next: next(),
    stage: workStage(it),
    minutes: aimed ? route.minutes : null,
    holdsUntil: windows.next,
    warnings: (Object.keys(counts) as (keyof typeof counts)[])
      .filter((kind) => counts[kind] > 0)
      .map((kind) => ({ kind, count: counts[kind] })),
  };
};
