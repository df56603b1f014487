import type { Effect } from '../effect';
import type { DoneWork } from '../piece';

/** What work on record did; undefined where that can't be read here: then nothing follows on it. */
export const effectIn = ({ effect }: DoneWork): Effect | undefined =>
  effect.form === 'unread' ? undefined : effect;
