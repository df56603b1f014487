import { theDevice } from './device';

/** How far the shop's clock is ahead of this device's, ms; 0 until it was measured. */
let ahead = 0;

/** Answers carry the time in whole seconds: a difference of less is none, ms. */
const LEAST = 2000;

const AHEAD = 'clock';

/**
 * Compares the clocks by the time that an answer of the shop's server carries, half way between
 * asking and answer. What was measured is kept for when there is no connection.
 */
export const compareClocks = (shopTime: string | null, asked: number, answered: number): void => {
  const measured = Date.parse(shopTime ?? '') - (asked + answered) / 2;
  if (Number.isNaN(measured)) return;
  const before = ahead;
  ahead = Math.abs(measured) < LEAST ? 0 : measured;
  if (Math.abs(ahead - before) < LEAST) return;
  void theDevice()
    .then(({ kept }) => kept.put({ key: AHEAD, version: 1, value: ahead }))
    .catch(() => undefined);
};

/** Takes up what was measured before this page was opened. */
export const recallClock = async (): Promise<void> => {
  const it = await (await theDevice()).kept.get(AHEAD);
  if (typeof it?.value === 'number') ahead = it.value;
};

/** The time by the shop's clock, as far as this device knows it. */
export const shopNow = (): Date => new Date(Date.now() + ahead);
