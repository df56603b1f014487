import { JUDGEMENT } from './source';

/** From where on evidence counts as contradicting, odd, or telling. */
export const TELLING_LIMITS = {
  /** Two results contradict where every value is this much less likely than the favourite of one. */
  pullsApart: { value: 4, source: JUDGEMENT },
  /** A result is odd under a state that shows another one this much more often. */
  oddResult: { value: 0.2, source: JUDGEMENT },
  /** Odd results together are reported below this product. */
  oddTogether: { value: 0.01, source: JUDGEMENT },
  /** A word of the user is contradicted where the tests leave it less than this. */
  wordAgainstOdds: { value: 0.05, source: JUDGEMENT },
  /** A tie-breaker has to tell two values apart at least this well. */
  worthTelling: { value: 0.3, source: JUDGEMENT },
  /** What a minute takes off a tie-breaker's worth. */
  perMinute: { value: 0.02, source: JUDGEMENT },
} as const;
