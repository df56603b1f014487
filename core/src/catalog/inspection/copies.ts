import { JUDGEMENT } from '../source';

/**
 * What was seen on one surface is taken over for another of which somebody says that it is alike,
 * without looking there: it counts with this power of its chances. Modelling judgement.
 */
export const COPIED = { power: 0.5, source: JUDGEMENT } as const;
