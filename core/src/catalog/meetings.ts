import { PRACTICE } from './source';

/**
 * How one material meets another.
 * ok: goes on as it is. scuff: after dulling. barrier: with another coat between. never: not at all.
 */
export type Verdict = 'ok' | 'scuff' | 'barrier' | 'never';

/** What a face is like to the coat that comes next. */
export const NATURES = [
  'wood',
  'board',
  'slick',
  'wax',
  'oiled',
  'shellac',
  'lacquer',
  'oilFilm',
  'factory',
  'waterFilm',
  'mineral',
  'stain',
  'filler',
] as const;
export type Nature = (typeof NATURES)[number];

/** Why a coat meets a face as it does. Common practice, no source. */
export const MEETINGS = {
  keys: { may: 'ok', because: 'It soaks in or grips as it is.' },
  itself: { may: 'ok', because: 'It melts into or bites on a coat of its own kind.' },
  dull: { may: 'scuff', because: 'A closed film gives no hold until it is dulled.' },
  bond: {
    may: 'barrier',
    because: 'The face is too slick for it: scuff, then a bonding primer between.',
  },
  seal: { may: 'barrier', because: 'Bare board drinks it, edges most: a sealing primer between.' },
  shut: { may: 'barrier', because: 'What is below creeps or bleeds into it: shellac between.' },
  cured: {
    may: 'barrier',
    because: 'Water beads on oil that has not cured for weeks: shellac between.',
  },
  closed: { may: 'never', because: 'It works in open wood, and there is none to take it.' },
  waxed: {
    may: 'never',
    because: 'Nothing but wax sticks over wax: take it off with mineral spirits first.',
  },
  skin: {
    may: 'never',
    because: 'A coat that stays soft or powdery below cracks a harder one above.',
  },
  order: {
    may: 'never',
    because: 'It belongs below the film: over it, it never dries or rubs off.',
  },
} as const satisfies Readonly<Record<string, { may: Verdict; because: string }>>;
export type Meeting = keyof typeof MEETINGS;

export const MEETINGS_SOURCE = PRACTICE;
