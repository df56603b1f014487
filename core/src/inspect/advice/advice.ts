import {
  DECISIONS,
  MISTAKE_WEIGHT,
  SUBSTRATES,
  THIN_FACE,
  THIN_FACES,
  VARIABLES,
  inspectionTest,
  type InspectionTest,
} from '../../catalog';
import type { Aim, Piece, Shop } from '../../piece';
import { LOOK_WORDS } from '../../words';
import { leadStatusesOf } from '../lead';
import { TELLING_TESTS } from '../belief/likelihood';
import { expectedLoss, lossTables } from './losses';
import { posteriorsOf, type SurfacePosterior } from '../belief/posterior';
import { chanceOfPaint, type LeadChance } from '../belief/priors';
import type { LeadStatus, VeneerEstimate } from '../belief/result';
import type { StateVariable } from '../belief/space';
import { veneerOf } from '../belief/veneer';
import { decisionOf, takesOf, worthOf, type WeighedDecision, type Turn } from './worth';

const { advice: WORDS } = LOOK_WORDS;

/** A test worth doing next, with what it could change. */
export interface Advice {
  readonly test: InspectionTest;
  /** Layer of paint to test, for a lead result. */
  readonly layer: number | null;
  /** Minutes that knowing its result is expected to save. */
  readonly saves: number;
  /** Minutes that it takes, its money and harm counted in. */
  readonly takes: number;
  readonly couldChange: string;
}

const inWords = (turns: readonly Turn[]): string => {
  const [first] = [...turns].sort((a, b) => b.chance - a.chance);
  return first ? WORDS.turns(first.outcome, first.from.label, first.to.label) : WORDS.narrows;
};

/** Value of measuring the veneer: afterwards it is known whether the face is too thin. */
const veneerAdvice = (
  it: SurfacePosterior,
  aim: Aim | undefined,
  { tooThin, measured }: VeneerEstimate,
  { prospect, loss }: WeighedDecision,
): Advice | undefined => {
  const test = inspectionTest('veneer-thickness');
  const thinFaced = SUBSTRATES.ids.reduce(
    (sum, id, at) => sum + (THIN_FACE.includes(id) ? (it.marginals.substrate[at] as number) : 0),
    0,
  );
  if (!test || measured || thinFaced < DECISIONS.likelyForTesting.value) return undefined;
  const known = (thin: 0 | 1) => expectedLoss(lossTables(it.surface, aim, thin), prospect);
  return {
    test,
    layer: null,
    saves: MISTAKE_WEIGHT.value * Math.max(0, loss - tooThin * known(1) - (1 - tooThin) * known(0)),
    takes: takesOf(test),
    couldChange: WORDS.veneer(THIN_FACES.tooThinMm),
  };
};

const LEAD_SHOWS = { chip: WORDS.lookIntoChip, 'layer-count': WORDS.countLayers } as const;

/**
 * The test that lead asks for; null where any test of a layer does, undefined where nothing is asked.
 * Lead that is only presumed can be shown otherwise by a laboratory.
 */
const wantedBy = (lead: LeadStatus) => {
  if (lead.kind === 'open') return lead.wants;
  return lead.kind === 'found' && lead.presumedFrom !== null ? 'lead-laboratory-all' : undefined;
};

/**
 * Lead is no matter of odds: what its status asks for is done, whatever it is worth.
 * @param chance of lead in some layer: where it is small the question waits behind the others, and is
 *   asked all the same
 */
const leadAdvice = (lead: LeadStatus, chance: number): Advice | undefined => {
  const wants = wantedBy(lead);
  const test = wants === undefined ? undefined : inspectionTest(wants ?? 'lead-swab');
  if (!test) return undefined;
  const missing = lead.kind === 'open' ? lead.missingLayers : [];
  const layer = test.kind === 'layer' && !test.allLayers ? (missing[0] ?? null) : null;
  const takes = takesOf(test);
  return {
    test,
    layer,
    saves: chance >= DECISIONS.leadUrgentFrom.value ? Infinity : takes + 1,
    takes,
    couldChange: wants === 'chip' || wants === 'layer-count' ? LEAD_SHOWS[wants] : WORDS.testLayer,
  };
};

/**
 * While deciding about other tests lead is either known to be there, and no dust may be made, or
 * its gate will be answered before any dust is: then it decides nothing here.
 */
const LEAD_KNOWN: LeadChance = { paint: 1, other: 1 };
const LEAD_GATED: LeadChance = { paint: 0, other: 0 };

/** Chance that a test tells anything here: that all its condition asks for is so, each by itself. */
const chanceOf = ({ onlyWhere }: InspectionTest, { marginals }: SurfacePosterior): number =>
  (Object.entries(onlyWhere ?? {}) as [StateVariable, readonly string[]][]).reduce(
    (chance, [variable, allowed]) =>
      chance *
      VARIABLES[variable].values.reduce(
        (sum, { id }, at) => sum + (allowed.includes(id) ? (marginals[variable][at] as number) : 0),
        0,
      ),
    1,
  );

const rank = (piece: Piece, it: SurfacePosterior, lead: LeadStatus): readonly Advice[] => {
  const onIt = piece.observations.filter((one) => one.surfaceId === it.surface.id);
  const aim = piece.aims.find((one) => one.surfaceId === it.surface.id);
  const paint = chanceOfPaint(it.marginals.finish);
  const veneer = veneerOf(piece, onIt);
  const decision = decisionOf(
    it.surface,
    aim,
    veneer.tooThin,
    it.posterior(),
    lead.kind === 'found' ? LEAD_KNOWN : LEAD_GATED,
  );
  if (!decision) return [];
  const done = new Set(it.evidence.map((one) => one.test.id));
  const suspect = lead.kind === 'open' || lead.kind === 'found';
  const candidates = TELLING_TESTS.filter(
    (test) =>
      !done.has(test.id) &&
      !(test.abrades && suspect) &&
      chanceOf(test, it) >= DECISIONS.testWorthTrying.value,
  ).map((test): Advice => {
    const { saves, turns } = worthOf(test, decision);
    return { test, layer: null, saves, takes: takesOf(test), couldChange: inWords(turns) };
  });
  const toWood = leadAdvice(lead, paint * it.lead.paint + (1 - paint) * it.lead.other);
  const measure = veneerAdvice(it, aim, veneer, decision);
  const worth = (one: Advice) => one.saves - one.takes;
  return [...(toWood ? [toWood] : []), ...candidates, ...(measure ? [measure] : [])]
    .filter((one) => worth(one) > 0)
    .sort((a, b) => worth(b) - worth(a));
};

/**
 * The tests worth their minutes on each surface, best first, by value of information.
 * Empty for a surface on which nothing that Obrik knows is worth asking any more.
 */
export const advisePiece = (piece: Piece, shop: Shop): ReadonlyMap<string, readonly Advice[]> => {
  const posteriors = posteriorsOf(piece, shop);
  return ranked(piece, posteriors, leadStatusesOf(piece, shop, posteriors));
};

/** The same for one surface alone. */
export const adviseSurface = (piece: Piece, shop: Shop, surfaceId: string): readonly Advice[] => {
  const posteriors = posteriorsOf(piece, shop);
  const lead = leadStatusesOf(piece, shop, posteriors);
  const own = posteriors.filter((it) => it.surface.id === surfaceId);
  return ranked(piece, own, lead).get(surfaceId) ?? [];
};

const ranked = (
  piece: Piece,
  posteriors: readonly SurfacePosterior[],
  lead: ReadonlyMap<string, LeadStatus>,
): ReadonlyMap<string, readonly Advice[]> =>
  new Map(
    posteriors.map((it) => {
      const status = lead.get(it.surface.id);
      return [it.surface.id, status ? rank(piece, it, status) : []];
    }),
  );
