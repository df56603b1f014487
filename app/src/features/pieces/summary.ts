import { caseOf } from '@obrik/core/case';
import type { PieceRecord, Shop } from '@obrik/core/piece';
import { showDuration } from '@obrik/core/units';
import type { Tone } from '@/ui/theme';

/** What the list says of a piece: how far the look is, what the route holds, what stands in the way. */
export interface PieceSummary {
  readonly settled: number;
  readonly surfaces: number;
  readonly next: string;
  readonly work: string;
  readonly tags: readonly { readonly text: string; readonly tone: Tone }[];
}

/** Sums a piece up for the list, from core. */
export const summarise = ({ piece }: PieceRecord, shop: Shop): PieceSummary => {
  const { beliefs, looks: states, route } = caseOf(piece, shop);
  const aimed = beliefs.length - route.unaimedSurfaceIds.length;
  const leadOpen = route.operations.some((it) => it.gate?.kind === 'lead');
  const leadFound = beliefs.some((it) => it.leadStatus.kind === 'found');
  const conflicts = states.filter((it) => it === 'conflict').length;
  return {
    settled: states.filter((it) => it === 'settled').length,
    surfaces: beliefs.length,
    next:
      piece.observations.length === 0
        ? 'Next: look it over'
        : aimed === 0
          ? 'Next: say what it shall become'
          : `Next: ${route.operations[0]?.title ?? 'nothing planned'}`,
    work: aimed === 0 ? 'no route yet' : showDuration(route.minutes),
    tags: [
      ...(leadFound ? [{ text: 'Lead found', tone: 'vermilion' as const }] : []),
      ...(leadOpen ? [{ text: 'Lead not tested', tone: 'vermilion' as const }] : []),
      ...(conflicts > 0 ? [{ text: `${conflicts} in conflict`, tone: 'vermilion' as const }] : []),
      ...(route.refusals.length > 0
        ? [{ text: `${route.refusals.length} refused`, tone: 'amber' as const }]
        : []),
    ],
  };
};
