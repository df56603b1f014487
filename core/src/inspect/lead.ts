import { LEAD_LIMITS, LEAD_PRIOR, WOOD_BEYOND_DOUBT, inspectionTest } from '../catalog';
import { isForChild, type Observation, type Piece, type Shop } from '../piece';
import { LOOK_WORDS } from '../words';
import { mayPredate } from './priors';
import type { LeadResult, LeadStatus } from './result';

const { lead: WORDS } = LOOK_WORDS;

/**
 * What a laboratory's figure means under United States rules.
 * @param ppm lead by weight, parts per million
 */
export const readLeadPpm = (ppm: number): { found: boolean; text: string } => {
  if (ppm >= LEAD_LIMITS.leadBasedPaintPpm.value) {
    return {
      found: true,
      text: WORDS.basedPaint(ppm),
    };
  }
  if (ppm > LEAD_LIMITS.consumerPaintPpm.value) {
    return {
      found: true,
      text: WORDS.overConsumer(ppm),
    };
  }
  return {
    found: false,
    text: WORDS.underConsumer(ppm),
  };
};

const isFound = (it: Observation): boolean =>
  it.outcome === 'found' || (it.value !== null && readLeadPpm(it.value).found);

const leadTestOf = (it: Observation) => {
  const test = inspectionTest(it.testId);
  return test?.kind === 'layer' ? test : undefined;
};

/**
 * The results that count, one for each layer and one for all of them: what decides over a swab,
 * else one positive over any negative, else the latest.
 */
const resultsOf = (observations: readonly Observation[]): readonly LeadResult[] => {
  const weight = (it: Observation) => (leadTestOf(it)?.decides ? 2 : 0) + (isFound(it) ? 1 : 0);
  const byLayer = new Map<number | null, Observation>();
  for (const it of observations) {
    const test = leadTestOf(it);
    if (!test || (it.layer === null && !test.allLayers)) continue;
    const layer = test.allLayers ? null : it.layer;
    const old = byLayer.get(layer);
    const rank = old ? weight(it) - weight(old) : 1;
    if (!old || rank > 0 || (rank === 0 && it.at > old.at)) byLayer.set(layer, it);
  }
  return [...byLayer]
    .sort(([a], [b]) => (a ?? 0) - (b ?? 0))
    .map(([layer, it]) => ({
      layer,
      found: isFound(it),
      by: leadTestOf(it)?.byWhat ?? it.testId,
      decides: leadTestOf(it)?.decides === true,
      at: it.at,
    }));
};

/** How many layers of paint are known: counted at a notch (the latest count), or recorded one by one. */
export const countedLayers = (
  observations: readonly Observation[],
  recorded: number,
): number | null => {
  const count = observations
    .filter((it) => it.testId === 'layer-count')
    .reduce<Observation | null>(
      (latest, it) => (!latest || it.at >= latest.at ? it : latest),
      null,
    )?.value;
  if (count === undefined || count === null) return recorded > 0 ? recorded : null;
  return Math.max(count, recorded);
};

/** Was it shown on this very surface, and not only seen, that wood goes right up to the face? */
const isWoodBeyondDoubt = (observations: readonly Observation[]): boolean =>
  observations.some(
    (it) =>
      it.copyOf === undefined &&
      WOOD_BEYOND_DOUBT.some((one) => one.test === it.testId && one.outcome === it.outcome),
  );

/** What the lead question of a surface is answered from. */
export interface LeadQuestion {
  readonly piece: Piece;
  readonly shop: Shop;
  readonly surfaceName: string;
  readonly observations: readonly Observation[];
  /** Layers of paint recorded one by one. */
  readonly recordedLayers: number;
  /** Chance that the top layer is paint. */
  readonly paint: number;
}

/**
 * The lead status of a surface from what was recorded on it.
 * A surface is suspect where the piece may be older than the cut-off year and the surface may
 * carry paint; a positive result on any layer stands whatever the year. For a child's room a
 * swab's "not found" does not close a layer: it can miss, and a laboratory decides. A chip to the wood
 * or an X-ray reading answers for all layers. Wood that is only seen closes nothing.
 */
export const leadStatusOf = (it: LeadQuestion): LeadStatus => {
  const results = resultsOf(it.observations);
  const found = results.filter((one) => one.found);
  if (found.length > 0) {
    const against = results.filter((one) => !one.found && one.layer === null);
    return {
      kind: 'found',
      results,
      layers: found.map((one) => one.layer),
      text: [WORDS.found(found), ...against.map((one) => WORDS.disagrees(one.by))].join(' '),
    };
  }
  if (!mayPredate(it.piece, it.shop.leadCutoffYear)) {
    return {
      kind: 'notAsked',
      results,
      text: WORDS.madeAfter(it.shop.leadCutoffYear),
    };
  }
  const counted = countedLayers(it.observations, it.recordedLayers);
  if (counted === 0) {
    return { kind: 'notAsked', results, text: WORDS.noLayer };
  }
  const toTheWood = results.find((one) => one.layer === null);
  if (toTheWood) {
    return {
      kind: 'notFound',
      results,
      layers: counted,
      text: WORDS.notFound(results, it.surfaceName),
    };
  }
  if (counted === null && it.paint < LEAD_PRIOR.paintWorthAsking.value) {
    return isWoodBeyondDoubt(it.observations)
      ? { kind: 'notAsked', results, text: WORDS.woodShows }
      : { kind: 'open', results, missingLayers: [], wants: 'chip', text: WORDS.woodOnlySeen };
  }
  const closing = isForChild(it.piece) ? results.filter((one) => one.decides) : results;
  const missing = Array.from({ length: counted ?? 0 }, (_, index) => index + 1).filter(
    (layer) => !closing.some((one) => one.layer === layer),
  );
  if (counted !== null && missing.length === 0) {
    return {
      kind: 'notFound',
      results,
      layers: counted,
      text: WORDS.notFound(results, it.surfaceName),
    };
  }
  const tested = results.length > 0 ? `${WORDS.notFound(results, it.surfaceName)} ` : '';
  const open =
    counted === null
      ? WORDS.countFirst
      : isForChild(it.piece)
        ? WORDS.notByLaboratory(missing)
        : WORDS.notTested(missing);
  return {
    kind: 'open',
    results,
    missingLayers: missing,
    wants: isForChild(it.piece) ? 'lead-laboratory-all' : null,
    text: tested + open,
  };
};
