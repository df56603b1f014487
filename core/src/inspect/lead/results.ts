import { inspectionTest } from '../../catalog';
import type { Observation } from '../../piece';
import type { LeadResult } from '../belief/result';
import { readLeadPpm } from './figure';

/** Does an observation say that there is lead, by its outcome or by its figure? */
export const isFound = (it: Observation): boolean =>
  inspectionTest(it.testId)?.kind === 'layer' &&
  (it.outcome === 'found' || (it.value !== null && readLeadPpm(it.value).found));

/** One result of a test for lead, with the layer that it speaks for: null for all down to the wood. */
const resultOf = (it: Observation): LeadResult | undefined => {
  const test = inspectionTest(it.testId);
  if (test?.kind !== 'layer' || (it.layer === null && !test.allLayers)) return undefined;
  return {
    layer: test.allLayers ? null : it.layer,
    found: isFound(it),
    by: test.byWhat,
    who: it.by,
    decides: test.decides === true,
    ppm: test.ppm ? it.value : null,
    at: it.at,
  };
};

/** When something was recorded, ms; what is only supposed comes after all that is on record. */
export const whenOf = ({ at }: { readonly at: string }): number =>
  at === '' ? Infinity : Date.parse(at);

/** Which of two results for one layer is told: one that decides, else the later one. */
const tellsMore = (later: LeadResult, earlier: LeadResult): boolean =>
  later.found !== earlier.found ? later.found : later.decides || !earlier.decides;

/**
 * The results that count, one for each layer and one for all of them. A positive stands against any
 * negative, whichever came first, until a later laboratory result for the same layer explains it: a
 * negative of before it can't, and nothing explains away a laboratory's own positive.
 */
export const resultsOf = (observations: readonly Observation[]): readonly LeadResult[] => {
  const inTime = observations
    .flatMap((it) => resultOf(it) ?? [])
    .sort((a, b) => (whenOf(a) < whenOf(b) ? -1 : 1));
  const isExplained = (positive: LeadResult, at: number): boolean =>
    positive.layer !== null &&
    !positive.decides &&
    inTime.slice(at + 1).some((it) => !it.found && it.decides && it.layer === positive.layer);
  const told = new Map<number | null, LeadResult>();
  inTime.forEach((it, at) => {
    if (it.found && isExplained(it, at)) return;
    const old = told.get(it.layer);
    if (!old || tellsMore(it, old)) told.set(it.layer, it);
  });
  return [...told.values()].sort((a, b) => (a.layer ?? 0) - (b.layer ?? 0));
};
