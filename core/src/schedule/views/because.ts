import { CLOCK_WORDS } from '../../words';
import type { StalledBy } from './stalled';
import type { Because } from './timetable';

/** Why a step does not begin earlier, as a sentence. */
export const becauseInWords = (it: Because): string => {
  const { because } = CLOCK_WORDS;
  switch (it.kind) {
    case 'after':
      return because.after(it);
    case 'hands':
      return because.hands(it);
    case 'wetBeside':
      return because.wetBeside(it);
    case 'dustBeside':
      return because.dustBeside(it);
    case 'full':
      return because.full(it);
    default:
      return because[it.kind]();
  }
};

/** Why a step has no time as things are, as a sentence. */
export const stalledInWords = (it: StalledBy): string => {
  const { stalled } = CLOCK_WORDS;
  switch (it.kind) {
    case 'air':
      return stalled.air(it);
    case 'hours':
      return stalled.hours();
    default:
      return stalled[it.kind](it.title);
  }
};
