/** How far the shop's clock is ahead of this device's, ms; 0 until it was measured. */
let ahead = 0;

/** Compares the clocks by an answer of the shop's server, half way between asking and answer. */
export const compareClocks = (shopTime: string, asked: number, answered: number): void => {
  ahead = new Date(shopTime).getTime() - (asked + answered) / 2;
};

/** The time by the shop's clock, as far as this device knows it. */
export const shopNow = (): Date => new Date(Date.now() + ahead);
