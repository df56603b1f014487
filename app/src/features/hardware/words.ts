import { FITTING_NAMES, type Hardware } from '@obrik/core/piece';

/** Kinds of fittings to choose from. */
export const FITTING_KINDS = (Object.keys(FITTING_NAMES) as Hardware['kind'][]).map((value) => ({
  value,
  title: FITTING_NAMES[value],
}));
