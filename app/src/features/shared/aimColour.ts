import { colourOf } from '@obrik/core/coating';
import type { Scheme } from '@obrik/core/piece';

/** The colour of a surface's aim; undefined where wood is seen or nothing is done. */
export const aimColour = (scheme: Scheme): string | undefined =>
  scheme.kind === 'painted' || scheme.kind === 'washed' ? colourOf(scheme) : undefined;
