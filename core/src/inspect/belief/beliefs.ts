import {
  SUBSTRATES,
  SUBSTRATE_FAMILIES,
  VARIABLES,
  labelOf,
  substratesOf,
  type ValueOf,
  type Variable,
} from '../../catalog';
import type { Piece, Shop, Surface } from '../../piece';
import { conflictWithWord, conflictsOn, oddEvidence, voicesOn } from './conflict';
import { certain, greatest, type Distribution } from './distribution';
import { layersOf } from './layers';
import { leadStatusesOf } from '../lead';
import { moistureOf } from './moisture';
import { posteriorsOf, type SurfacePosterior } from './posterior';
import { chanceOfPaint } from './priors';
import type { TestConflict, LeadStatus, SurfaceBeliefs } from './result';
import { marginalsOf, type Marginals } from './space';
import { veneerOf } from './veneer';
import { NAMED, SETTLED } from './words';

/** A belief while the variable is still open to choice; see `surfaceBeliefs` for its fields. */
interface Weighed<V extends Variable> {
  readonly variable: V;
  readonly distribution: Distribution<ValueOf[V]>;
  readonly likeliest: ValueOf[V];
  readonly p: number;
  readonly said: { readonly label: string; readonly p: number };
  readonly confirmed: boolean;
  readonly settled: boolean;
  readonly conflicts: readonly TestConflict[];
  readonly speaksFor: readonly string[];
  readonly speaksAgainst: readonly string[];
}

/** Probabilities of a variable's values, among the states in which it has one. */
const distributionOf = <V extends Variable>(
  variable: V,
  sums: Float64Array,
): Distribution<ValueOf[V]> => {
  const { values } = VARIABLES[variable];
  let total = 0;
  for (let at = 0; at < values.length; at++) total += sums[at] as number;
  const chances: Partial<Record<string, number>> = {};
  values.forEach(({ id }, at) => {
    chances[id] = total > 0 ? (sums[at] as number) / total : 1 / values.length;
  });
  return chances as Distribution<ValueOf[V]>;
};

type Family = (typeof SUBSTRATE_FAMILIES.ids)[number];

const chanceOfFamily = (family: Family, distribution: Distribution): number => {
  let sum = 0;
  for (const id of substratesOf(family)) sum += distribution[id] ?? 0;
  return sum;
};

/** The first of those with the greatest chance. @throws Error where there are none */
const likeliestOf = <T>(list: readonly T[], chanceOf: (it: T) => number): T => {
  const [first, ...rest] = list;
  if (first === undefined) throw new Error('Nothing to choose from.');
  return rest.reduce((best, it) => (chanceOf(it) > chanceOf(best) ? it : best), first);
};

/** What can be said with some certainty: the value, or where it is split, the family. */
const sayable = (
  variable: Variable,
  distribution: Distribution,
  value: string,
): { readonly label: string; readonly p: number } => {
  const p = distribution[value] ?? 0;
  if (variable !== 'substrate' || p >= NAMED) return { label: labelOf(variable, value), p };
  const family = SUBSTRATE_FAMILIES.get(SUBSTRATES.get(value as ValueOf['substrate']).family);
  return { label: family.label, p: chanceOfFamily(family.id, distribution) };
};

/** The value to go on with: for a substrate the likeliest of the likeliest family. */
const leading = (variable: Variable, distribution: Distribution): { value: string; p: number } => {
  if (variable !== 'substrate') return greatest(distribution);
  const family = likeliestOf(SUBSTRATE_FAMILIES.ids, (id) => chanceOfFamily(id, distribution));
  const value = likeliestOf(substratesOf(family), (id) => distribution[id] ?? 0);
  return { value, p: distribution[value] ?? 0 };
};

/** Sums of the states by a variable's values; for lead the two chances of it. */
const sumsOf = (variable: Variable, it: SurfacePosterior, marginals: Marginals): Float64Array => {
  if (variable !== 'lead') return marginals[variable];
  const paint = chanceOfPaint(marginals.finish);
  const present = paint * it.lead.paint + (1 - paint) * it.lead.other;
  return Float64Array.of(present, 1 - present);
};

/** What is believed of one variable, after the user's own word where given. */
const believe = <V extends Variable>(variable: V, it: SurfacePosterior): Weighed<V> => {
  const word = it.words.find((one) => one.variable === variable)?.value;
  const confirmed = word !== undefined;
  const after = distributionOf(variable, sumsOf(variable, it, it.marginals));
  const distribution = confirmed ? certain(after, word) : after;
  const { value, p } = leading(variable, distribution);
  const at = VARIABLES[variable].values.findIndex((one) => one.id === value);
  const voices = voicesOn(variable, it);
  const leans = (sign: 1 | -1) =>
    voices
      .filter(({ says }) => sign * (says.leans[at] as number) > 1e-9)
      .map(({ evidence }) => evidence.observation.id);
  const conflicts = confirmed
    ? conflictWithWord(
        variable,
        word,
        distributionOf(variable, sumsOf(variable, it, marginalsOf(it.fromTests()))),
        voices.map((one) => one.evidence.observation.id),
      )
    : conflictsOn(variable, voices, it);
  const said = sayable(variable, distribution, value);
  return {
    variable,
    distribution,
    likeliest: value as ValueOf[V],
    p,
    said,
    confirmed,
    settled: confirmed || (said.p >= SETTLED && conflicts.length === 0),
    conflicts,
    speaksFor: leans(1),
    speaksAgainst: leans(-1),
  };
};

const beliefsFrom = (
  piece: Piece,
  shop: Shop,
  it: SurfacePosterior,
  leadStatus: LeadStatus,
): SurfaceBeliefs => {
  const { surface } = it;
  const observations = piece.observations.filter((one) => one.surfaceId === surface.id);
  const layers = piece.layers.filter((one) => one.surfaceId === surface.id);
  const substrate = believe('substrate', it);
  const wood = believe('wood', it);
  const finish = believe('finish', it);
  const bleed = believe('bleed', it);
  const lead = believe('lead', it);
  const odd = oddEvidence(it);
  const conflicts = [substrate, wood, finish, bleed, lead].flatMap((one) => one.conflicts);
  return {
    surfaceId: surface.id,
    substrate,
    wood,
    finish,
    bleed,
    lead,
    leadStatus,
    layers: layersOf(layers, it),
    veneer: veneerOf(piece, observations),
    moisture: moistureOf(observations, shop),
    conflicts: odd && conflicts.length === 0 ? [odd] : conflicts,
  };
};

/** Beliefs about every surface of a piece. */
export const inspectPiece = (piece: Piece, shop: Shop): readonly SurfaceBeliefs[] => {
  const posteriors = posteriorsOf(piece, shop);
  const lead = leadStatusesOf(piece, shop, posteriors);
  return posteriors.flatMap((it) => {
    const status = lead.get(it.surface.id);
    return status ? [beliefsFrom(piece, shop, it, status)] : [];
  });
};

/** Beliefs about one surface from all that was recorded on the piece. @throws Error where it has no such surface */
export const inspectSurface = (
  piece: Piece,
  surface: Pick<Surface, 'id'>,
  shop: Shop,
): SurfaceBeliefs => {
  const found = inspectPiece(piece, shop).find((it) => it.surfaceId === surface.id);
  if (!found) throw new Error(`This piece has no surface "${surface.id}".`);
  return found;
};

/** Settled: enough is known of substrate and finish, lead is not open, nothing conflicts. */
export type LookState = 'settled' | 'open' | 'conflict';

export const stateOf = (it: SurfaceBeliefs): LookState => {
  if (it.conflicts.length > 0) return 'conflict';
  return it.substrate.settled && it.finish.settled && it.leadStatus.kind !== 'open'
    ? 'settled'
    : 'open';
};
