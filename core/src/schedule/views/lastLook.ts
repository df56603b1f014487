import type { Case } from '../../case';
import type { DiscoveryKind } from '../../catalog';
import type { Minute } from '../../climate';
import { linesOf } from '../../piece';
import type { DryingNow } from './drying';
import { isStillWet, openStep, type OpenStep } from './mayBegin';

/** What is still open on a piece when its work is over, or nearly. */
export interface StillOpen {
  /** Steps that are still planned, by number. */
  readonly steps: readonly OpenStep[];
  /** What turned up and nobody has decided. */
  readonly undecided: readonly DiscoveryKind[];
  /** Surfaces of which nobody has tested every layer for lead, though lead is a question there. */
  readonly leadOpen: readonly string[];
  /** Surfaces without a finish. */
  readonly unaimed: readonly string[];
  /** What still dries. */
  readonly wet: readonly DryingNow[];
}

/** What is still open on a piece. Ids of surfaces; the screen has their names. */
export const stillOpen = (
  { piece, route, steps, beliefs }: Pick<Case, 'piece' | 'route' | 'steps' | 'beliefs'>,
  drying: readonly DryingNow[],
  now: Minute,
): StillOpen => ({
  steps: route.operations.map((it) => openStep(it, steps.numbers)),
  undecided: linesOf(piece.log, 'discovery')
    .filter((it) => it.remedy === null)
    .map((it) => it.kind),
  leadOpen: beliefs.filter((it) => it.leadStatus.kind === 'open').map((it) => it.surfaceId),
  unaimed: route.unaimedSurfaceIds,
  wet: drying.filter((it) => isStillWet(it, now)),
});
