/** Said in place of a line that must not be done there. */
export const notHere = (because: string): string =>
  `Not here: ${because}. Leave this part of the step to a certified firm.`;
