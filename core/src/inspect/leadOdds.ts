import { FINISHES, LEAD } from '../catalog';
import { tableOf, type TestResult } from './likelihood';
import type { LeadChance } from './priors';
import { MAKES } from './space';

/** 1 for the makes whose top layer is paint. */
const IS_PAINT = Uint8Array.from(MAKES, (make) => (FINISHES.get(make.finish).paint ? 1 : 0));

/**
 * Lead beside the states: P(lead | finish) is one figure under paint and one under anything else,
 * and a swab's result bears on a state through its finish only:
 * P(results | finish) = λ · Π P(r | present) + (1 − λ) · Π P(r | absent).
 */
export const reckonLead = (
  chance: LeadChance,
  results: readonly TestResult[],
): { readonly after: LeadChance; readonly factors: LeadChance } => {
  const product = (value: (typeof LEAD.ids)[number]): number =>
    results.reduce(
      (all, { test, result }) =>
        all * (tableOf(test)?.byValue?.[result]?.[LEAD.ids.indexOf(value)] ?? 1),
      1,
    );
  const [present, absent] = [product('present'), product('absent')];
  const factor = (prior: number) => prior * present + (1 - prior) * absent;
  const factors = { paint: factor(chance.paint), other: factor(chance.other) };
  return {
    factors,
    after: {
      paint: (chance.paint * present) / factors.paint,
      other: (chance.other * present) / factors.other,
    },
  };
};

/** Multiplies makes by a figure under paint and another under anything else, in place. */
export const weighByPaint = (makes: Float64Array, { paint, other }: LeadChance): void => {
  if (paint === other) return;
  for (let m = 0; m < makes.length; m++) {
    makes[m] = (makes[m] as number) * (IS_PAINT[m] ? paint : other);
  }
};
