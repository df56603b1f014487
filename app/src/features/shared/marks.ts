import { SETTLED, sureness, stateOf, type Belief, type SurfaceBeliefs } from '@obrik/core/inspect';
import type { Piece } from '@obrik/core/piece';
import type { SurfaceMark } from '@/ui/drawings';

/** What is asked of every surface, in the order of the screen. */
export const SURFACE_QUESTIONS = [
  { variable: 'substrate', title: 'Made of' },
  { variable: 'finish', title: 'On it' },
  { variable: 'wood', title: 'Wood' },
  { variable: 'bleed', title: 'Bleed' },
] as const;

/** A belief as a sentence: "Very likely veneer on a core". */
export const beliefInWords = (belief: Belief): string =>
  `${sureness(belief.confirmed ? 1 : Math.min(belief.said.p, 0.999))} ${belief.said.label}`;

/** Where a surface stands, in words. */
export const STATE_WORDS = { settled: 'settled', open: 'open', conflict: 'in conflict' } as const;

/** How each surface is shown on the drawing. */
export const marksOf = (
  piece: Piece,
  all: readonly SurfaceBeliefs[],
): ReadonlyMap<string, SurfaceMark> =>
  new Map(
    all.map((beliefs) => {
      const state = stateOf(beliefs);
      const { substrate } = beliefs;
      return [
        beliefs.surfaceId,
        {
          state,
          material: substrate.confirmed || substrate.said.p >= SETTLED ? substrate.likeliest : null,
          findings: piece.findings
            .filter((it) => it.surfaceId === beliefs.surfaceId)
            .map((it) => it.place),
          words: `${beliefInWords(substrate).toLowerCase()}, ${STATE_WORDS[state]}`,
        },
      ];
    }),
  );
