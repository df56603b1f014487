/** Longer than this nothing is put off, ms. */
const LATEST = 3000;

/**
 * Does something once the browser has nothing more urgent to do.
 * @returns calls it off
 */
export const whenIdle = (work: () => void): (() => void) => {
  if (typeof requestIdleCallback === 'undefined') {
    const timer = setTimeout(work, 200);
    return () => clearTimeout(timer);
  }
  const handle = requestIdleCallback(work, { timeout: LATEST });
  return () => cancelIdleCallback(handle);
};
