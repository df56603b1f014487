import { SISTER_SHARE, type PartKind } from '../../catalog';
import {
  surfacesOf,
  type Confirmation,
  type PaintLayer,
  type Piece,
  type Shop,
  type Surface,
} from '../../piece';
import { collectEvidence, damageEvidence, isOfSurface, type Evidence } from './evidence';
import { weighByLayer } from './layerKind';
import { knownLayers, reckonLead, spokenFor, weighByPaint } from '../lead';
import { bearsOnBleed, weighMakes, weighStates, type TestResult } from './likelihood';
import { BLEED_CHANCES, leadChance, makePrior, type LeadChance } from './priors';
import {
  MAKES,
  STATES,
  STATES_PER_MAKE,
  add,
  keepOnly,
  marginalsOfMakes,
  type Marginals,
  type StateVector,
} from './space';

/** One surface with what was recorded on it and the probabilities that follow. */
export interface SurfacePosterior {
  readonly surface: Surface;
  /** What was seen of the surface itself, lead results among it. */
  readonly evidence: readonly Evidence[];
  /** What was seen of layers below the top one. */
  readonly onLayers: readonly Evidence[];
  readonly words: readonly Confirmation[];
  /** Makes before anything was recorded on this surface; sister surfaces are counted in. */
  readonly prior: Float64Array;
  /** States after tests and words; spread out only where somebody needs them one by one. */
  readonly posterior: () => StateVector;
  readonly marginals: Marginals;
  /** Chance of lead in some layer, after the results. */
  readonly lead: LeadChance;
  /** The same after the tests, as if the user had confirmed nothing. */
  readonly fromTests: () => StateVector;
  /** Index of the likeliest state after the tests. */
  readonly likeliest: () => number;
}

/** All that a surface's own record says, whatever makes are expected. */
interface Voice {
  /** P(bleed | make) · P(what bears on bleed | state); the expected chances where nothing does. */
  readonly bleeds: StateVector;
  /** Their sums make by make; undefined where nothing bears on bleed, and they are 1. */
  readonly totals: Float64Array | undefined;
  /** P(record | make). */
  readonly makes: Float64Array;
}

/** Makes that nothing speaks for or against. */
const ONES = new Float64Array(MAKES.length).fill(1);

const voiceOf = (
  results: readonly TestResult[],
  lead: LeadChance,
  topLayer: PaintLayer | undefined,
  words: readonly Confirmation[],
): Voice => {
  const makes = weighMakes(ONES, results);
  weighByPaint(makes, lead);
  weighByLayer(makes, topLayer);
  const onBleed = results.filter(bearsOnBleed);
  if (onBleed.length === 0 && words.length === 0) {
    return { bleeds: BLEED_CHANCES, totals: undefined, makes };
  }
  const expected = words.length > 0 ? BLEED_CHANCES.slice() : BLEED_CHANCES;
  for (const { variable, value } of words) {
    if (variable !== 'lead') keepOnly(expected, variable, value);
  }
  const bleeds = weighStates(expected, onBleed);
  const totals = new Float64Array(MAKES.length);
  let s = 0;
  for (let m = 0; m < totals.length; m++) {
    let sum = 0;
    for (const end = s + STATES_PER_MAKE; s < end; s++) sum += bleeds[s] as number;
    totals[m] = sum;
    makes[m] = (makes[m] as number) * sum;
  }
  return { bleeds, totals, makes };
};

/**
 * Bayes' rule on makes: P(make | record) ∝ P(make) · P(record | make).
 * @returns undefined where no make can explain the record
 */
const updateMakes = (prior: Float64Array, heard: Float64Array): Float64Array | undefined => {
  const makes = new Float64Array(MAKES.length);
  let sum = 0;
  for (let m = 0; m < makes.length; m++) {
    const weight = (prior[m] as number) * (heard[m] as number);
    makes[m] = weight;
    sum += weight;
  }
  if (!(sum > 0)) return undefined;
  for (let m = 0; m < makes.length; m++) makes[m] = (makes[m] as number) / sum;
  return makes;
};

/** Spreads makes over their states: P(state | record) = P(make | record) · P(bleed | make, record). */
const spread = (makes: Float64Array, { bleeds, totals }: Voice): StateVector => {
  const vector = new Float64Array(STATES.length);
  let s = 0;
  for (let m = 0; m < makes.length; m++) {
    const make = makes[m] as number;
    const share = make > 0 && totals ? make / (totals[m] as number) : make;
    for (const end = s + STATES_PER_MAKE; s < end; s++) vector[s] = share * (bleeds[s] as number);
  }
  return vector;
};

/** A surface's own record, before its sisters are heard. */
interface Own {
  readonly surface: Surface;
  readonly evidence: readonly Evidence[];
  readonly onLayers: readonly Evidence[];
  readonly words: readonly Confirmation[];
  readonly makes: Float64Array;
  readonly lead: LeadChance;
  readonly voice: Voice;
  readonly voiceOfTests: () => Voice;
  /** Makes after its own record alone; undefined where nothing was recorded on it. */
  readonly alone: Float64Array | undefined;
}

const ownRecord = (
  piece: Piece,
  surface: Surface,
  makes: Float64Array,
  expectedLead: LeadChance,
): Own => {
  const observations = spokenFor(piece, surface.id);
  const findings = piece.findings.filter((it) => it.surfaceId === surface.id);
  const all = [...collectEvidence(observations), ...damageEvidence(findings)];
  const evidence = all.filter(isOfSurface);
  const words = piece.confirmations.filter((it) => it.surfaceId === surface.id);
  const results = evidence.filter((it) => it.test.kind !== 'layer');
  const { after, factors } = reckonLead(
    expectedLead,
    evidence.filter((it) => it.test.kind === 'layer'),
    knownLayers(observations, piece.layers.filter((it) => it.surfaceId === surface.id).length),
  );
  const topLayer = piece.layers.find((it) => it.surfaceId === surface.id && it.layer === 1);
  const voiceOfTests = () => voiceOf(results, factors, topLayer, []);
  const withWords = words.length > 0 ? voiceOf(results, factors, topLayer, words) : voiceOfTests();
  // Words that exclude each other explain nothing: then the tests alone are heard.
  const possible = updateMakes(makes, withWords.makes);
  const voice = possible ? withWords : voiceOfTests();
  return {
    surface,
    evidence,
    onLayers: all.filter((it) => !isOfSurface(it)),
    words,
    makes,
    lead: after,
    voice,
    voiceOfTests,
    alone:
      evidence.length > 0 || words.length > 0 || topLayer
        ? (possible ?? updateMakes(makes, voice.makes))
        : undefined,
  };
};

/** What the surfaces that were looked at say together, by the kind of part. */
interface Chorus {
  readonly count: number;
  readonly byPart: ReadonlyMap<PartKind, { readonly sums: Float64Array; readonly count: number }>;
}

const chorusOf = (all: readonly Own[]): Chorus => {
  const byPart = new Map<PartKind, { sums: Float64Array; count: number }>();
  const heard = all.flatMap(({ surface, alone }) => (alone ? [{ part: surface.part, alone }] : []));
  for (const { part, alone } of heard) {
    const { sums, count } = byPart.get(part) ?? { sums: new Float64Array(MAKES.length), count: 0 };
    for (let m = 0; m < sums.length; m++) add(sums, m, alone[m] as number);
    byPart.set(part, { sums, count: count + 1 });
  }
  return { count: heard.length, byPart };
};

/**
 * Sister surfaces inform each other weakly: with a small chance a surface is of the same make as
 * one of the sisters that were looked at. Each sister speaks with what was seen on herself alone,
 * so nothing goes round in circles.
 */
const withSisters = (own: Own, { count, byPart }: Chorus): Float64Array => {
  const sisters = count - (own.alone ? 1 : 0);
  if (sisters === 0) return own.makes;
  const voices = [...byPart].map(([part, heard]) => {
    const same = part === own.surface.part;
    const self = same ? own.alone : undefined;
    const weight = SISTER_SHARE[same ? 'samePart' : 'otherPart'] / sisters;
    return { sums: heard.sums, self, weight, share: weight * (heard.count - (self ? 1 : 0)) };
  });
  const kept = 1 - voices.reduce((sum, it) => sum + it.share, 0);
  const mixed = new Float64Array(own.makes.length);
  for (let m = 0; m < mixed.length; m++) mixed[m] = kept * (own.makes[m] as number);
  for (const { sums, self, weight } of voices) {
    for (let m = 0; m < mixed.length; m++) {
      const others = self ? Math.max(0, (sums[m] as number) - (self[m] as number)) : sums[m];
      mixed[m] = (mixed[m] as number) + weight * (others as number);
    }
  }
  return mixed;
};

/** Sums over the states by every variable, without spreading them out. */
const marginalsOf = (makes: Float64Array, { bleeds, totals }: Voice): Marginals => {
  const bleed = new Float64Array(STATES_PER_MAKE + 1);
  for (let m = 0; m < makes.length; m++) {
    const make = makes[m] as number;
    if (make === 0) continue;
    const share = totals ? make / (totals[m] as number) : make;
    const begin = m * STATES_PER_MAKE;
    for (let b = 0; b < STATES_PER_MAKE; b++) {
      bleed[b] = (bleed[b] as number) + share * (bleeds[begin + b] as number);
    }
  }
  return { ...marginalsOfMakes(makes), bleed };
};

const greatestOf = (figures: Float64Array, from = 0, to = figures.length): number => {
  let best = from;
  for (let at = from + 1; at < to; at++) {
    if ((figures[at] as number) > (figures[best] as number)) best = at;
  }
  return best;
};

/** The probabilities of every state for every surface of a piece. */
export const posteriorsOf = (piece: Piece, shop: Shop): readonly SurfacePosterior[] => {
  const expectedLead = leadChance(piece, shop.leadCutoffYear);
  const expected = {
    panel: makePrior(piece, 'panel'),
    stick: makePrior(piece, 'stick'),
    back: makePrior(piece, 'back'),
  } satisfies Record<PartKind, Float64Array>;
  const all = surfacesOf(piece).map((surface) =>
    ownRecord(piece, surface, expected[surface.part], expectedLead),
  );
  const chorus = chorusOf(all);
  return all.map((own) => {
    const prior = withSisters(own, chorus);
    const makesFor = (voice: Voice) => updateMakes(prior, voice.makes) ?? prior;
    const makes = makesFor(own.voice);
    const posterior = () => spread(makes, own.voice);
    const told = own.words.length > 0;
    return {
      surface: own.surface,
      evidence: own.evidence,
      onLayers: own.onLayers,
      words: own.words,
      prior,
      posterior,
      marginals: marginalsOf(makes, own.voice),
      lead: own.lead,
      fromTests: () => {
        if (!told) return posterior();
        const voice = own.voiceOfTests();
        return spread(makesFor(voice), voice);
      },
      likeliest: () => {
        const voice = told ? own.voiceOfTests() : own.voice;
        const make = greatestOf(told ? makesFor(voice) : makes);
        return greatestOf(voice.bleeds, make * STATES_PER_MAKE, (make + 1) * STATES_PER_MAKE);
      },
    };
  });
};
