import { JUDGEMENT, PRACTICE } from '../source';

/**
 * Hardener for two-part filler, share of the mass of filler: about 2 %, less where it is warm, more
 * where it is cold, never outside 1–3 % (common practice, no source).
 */
export const FILLER_HARDENER = {
  share: 0.02,
  least: 0.01,
  most: 0.03,
  /** Where the share is right as it stands, °C. */
  atCelsius: 20,
  /** Share more for each degree colder (modelling judgement: 3 % at 10 °C, 1 % at 30 °C). */
  perDegree: 0.001,
  source: PRACTICE,
  slope: JUDGEMENT,
} as const;

/**
 * Pot life of filler with its share of hardener, minutes at 20 °C, and how many degrees halve it
 * (modelling judgement after the usual rule that a reaction doubles its pace with each 10 °C).
 */
export const POT_LIFE = { minutes: 6, atCelsius: 20, halvedBy: 10, source: JUDGEMENT } as const;
