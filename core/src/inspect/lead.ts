import { LEAD_LIMITS, LEAD_PRIOR, inspectionTest } from '../catalog';
import type { Observation, Piece, Shop } from '../piece';
import { mayPredate } from './priors';
import type { LeadResult, LeadStatus } from './result';

/**
 * What a laboratory's figure means under United States rules.
 * @param ppm lead by weight, parts per million
 */
export const readLeadPpm = (ppm: number): { found: boolean; text: string } => {
  if (ppm >= LEAD_LIMITS.leadBasedPaintPpm.value) {
    return {
      found: true,
      text: `${ppm} ppm: lead-based paint (5000 ppm or more, 40 CFR 745.103).`,
    };
  }
  if (ppm > LEAD_LIMITS.consumerPaintPpm.value) {
    return {
      found: true,
      text: `${ppm} ppm: under the line for lead-based paint, over the ${LEAD_LIMITS.consumerPaintPpm.value} ppm allowed in paint sold today (16 CFR 1303). Worked as lead.`,
    };
  }
  return {
    found: false,
    text: `${ppm} ppm: at or under ${LEAD_LIMITS.consumerPaintPpm.value} ppm (16 CFR 1303).`,
  };
};

const isFound = (it: Observation): boolean =>
  it.outcome === 'found' || (it.value !== null && readLeadPpm(it.value).found);

const LABORATORY = 'lead-laboratory';

/**
 * The results that count, one for each layer: a laboratory's over a swab's, else one positive
 * over any negative, else the latest.
 */
const resultsOf = (observations: readonly Observation[]): readonly LeadResult[] => {
  const weight = (it: Observation) => (it.testId === LABORATORY ? 2 : 0) + (isFound(it) ? 1 : 0);
  const byLayer = new Map<number, Observation>();
  for (const it of observations) {
    if (inspectionTest(it.testId)?.kind !== 'layer' || it.layer === null) continue;
    const old = byLayer.get(it.layer);
    const rank = old ? weight(it) - weight(old) : 1;
    if (!old || rank > 0 || (rank === 0 && it.at > old.at)) byLayer.set(it.layer, it);
  }
  return [...byLayer]
    .sort(([a], [b]) => a - b)
    .map(([layer, it]) => {
      const test = inspectionTest(it.testId);
      return {
        layer,
        found: isFound(it),
        by: test?.kind === 'layer' ? test.byWhat : it.testId,
        at: it.at,
      };
    });
};

/** "layer 2", "layers 1–3", "layers 1, 3". */
const layersInWords = (layers: readonly number[]): string => {
  const [first] = layers;
  if (layers.length === 1) return `layer ${first}`;
  const last = layers.at(-1) ?? 0;
  const inARow = last - (first ?? 0) === layers.length - 1;
  return `layers ${inARow ? `${first}–${last}` : layers.join(', ')}`;
};

/** "by swab in layers 1–3, by laboratory in layer 4". */
const byMethod = (results: readonly LeadResult[]): string =>
  [...new Set(results.map((it) => it.by))]
    .map((by) => {
      const layers = results.filter((it) => it.by === by).map((it) => it.layer);
      return `by ${by} in ${layersInWords(layers)}`;
    })
    .join(', ');

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
 * swab's "not found" does not close a layer: it can miss, and a laboratory decides.
 */
export const leadStatusOf = (it: LeadQuestion): LeadStatus => {
  const results = resultsOf(it.observations);
  const found = results.filter((one) => one.found);
  if (found.length > 0) {
    return {
      kind: 'found',
      results,
      layers: found.map((one) => one.layer),
      text: `Lead found ${byMethod(found)}.`,
    };
  }
  if (!mayPredate(it.piece, it.shop.leadCutoffYear)) {
    return {
      kind: 'notAsked',
      results,
      text: `Made after ${it.shop.leadCutoffYear}: not suspect by its year.`,
    };
  }
  const counted = countedLayers(it.observations, it.recordedLayers);
  if (counted === 0) {
    return { kind: 'notAsked', results, text: 'No layer of paint counted at the notch.' };
  }
  if (counted === null && it.paint < LEAD_PRIOR.paintWorthAsking.value) {
    return { kind: 'notAsked', results, text: 'Wood shows: no paint to be tested.' };
  }
  const closing = it.piece.childsRoom ? results.filter((one) => one.by === 'laboratory') : results;
  const missing = Array.from({ length: counted ?? 0 }, (_, index) => index + 1).filter(
    (layer) => !closing.some((one) => one.layer === layer),
  );
  const where = `at the ${it.surfaceName.toLowerCase()}`;
  if (counted !== null && missing.length === 0) {
    return {
      kind: 'notFound',
      results,
      layers: counted,
      text: `Not found ${byMethod(results)} ${where}.`,
    };
  }
  const tested = results.length > 0 ? `Not found ${byMethod(results)} ${where}. ` : '';
  const open =
    counted === null
      ? 'Not tested. Count the layers first, then test each.'
      : it.piece.childsRoom
        ? `Not tested by a laboratory in ${layersInWords(missing)}: for a child’s room a swab is not enough.`
        : `Not tested in ${layersInWords(missing)}.`;
  return {
    kind: 'open',
    results,
    missingLayers: missing,
    wants: it.piece.childsRoom ? 'lead-laboratory' : null,
    text: tested + open,
  };
};
