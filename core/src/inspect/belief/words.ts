import { DECISIONS } from '../../catalog';

/**
 * How sure, in words a person would use.
 * @param p probability of the value that is named
 */
export const sureness = (p: number): string => {
  if (p === 1) return 'Confirmed:';
  if (p >= 0.97) return 'Almost certainly';
  if (p >= 0.85) return 'Very likely';
  if (p >= 0.65) return 'Likely';
  if (p >= 0.45) return 'Perhaps';
  return 'Open. Perhaps';
};

/** From this probability on a question counts as settled. */
export const SETTLED = DECISIONS.settled.value;

/** A family is named instead of its likeliest member where that member alone is less likely than this. */
export const NAMED = DECISIONS.memberNamed.value;
