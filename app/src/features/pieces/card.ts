import type { PlannedSummary } from '@obrik/core/ledger';
import { showDuration } from '@obrik/core/units';
import type { Tone } from '@/ui/theme';

/** What the list says of a piece, in words. */
interface CardWords {
  readonly stub: string;
  readonly next: string;
  readonly work: string;
  readonly tags: readonly { readonly text: string; readonly tone: Tone }[];
  /** Where the piece opens: at its story where it has left the bench, at the last look where it is finished. */
  readonly opensAt: 'look' | 'last-look' | 'story';
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

/** Where it stands; what is only looked at or planned says so by what comes next. */
const stageTags = (it: PlannedSummary['stage']): CardWords['tags'] => {
  switch (it?.kind) {
    case 'underWay':
      return [{ text: `Step ${it.step} of ${it.of}`, tone: 'amber' }];
    case 'finished':
      return [{ text: 'Finished', tone: 'moss' }];
    case 'forSale':
      return [{ text: 'For sale', tone: 'moss' }];
    case 'handedOver':
      return [{ text: 'Handed over', tone: 'moss' }];
    case 'sold':
      return [{ text: 'Sold', tone: 'moss' }];
    default:
      return [];
  }
};

const opensAt = (it: PlannedSummary['stage']): CardWords['opensAt'] => {
  switch (it?.kind) {
    case 'finished':
      return 'last-look';
    case 'forSale':
    case 'handedOver':
    case 'sold':
      return 'story';
    default:
      return 'look';
  }
};

/** Says what was planned of a piece; a piece that the shop has not planned yet says that. */
export const cardWords = (planned: PlannedSummary | null): CardWords =>
  planned
    ? {
        stub: `${planned.settled} of ${planned.surfaces}`,
        next: nextInWords(planned.next),
        work: planned.minutes === null ? 'no route yet' : showDuration(planned.minutes),
        tags: [
          ...stageTags(planned.stage),
          ...planned.warnings.map(({ kind, count }) => WARNINGS[kind](count)),
        ],
        opensAt: opensAt(planned.stage),
      }
    : { stub: '', next: 'Open it to look it over', work: '', tags: [], opensAt: 'look' };
