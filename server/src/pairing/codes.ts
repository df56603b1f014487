import { randomInt, timingSafeEqual } from 'node:crypto';

/** A code holds this long, ms. */
const HOLDS = 10 * 60_000;
/** So many wrong tries, and it holds no longer. */
const TRIES = 5;
const DIGITS = 6;

export type Redeemed = 'right' | 'wrong' | 'none';

/** One code at a time: it holds for ten minutes, for one device, for five wrong tries. */
export interface PairingCodes {
  /** Makes a new code; the one before holds no longer. */
  fresh(now: Date): string;
  /** Tries a code; the right one is used up. "none": no code holds. */
  redeem(code: string, now: Date): Redeemed;
}

const same = (a: string, b: string): boolean =>
  a.length === b.length && timingSafeEqual(Buffer.from(a), Buffer.from(b));

export const pairingCodes = (): PairingCodes => {
  let current: { readonly code: string; readonly until: number; tries: number } | undefined;
  return {
    fresh: (now) => {
      const code = String(randomInt(10 ** DIGITS)).padStart(DIGITS, '0');
      current = { code, until: now.getTime() + HOLDS, tries: TRIES };
      return code;
    },
    redeem: (code, now) => {
      if (!current || now.getTime() > current.until) return 'none';
      if (same(code, current.code)) {
        current = undefined;
        return 'right';
      }
      current.tries--;
      if (current.tries === 0) current = undefined;
      return 'wrong';
    },
  };
};
