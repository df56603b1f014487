import { LEAD_PRIOR, PRINT_BEYOND_DOUBT, WOOD_BEYOND_DOUBT } from '../../catalog';
import { isForChild, type Observation, type Piece, type Shop } from '../../piece';
import { LOOK_WORDS } from '../../words';
import { mayPredate } from '../belief/priors';
import type { LeadResult, LeadStatus } from '../belief/result';
import { layerCountOf, type LayerCount } from './layerCount';
import { resultsOf, whenOf } from './results';
import { countedBefore, olderCoatAt } from './turnedUp';

const { lead: WORDS } = LOOK_WORDS;

/** Was one of these shown on this very surface, and not only seen? */
const isShown = (signs: typeof WOOD_BEYOND_DOUBT, observations: readonly Observation[]): boolean =>
  observations.some(
    (it) =>
      it.copyOf === undefined &&
      signs.some((one) => one.test === it.testId && one.outcome === it.outcome),
  );

/** Wood, or a factory's print, goes right up to the face: there is no paint on it. */
const isWoodBeyondDoubt = (all: readonly Observation[]) => isShown(WOOD_BEYOND_DOUBT, all);
const isPrintBeyondDoubt = (all: readonly Observation[]) => isShown(PRINT_BEYOND_DOUBT, all);

/** What the lead question of one place is answered from. */
export interface LeadQuestion {
  readonly piece: Piece;
  readonly shop: Shop;
  readonly surfaceName: string;
  readonly observations: readonly Observation[];
  /** Layers of paint recorded one by one. */
  readonly recordedLayers: number;
  /** Chance that the top layer is paint. */
  readonly paint: number;
  /** Chance that it is of wood or board: what else there is gets no notch. */
  readonly wood: number;
  /** Lead was found on what is painted alike: its years speak for nothing any more. */
  readonly whateverYear?: boolean;
}

type Open = Extract<LeadStatus, { kind: 'open' }>;

/** Layers from the top that no result speaks for yet; a swab closes none for a child’s room. */
const untested = (it: LeadQuestion, results: readonly LeadResult[], layers: number) => {
  const closing = isForChild(it.piece) ? results.filter((one) => one.decides) : results;
  return Array.from({ length: layers }, (_, index) => index + 1).filter(
    (layer) => !closing.some((one) => one.layer === layer),
  );
};

const open = (
  results: readonly LeadResult[],
  wants: Open['wants'],
  missingLayers: readonly number[],
  text: string,
): Open => ({ kind: 'open', results, missingLayers, wants, text });

/** What stands against a count, or against wood that was shown; undefined where nothing does. */
const contradiction = (it: LeadQuestion, { counted, atLeast, disagree }: LayerCount) => {
  const isWoodShown = isWoodBeyondDoubt(it.observations);
  if (disagree && counted !== null) return WORDS.countsDisagree(counted, atLeast);
  if (counted === 0 && it.paint >= LEAD_PRIOR.paintWorthAsking.value) return WORDS.paintButNoLayer;
  if (counted === null && atLeast > 0 && isWoodShown) return WORDS.paintButWood(atLeast);
  return undefined;
};

/** An older coat that turned up anywhere on the piece may lie under each of its paints. */
const mayHaveOlderCoat = ({ paint, recordedLayers }: LeadQuestion): boolean =>
  recordedLayers > 0 || paint >= LEAD_PRIOR.paintWorthAsking.value;

/** What is asked for next where layers have to be counted: nothing is cut that can't bear a notch. */
const wantsCount = (it: LeadQuestion): Open['wants'] => {
  if (it.wood < LEAD_PRIOR.bearsNotch.value) return 'lead-xrf';
  return isForChild(it.piece) ? 'lead-laboratory-all' : 'layer-count';
};

/** Where nobody made a cut down to the wood, and no result speaks for all layers. */
const uncounted = (it: LeadQuestion, told: Told, atLeast: number): LeadStatus => {
  const { results, closing } = told;
  if (atLeast === 0 && it.paint < LEAD_PRIOR.paintWorthAsking.value) {
    return isWoodBeyondDoubt(it.observations)
      ? { kind: 'notAsked', results, text: WORDS.woodShows }
      : isPrintBeyondDoubt(it.observations)
        ? { kind: 'notAsked', results, text: WORDS.printShows }
        : open(results, 'chip', [], WORDS.woodOnlySeen);
  }
  const wants = wantsCount(it);
  const layers = atLeast === 0 ? WORDS.countFirst : WORDS.atLeast(atLeast);
  const said = wants === 'lead-xrf' ? WORDS.noNotch : layers;
  return open(results, wants, untested(it, closing, atLeast), soFar(it, told, said));
};

/** Results, and those of them that still close layers: what was tested before an older coat turned up does not. */
interface Told {
  readonly results: readonly LeadResult[];
  readonly closing: readonly LeadResult[];
}

/** What was tested so far, what is missing, and why some of it counts no more. */
const soFar = (it: LeadQuestion, { results, closing }: Told, missing: string): string =>
  [
    ...(results.length > 0 ? [WORDS.notFound(results, it.surfaceName)] : []),
    missing,
    ...(closing.length < results.length ? [WORDS.olderCoat] : []),
  ].join(' ');

const closedBy = (
  it: LeadQuestion,
  results: readonly LeadResult[],
  layers: number | null,
): LeadStatus => ({
  kind: 'notFound',
  results,
  layers,
  text: WORDS.notFound(results, it.surfaceName),
});

/**
 * The lead status of one place from what was recorded of it.
 * A place is suspect where the piece may be older than the cut-off year and the surface may
 * carry paint; a positive result on any layer stands whatever the year. How many layers there are is
 * known from a cut down to the wood alone. For a child's room a swab's "not found" does not close a
 * layer: it can miss, and a laboratory decides. A chip to the wood or an X-ray reading answers for all
 * layers. Wood that is only seen closes nothing, and what contradicts itself keeps the question open.
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
      presumedFrom: null,
      text: [WORDS.found(found), ...against.map((one) => WORDS.disagrees(one.by))].join(' '),
    };
  }
  if (!it.whateverYear && !mayPredate(it.piece, it.shop.leadCutoffYear)) {
    return { kind: 'notAsked', results, text: WORDS.madeAfter(it.shop.leadCutoffYear) };
  }
  const turnedUp = mayHaveOlderCoat(it) ? olderCoatAt(it.piece) : null;
  const count = layerCountOf(
    turnedUp === null ? it.observations : countedBefore(it.observations, turnedUp),
    it.recordedLayers,
  );
  const { counted, atLeast } = count;
  const layers = counted === null ? null : Math.max(counted, atLeast);
  // What was tested before speaks for the layers that were known then: it closes nothing any more.
  const closing =
    turnedUp === null
      ? results
      : resultsOf(it.observations.filter((one) => whenOf(one) > turnedUp));
  if (closing.some((one) => one.layer === null)) return closedBy(it, closing, layers);
  const against = contradiction(it, count);
  if (against !== undefined) {
    return open(results, 'lead-laboratory-all', untested(it, closing, layers ?? atLeast), against);
  }
  if (layers === 0) return { kind: 'notAsked', results, text: WORDS.noLayer };
  const told = { results, closing };
  if (layers === null) return uncounted(it, told, atLeast);
  const missing = untested(it, closing, layers);
  if (missing.length === 0) return closedBy(it, closing, layers);
  const isChild = isForChild(it.piece);
  return open(
    results,
    isChild ? 'lead-laboratory-all' : null,
    missing,
    soFar(it, told, isChild ? WORDS.notByLaboratory(missing) : WORDS.notTested(missing)),
  );
};
