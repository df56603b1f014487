import type { Case } from '../case';
import type { Minute } from '../climate';
import { linesOf } from '../piece';
import type { Drying } from './drying';
import { isStillWet } from './mayBegin';

/** What is still open on a piece when its work is over, or nearly. */
export interface StillOpen {
  /** Steps that are still planned, by number. */
  readonly steps: readonly {
    readonly id: string;
    readonly number: number;
    readonly title: string;
  }[];
  /** What turned up and nobody has decided. */
  readonly undecided: readonly string[];
  /** Surfaces of which nobody has tested every layer for lead, though lead is a question there. */
  readonly leadOpen: readonly string[];
  /** Surfaces without a finish. */
  readonly unaimed: readonly string[];
  /** What still dries. */
  readonly wet: readonly Drying[];
}

/** What is still open on a piece. Ids of surfaces; the screen has their names. */
export const stillOpen = (
  { piece, route, steps, beliefs }: Pick<Case, 'piece' | 'route' | 'steps' | 'beliefs'>,
  drying: readonly Drying[],
  now: Minute,
): StillOpen => ({
  steps: route.operations.map(({ id, title }) => ({
    id,
    title,
    number: steps.numbers.get(id) ?? 0,
  })),
  undecided: linesOf(piece.log, 'discovery')
    .filter((it) => it.remedy === null)
    .map((it) => it.kind),
  leadOpen: beliefs.filter((it) => it.leadStatus.kind === 'open').map((it) => it.surfaceId),
  unaimed: route.unaimedSurfaceIds,
  wet: drying.filter((it) => isStillWet(it, now)),
});
