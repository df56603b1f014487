import { BOND_LIMITS, FINISHES, SUBSTRATES, WOODS, inspectionTest, type Damage } from '../catalog';
import { inspectPiece, type Belief, type LeadStatus, type SurfaceBeliefs } from '../inspect';
import type { Aim, Finding, LooseParts, Observation, Piece, Shop, Surface } from '../piece';
import {
  isCoated,
  isFaceOnTop,
  roleOf,
  shopFor,
  showsOldWood,
  surfacesOf,
  templateOf,
} from '../piece';
import { squareMetres } from '../units';

/** All that the rules may ask about one surface. */
export interface SurfaceContext {
  readonly piece: Piece;
  readonly shop: Shop;
  readonly surface: Surface;
  readonly beliefs: SurfaceBeliefs;
  readonly aim: Aim;
  readonly findings: readonly Finding[];
  readonly lead: LeadStatus['kind'];
  readonly substrate: (typeof SUBSTRATES.rows)[number];
  readonly finish: (typeof FINISHES.rows)[number];
  readonly wood: (typeof WOODS.rows)[number];
  /** Chance that the face can't be stained at all. */
  readonly chanceUnstainable: number;
  /** It gets new coats. */
  readonly worked: boolean;
  /** The wood of the face as it stands will be seen. */
  readonly showsWood: boolean;
  /** The old finish comes off. */
  readonly strips: boolean;
  /** How the film or the test patch held when it was cross-cut last; undefined where it was not. */
  readonly bond: Bond | undefined;
  /** Water is kept to a damp cloth. */
  readonly dampOnly: boolean;
  /** Wood above the core at thin places, µm; null where it is solid. */
  readonly veneerUm: number | null;
  /** What comes off or out of the piece before work. */
  readonly loose: LooseParts;
  /** Area of the piece that gets the same coats, m². */
  readonly sameCoatM2: number;
  /** The face on top and the body below it get different coats, so that one is masked for the other. */
  readonly twoTone: boolean;
}

/** From this chance of a face without wood on, what shows the wood is refused outright. */
export const UNSTAINABLE = 0.5;

export const has = (s: SurfaceContext, ...damages: readonly Damage[]): boolean =>
  s.findings.some((it) => damages.includes(it.damage));

/** Chance that one of these rows of the catalog is true. */
export const chanceOfAny = <Id extends string>(
  distribution: Readonly<Record<Id, number>>,
  rows: readonly { readonly id: Id }[],
): number => rows.reduce((sum, row) => sum + distribution[row.id], 0);

/** The likeliest substrate of those that can be stained, or of those that can't. */
export const likeliestSubstrate = (
  distribution: SurfaceBeliefs['substrate']['distribution'],
  stainable: boolean,
): SurfaceContext['substrate'] =>
  SUBSTRATES.rows
    .filter((row) => row.stainable === stainable)
    .reduce((a, b) => (distribution[b.id] > distribution[a.id] ? b : a));

/**
 * The substrate that the work is planned for: the likeliest. Under an aim that shows the wood it
 * is the likeliest of those that would allow it, since a gate asks for it first; where the aim is
 * refused, the likeliest of those that forbid it.
 */
const plannedSubstrate = (
  { likeliest, distribution }: SurfaceBeliefs['substrate'],
  showsWood: boolean,
  chanceUnstainable: number,
): SurfaceContext['substrate'] => {
  if (!showsWood) return SUBSTRATES.get(likeliest);
  const stainable = chanceUnstainable < UNSTAINABLE;
  const row = SUBSTRATES.get(likeliest);
  return row.stainable === stainable ? row : likeliestSubstrate(distribution, stainable);
};

/** How a coat holds, by the squares of 25 that a tape took off: ASTM D3359 B classes 5 and 4, 3, under 3. */
export type Bond = 'holds' | 'fair' | 'fails';

const bondOf = (piece: Piece, surfaceId: string): Bond | undefined => {
  const gone = piece.observations
    .filter((it) => it.surfaceId === surfaceId && it.testId === 'cross-cut')
    .reduce<Observation | undefined>((a, b) => (a && a.at > b.at ? a : b), undefined)?.value;
  if (gone === undefined || gone === null) return undefined;
  return gone <= BOND_LIMITS.holds ? 'holds' : gone <= BOND_LIMITS.fair ? 'fair' : 'fails';
};

/** What holds of the piece as a whole, and is the same for all its surfaces. */
type Whole = Pick<SurfaceContext, 'piece' | 'shop' | 'loose' | 'twoTone'>;

/** A surface, what it shall become, and what is believed of it. */
interface Aimed {
  readonly surface: Surface;
  readonly aim: Aim;
  readonly beliefs: SurfaceBeliefs;
}

/** Gathers what is known and wanted of one surface. */
const contextOf = (
  whole: Whole,
  { surface, aim, beliefs }: Aimed,
  sameCoatM2: number,
): SurfaceContext => {
  const findings = whole.piece.findings.filter((it) => it.surfaceId === surface.id);
  const finish = FINISHES.get(beliefs.finish.likeliest);
  const showsWood = showsOldWood(aim.scheme);
  const chanceUnstainable = chanceOfAny(
    beliefs.substrate.distribution,
    SUBSTRATES.rows.filter((row) => !row.stainable),
  );
  const substrate = plannedSubstrate(beliefs.substrate, showsWood, chanceUnstainable);
  const bond = bondOf(whole.piece, surface.id);
  const offAnyway = bond === 'fails' && substrate.wood && aim.scheme.kind === 'painted';
  return {
    ...whole,
    sameCoatM2,
    surface,
    beliefs,
    aim,
    findings,
    lead: beliefs.leadStatus.kind,
    substrate,
    finish,
    wood: WOODS.get(beliefs.wood.likeliest),
    chanceUnstainable,
    worked: isCoated(aim.scheme),
    showsWood,
    strips:
      (showsWood && (finish.film || finish.id === 'oil' || finish.id === 'wax')) ||
      (offAnyway && finish.film),
    bond,
    dampOnly: substrate.shunsWater || findings.some((it) => it.damage === 'liftingVeneer'),
    veneerUm: substrate.thinFace ? beliefs.veneer.thinMm * 1000 : null,
  };
};

/** What of a scheme decides whether two faces can be coated in one go. */
const coatKey = ({ scheme }: Aim): string =>
  JSON.stringify([
    scheme.kind,
    'shade' in scheme && scheme.shade,
    'colour' in scheme && scheme.colour,
    isCoated(scheme) && scheme.topcoat,
  ]);

const isTwoTone = (aimed: readonly Aimed[]): boolean => {
  const coated = aimed.filter((it) => isCoated(it.aim.scheme));
  const faces = coated.filter((it) => isFaceOnTop(it.surface));
  const body = new Set(
    coated.filter((it) => !isFaceOnTop(it.surface)).map((it) => coatKey(it.aim)),
  );
  return body.size > 0 && faces.some((it) => !body.has(coatKey(it.aim)));
};

/**
 * Contexts of all surfaces that have an aim, in the order of the piece.
 * @param known what is believed of the piece, where that is at hand already
 */
export const contextsOf = (
  piece: Piece,
  shop: Shop,
  known: readonly SurfaceBeliefs[] = inspectPiece(piece, shop),
): readonly SurfaceContext[] => {
  const byId = new Map(known.map((it) => [it.surfaceId, it]));
  const aimed = surfacesOf(piece).flatMap((surface): Aimed[] => {
    const aim = piece.aims.find((it) => it.surfaceId === surface.id);
    const beliefs = byId.get(surface.id);
    return aim && beliefs ? [{ surface, aim, beliefs }] : [];
  });
  const whole: Whole = {
    piece,
    shop: shopFor(piece, shop),
    loose: templateOf(piece.templateId).looseParts(piece.measures),
    twoTone: isTwoTone(aimed),
  };
  const areas = new Map<string, number>();
  for (const { aim, surface } of aimed) {
    areas.set(coatKey(aim), (areas.get(coatKey(aim)) ?? 0) + surface.areaMm2);
  }
  return aimed.map((it) => contextOf(whole, it, squareMetres(areas.get(coatKey(it.aim)) ?? 0)));
};

/** Surfaces that stand for the parts that come off or out. */
export const carriesDrawers = ({ surface }: SurfaceContext): boolean =>
  ['fronts', 'drawerSides'].includes(roleOf(surface));
export const carriesDoors = ({ surface }: SurfaceContext): boolean => roleOf(surface) === 'doors';
export const carriesPulls = (s: SurfaceContext): boolean =>
  (roleOf(s.surface) === 'fronts' || carriesDoors(s)) && s.loose.pulls > 0;

/** Which side of a two-tone piece a surface is on; undefined where one coat goes on all. */
export type Side = 'body' | 'face';
export const sideOf = (s: SurfaceContext): Side | undefined =>
  s.twoTone && s.worked ? (isFaceOnTop(s.surface) ? 'face' : 'body') : undefined;

/** The observations behind a belief, those that speak for it. */
export const behind = (belief: Pick<Belief, 'speaksFor'>): readonly string[] => belief.speaksFor;

/** Observations of the surface made with one of these tests. */
export const observationsOf = (
  s: SurfaceContext,
  ...testIds: readonly string[]
): readonly string[] =>
  s.piece.observations
    .filter((it) => it.surfaceId === s.surface.id && testIds.includes(it.testId))
    .map((it) => it.id);

/** Observations on lead and layers of the surface. */
export const leadObservations = (s: SurfaceContext): readonly string[] =>
  s.piece.observations
    .filter((it) => {
      const test = inspectionTest(it.testId);
      return (
        it.surfaceId === s.surface.id && (test?.kind === 'layer' || it.testId === 'layer-count')
      );
    })
    .map((it) => it.id);

/** Lead was found, or may be there. */
export const isSuspect = (s: SurfaceContext): boolean => s.lead === 'open' || s.lead === 'found';

/** The old film stays, and is only dulled. */
export const keepsFilm = (s: SurfaceContext): boolean =>
  s.aim.scheme.kind === 'painted' && !s.strips && (s.finish.film || !s.substrate.wood);
