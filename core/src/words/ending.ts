import { counted } from './language';

/** Where a piece stands, as it is said. Facts only: times come as words. */
export const stage = (
  it:
    | { readonly kind: 'looking' | 'planned' | 'finished' | 'forSale' | 'handedOver' | 'sold' }
    | { readonly kind: 'underWay'; readonly step: number; readonly of: number }
    | { readonly kind: 'waiting'; readonly until: string | null },
): string => {
  switch (it.kind) {
    case 'looking':
      return 'Looking';
    case 'planned':
      return 'Planned';
    case 'underWay':
      return `Under way: step ${it.step} of ${it.of}`;
    case 'waiting':
      return it.until === null ? 'Waiting: no end in this air' : `Waiting until ${it.until}`;
    case 'finished':
      return 'Finished';
    case 'forSale':
      return 'For sale';
    case 'handedOver':
      return 'Handed over';
    case 'sold':
      return 'Sold';
  }
};

/** The last look at a piece whose work is over. */
export const lastLook = {
  title: 'Last look',
  allDone: 'Every step is done.',
  open: 'Still open',
  nothingOpen: 'Nothing is open.',
  steps: (count: number) => `${counted(count, 'step')} not done`,
  moreSteps: (count: number) => `${counted(count, 'more step')} on the route`,
  leadOpen: (names: string) => `Not tested for lead, every layer: ${names}.`,
  unaimed: (names: string) => `No finish chosen: ${names}.`,
  wet: (title: string) => `Still drying: ${title}.`,
  use: 'When it may be used',
  lightUse: (day: string, days: number) =>
    days <= 0 ? 'Ready for light use.' : `Light use from ${day} (in ${counted(days, 'day')}).`,
  cured: (day: string, days: number) =>
    days <= 0
      ? 'Fully cured.'
      : `Fully cured about ${day} (in ${counted(days, 'day')}). Until then nothing hot, wet, heavy or rubbery on it, and no wax.`,
  noEnd: 'It doesn’t cure in this air: move it where it’s warm.',
  noCoat: 'No new coat is on record.',
  howToTreat: 'How to treat it',
  pictures: 'Side by side',
  papers: 'Papers',
  handOver: 'Hand over',
  to: 'To whom',
  forSale: 'For sale',
  price: 'The price',
} as const;

/** The story of a piece after it left the bench. */
export const story = {
  handedOver: (to: string, day: string) => `Handed over${to ? ` to ${to}` : ''}, ${day}.`,
  forSale: (day: string) => `For sale since ${day}.`,
  sold: (price: string, day: string) => `Sold for ${price}, ${day}.`,
  taught: 'What this piece taught',
  noPictures: 'No picture was taken before and after.',
  pace: (kind: string, planned: string, actual: string) =>
    `${kind}: planned ${planned}, took ${actual}.`,
  noPace: 'Nothing was timed: tap Begin and Done on each step next time.',
  surprise: (what: string, decided: string | null) =>
    decided === null ? `${what}. Not decided.` : `${what}. Done about it: ${decided}.`,
  noSurprise: 'Nothing unexpected turned up.',
  early: (count: number) => `${counted(count, 'step')} done before its turn, with a reason.`,
} as const;
