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
  'thinShellac',
  'lacquer',
  'oilFilm',
  'oldOil',
  'factory',
  'waterFilm',
  'mineral',
  'oilStain',
  'gel',
  'waterStain',
  'waxedShellac',
  'distemper',
  'silicone',
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
  dewax: {
    may: 'barrier',
    because: 'Wax in the shellac below makes the next film let go: dewaxed shellac between.',
  },
  powder: {
    may: 'barrier',
    because:
      'It powders, and takes down what lies on it: wash off what comes, then a primer that binds.',
  },
  craters: {
    may: 'barrier',
    because:
      'Silicone pulls a wet film open into craters: wash it off, then dewaxed shellac between.',
  },
  binds: { may: 'ok', because: 'It soaks into what still powders, and binds it.' },
  washcoat: {
    may: 'barrier',
    because: 'Rubbed across, it drags the stain out of the wood: a thin shellac washcoat between.',
  },
  holds: { may: 'ok', because: 'It shuts in what would crater another coat.' },
  closed: { may: 'never', because: 'It works in open wood, and there is none to take it.' },
  waxed: {
    may: 'never',
    because: 'Nothing but wax sticks over wax: take it off with mineral spirits first.',
  },
  beads: {
    may: 'never',
    because: 'Water stands off oil, and the stain takes in spots or not at all.',
  },
  lifts: {
    may: 'never',
    because: 'Its strong solvent wrinkles the coat below.',
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

/** @public Where the rows above come from. */
export const MEETINGS_SOURCE = PRACTICE;
