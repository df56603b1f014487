import type { PlannedSummary } from '@obrik/core/ledger';
import { showDuration } from '@obrik/core/units';
import type { Tone } from '@/ui/theme';

/** What the list says of a piece, in words. */
interface CardWords {
  readonly stub: string;
  readonly next: string;
  readonly work: string;
  readonly tags: readonly { readonly text: string; readonly tone: Tone }[];
}

const WARNINGS: Readonly<
  Record<
    PlannedSummary['warnings'][number]['kind'],
    (count: number) => { readonly text: string; readonly tone: Tone }
  >
> = {
  leadFound: () => ({ text: 'Lead found', tone: 'vermilion' }),
  leadOpen: () => ({ text: 'Lead not tested', tone: 'vermilion' }),
  conflict: (count) => ({ text: `${count} in conflict`, tone: 'vermilion' }),
  refused: (count) => ({ text: `${count} refused`, tone: 'amber' }),
};

const nextInWords = (it: PlannedSummary['next']): string => {
  switch (it.kind) {
    case 'look':
      return 'Next: look it over';
    case 'aim':
      return 'Next: choose a finish';
    case 'step':
      return `Next: ${it.title}`;
    case 'nothing':
      return 'Next: nothing planned';
  }
};

/** Says what was planned of a piece; a piece that the shop has not planned yet says that. */
export const cardWords = (planned: PlannedSummary | null): CardWords =>
  planned
    ? {
        stub: `${planned.settled} of ${planned.surfaces}`,
        next: nextInWords(planned.next),
        work: planned.minutes === null ? 'no route yet' : showDuration(planned.minutes),
        tags: planned.warnings.map(({ kind, count }) => WARNINGS[kind](count)),
      }
    : { stub: '', next: 'Open it to look it over', work: '', tags: [] };
