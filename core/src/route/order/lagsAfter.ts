import { bearsAfter } from '../../drying';
import type { Effect, Lag } from '../../effect';

/** How long what follows some work waits for it. */
export interface LagsAfter {
  /** The coat right above: it has a window, and has to hurry. */
  readonly nextCoat: Lag;
  /** All else that follows: nothing presses. */
  readonly dry: Lag;
  /** What presses on a coat: longer than what is laid over it. */
  readonly bears: Lag;
}

/** The lags after some work, planned or done; undefined where the next may follow at once. */
export const lagsAfter = (it: Pick<Effect, 'traits' | 'wait'>): LagsAfter | undefined => {
  if (!it.wait) return undefined;
  const dry = it.wait.max === null ? it.wait : { ...it.wait, max: null };
  return { nextCoat: it.wait, dry, bears: { ...dry, min: bearsAfter(it) } };
};
