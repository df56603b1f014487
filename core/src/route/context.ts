import {
  BOND_LIMITS,
  DAMAGES,
  DECISIONS,
  FINISHES,
  MATERIALS,
  SUBSTRATES,
  WOODS,
  inspectionTest,
  type Coating,
  type Damage,
} from '../catalog';
import { TOPCOATS, may } from '../coating';
import { inspectPiece, type Belief, type LeadStatus, type SurfaceBeliefs } from '../inspect';
import {
  carriesPulls,
  fittingsOf,
  isCoated,
  isForChild,
  movesWith,
  shopFor,
  showsOldWood,
  surfacesOf,
  type Aim,
  type Finding,
  type LooseParts,
  type NewPart,
  type Observation,
  type Piece,
  type Shop,
  type Surface,
} from '../piece';
import { squareMetres } from '../units';
import { UNNAMED } from '../words';
import type { Condition, PieceState, SurfaceState } from '../work';
import { filmBelowWax, pieceAsFound, surfaceAsFound } from './found';

/** All that the rules may ask about one surface. */
export interface SurfaceContext {
  readonly piece: Piece;
  readonly shop: Shop;
  readonly surface: Surface;
  readonly beliefs: SurfaceBeliefs;
  readonly aim: Aim;
  /** Somebody said what it shall become; else it is left, and only looked at for what can hurt. */
  readonly aimed: boolean;
  readonly findings: readonly Finding[];
  readonly lead: LeadStatus['kind'];
  readonly substrate: (typeof SUBSTRATES.rows)[number];
  /** The old finish, as it was found. */
  readonly finish: (typeof FINISHES.rows)[number];
  readonly wood: (typeof WOODS.rows)[number];
  /** Chance that the face can't be stained at all. */
  readonly chanceUnstainable: number;
  /** It gets new coats. */
  readonly worked: boolean;
  /** The wood of the face as it stands will be seen. */
  readonly showsWood: boolean;
  /** A clear finish is wanted, and the sound one that is there takes it. */
  readonly renewed: boolean;
  /** The old finish comes off, or has come off. */
  readonly strips: boolean;
  /** How the film or the test patch held when it was cross-cut last; undefined where it was not. */
  readonly bond: Bond | undefined;
  /** Water is kept to a damp cloth. */
  readonly dampOnly: boolean;
  /** Wood above the core at thin places, µm; null where it is solid, or all but sure to be. */
  readonly veneerUm: number | null;
  /** The old part is taken off and a new one cut. */
  readonly isNew: boolean;
  /** Chance that its wood is only a thin face. */
  readonly chanceThin: number;
  /** What comes off or out of the piece before work. */
  readonly loose: LooseParts;
  /** Area of the piece that gets the same coats, m². */
  readonly sameCoatM2: number;
  /** What it is like now, and what the piece is like. */
  readonly now: SurfaceState;
  readonly pieceNow: PieceState;
  /** Lead was found somewhere on the piece. */
  readonly leadOnPiece: boolean;
  /** A child's piece with lead on it anywhere: nobody works on any of it by themselves. */
  readonly forAFirm: boolean;
  /** All surfaces of the piece, this one among them. */
  readonly others: () => readonly SurfaceContext[];
}

/** Area of a surface, m². */
export const areaOfFace = (s: SurfaceContext): number => squareMetres(s.surface.areaMm2);

/** One of these damages was found, mended by now or not. */
export const has = (s: SurfaceContext, ...damages: readonly Damage[]): boolean =>
  s.findings.some((it) => damages.includes(it.damage));

/** Findings of these damages that are still to be settled. */
export const openFindings = (
  s: SurfaceContext,
  ...damages: readonly Damage[]
): readonly Finding[] =>
  s.findings.filter((it) => damages.includes(it.damage) && !s.now.mended.includes(it.id));

/** Was this done to the surface already? */
export const isDone = (s: SurfaceContext, condition: Condition): boolean =>
  s.now.met.includes(condition);

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

const UNSTAINABLE_ROWS = SUBSTRATES.rows.filter((row) => !row.stainable);
const THIN_ROWS = SUBSTRATES.rows.filter((row) => row.thinFace);
const SHUNS_WATER_ROWS = SUBSTRATES.rows.filter((row) => row.shunsWater);

/** Chance that the face is one that water does not go with, whatever it is planned as. */
export const chanceShunsWater = ({ substrate }: SurfaceBeliefs): number =>
  chanceOfAny(substrate.distribution, SHUNS_WATER_ROWS);

const SOFT_IN_ALCOHOL = FINISHES.rows.filter((row) =>
  MATERIALS.get('alcohol').dissolves.includes(row.id),
);

/** Is a chance so large that what it forbids is not done, or asked about first? */
export const mayBe = (chance: number): boolean => chance >= DECISIONS.forbids.value;

/** Is the face likelier one that can't be stained? Then what shows its wood is refused outright. */
export const isUnstainable = (s: Pick<SurfaceContext, 'chanceUnstainable'>): boolean =>
  s.chanceUnstainable >= DECISIONS.unstainable.value;

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
  const stainable = !isUnstainable({ chanceUnstainable });
  const row = SUBSTRATES.get(likeliest);
  return row.stainable === stainable ? row : likeliestSubstrate(distribution, stainable);
};

/** How a coat holds, by the squares of 25 that a tape took off: ASTM D3359 B classes 5 and 4, 3, under 3. */
export type Bond = 'holds' | 'fair' | 'fails';

const latestOn = (piece: Piece, surfaceId: string, testId: string): number | undefined =>
  piece.observations
    .filter((it) => it.surfaceId === surfaceId && it.testId === testId)
    .reduce<Observation | undefined>((a, b) => (a && a.at > b.at ? a : b), undefined)?.value ??
  undefined;

/** The latest figure that was read on a surface by a test; undefined where nobody read one. */
export const latestReading = (s: SurfaceContext, testId: string): number | undefined =>
  latestOn(s.piece, s.surface.id, testId);

const bondOf = (piece: Piece, surfaceId: string): Bond | undefined => {
  const gone = latestOn(piece, surfaceId, 'cross-cut');
  if (gone === undefined) return undefined;
  return gone <= BOND_LIMITS.holds ? 'holds' : gone <= BOND_LIMITS.fair ? 'fair' : 'fails';
};

/** A surface, what it shall become, and what is believed of it. */
interface Aimed {
  readonly surface: Surface;
  readonly aim: Aim | undefined;
  readonly beliefs: SurfaceBeliefs;
}

/** What decides on a surface's own, before the piece as a whole is looked at. */
type Own = Omit<
  SurfaceContext,
  'sameCoatM2' | 'now' | 'pieceNow' | 'strips' | 'renewed' | 'leadOnPiece' | 'forAFirm' | 'others'
>;

const OUTLIVES_THE_PART: readonly Damage[] = ['insects', 'mould', 'splitBack'];

const ownOf = (
  whole: Pick<SurfaceContext, 'piece' | 'shop' | 'loose'>,
  { surface, aim: said, beliefs: found }: Aimed,
): Own => {
  const aim: Aim = said ?? { surfaceId: surface.id, scheme: { kind: 'leave' }, stripWish: 'best' };
  // What was found on a part that is cut anew goes with the old one, but for what lives in it.
  const findings = whole.piece.findings.filter(
    (it) =>
      it.surfaceId === surface.id &&
      (aim.newPart === undefined || OUTLIVES_THE_PART.includes(it.damage)),
  );
  const isNewBack = surface.part === 'back' && findings.some((it) => it.damage === 'splitBack');
  const newPart = isNewBack ? 'plywood' : aim.newPart;
  const beliefs = newPart ? asNew(found, newPart) : found;
  const showsWood = showsOldWood(aim.scheme);
  const chanceUnstainable = chanceOfAny(beliefs.substrate.distribution, UNSTAINABLE_ROWS);
  const substrate = plannedSubstrate(beliefs.substrate, showsWood, chanceUnstainable);
  const chanceThin = chanceOfAny(beliefs.substrate.distribution, THIN_ROWS);
  return {
    ...whole,
    surface,
    beliefs,
    aim,
    aimed: said !== undefined,
    findings,
    lead: beliefs.leadStatus.kind,
    substrate,
    finish: FINISHES.get(beliefs.finish.likeliest),
    wood: WOODS.get(beliefs.wood.likeliest),
    chanceUnstainable,
    worked: isCoated(aim.scheme),
    showsWood,
    bond: bondOf(whole.piece, surface.id),
    dampOnly:
      mayBe(chanceShunsWater(beliefs)) || findings.some((it) => it.damage === 'liftingVeneer'),
    veneerUm: mayBe(chanceThin) ? beliefs.veneer.thinMm * 1000 : null,
    chanceThin,
    isNew: newPart !== undefined,
  };
};

/** A belief that is sure of one value. */
const sure = <B extends Belief>(belief: B, value: string): B => ({
  ...belief,
  distribution: Object.fromEntries(
    Object.keys(belief.distribution).map((id) => [id, id === value ? 1 : 0]),
  ),
  likeliest: value,
  p: 1,
  confirmed: true,
  settled: true,
});

const CUT_FROM = { solid: 'hardwood', plywood: 'plywood', board: 'board' } as const;

/**
 * A part that is cut new is bare, whatever the old one was; only its lead question stays, since
 * the old one has to be taken off first.
 */
const asNew = (it: SurfaceBeliefs, from: NewPart): SurfaceBeliefs => ({
  ...it,
  substrate: sure(it.substrate, CUT_FROM[from]),
  wood: sure(it.wood, 'paintGrade'),
  finish: sure(it.finish, 'bare'),
  bleed: sure(it.bleed, 'none'),
  layers: [],
});

const CLEAR_FILMS = FINISHES.rows.filter((row) => row.film && !row.paint);

/** What is laid first on what is there: gel over a sound film, or the clear coat itself. */
const firstOver = ({ scheme }: Aim): Coating | undefined => {
  if (scheme.kind === 'stained') {
    return scheme.stain === 'gel' && !scheme.bleached ? 'gelStain' : undefined;
  }
  return scheme.kind === 'clear' && !scheme.bleached && scheme.topcoat !== 'none'
    ? TOPCOATS[scheme.topcoat]
    : undefined;
};

/**
 * A clear finish is wanted, or gel, and a sound clear one is there that it takes to: it is
 * cleaned, dulled and coated over, not stripped; oil and wax are renewed with their own kind. Who
 * wants it off says how.
 */
const isRenewed = ({ aim, beliefs, bond, findings, finish, isNew }: Own): boolean => {
  const first = firstOver(aim);
  if (isNew || first === undefined || aim.stripWish !== 'best') return false;
  if (finish.id === 'bare' || bond === 'fails') return false;
  if (findings.some((one) => DAMAGES.get(one.damage).pastRenewing)) return false;
  const film = finish.id === 'waxedFilm' ? filmBelowWax(beliefs.finish.distribution) : finish.id;
  const meets = may(first, { of: 'old', id: film }).may;
  const rows = finish.film ? CLEAR_FILMS : [finish];
  return (
    (meets === 'ok' || (meets === 'scuff' && finish.film)) &&
    chanceOfAny(beliefs.finish.distribution, rows) >= DECISIONS.settled.value
  );
};

/** Does the aim ask for the old finish to come off, where it is not renewed? */
const wantsItOff = (it: Own): boolean => {
  const { finish, showsWood, bond, substrate, aim } = it;
  const letsGo = bond === 'fails' && substrate.wood && aim.scheme.kind === 'painted';
  return (
    (showsWood && (finish.film || finish.id === 'oil' || finish.id === 'wax')) ||
    (letsGo && finish.film)
  );
};

/** What of a scheme decides whether two faces can be coated in one go. */
const coatKey = ({ scheme }: Aim): string =>
  JSON.stringify([
    scheme.kind,
    'shade' in scheme && scheme.shade,
    'colour' in scheme && scheme.colour,
    'paint' in scheme && scheme.paint,
    'stain' in scheme && scheme.stain,
    isCoated(scheme) && scheme.topcoat,
  ]);

/**
 * Contexts of all surfaces, aimed or not, in the order of the piece.
 * @param known what is believed of the piece, where that is at hand already
 * @param state what the piece is like now; as it was found where left out
 * @param isRefused is the aim of a surface refused, so that it gets no coats after all?
 */
export const contextsOf = (
  piece: Piece,
  shop: Shop,
  known: readonly SurfaceBeliefs[] = inspectPiece(piece, shop),
  state?: PieceState,
  isRefused: (s: SurfaceContext) => boolean = () => false,
): readonly SurfaceContext[] => {
  const byId = new Map(known.map((it) => [it.surfaceId, it]));
  const aims = new Map(piece.aims.map((it) => [it.surfaceId, it]));
  const whole = {
    piece,
    shop: shopFor(piece, shop),
    loose: fittingsOf(piece),
  };
  const own = surfacesOf(piece).flatMap((surface) => {
    const beliefs = byId.get(surface.id);
    return beliefs ? [ownOf(whole, { surface, aim: aims.get(surface.id), beliefs })] : [];
  });
  const found = (it: Own): SurfaceState => surfaceAsFound(it.beliefs, it.substrate.id);
  const pieceNow =
    state ?? pieceAsFound(Object.fromEntries(own.map((it) => [it.surface.id, found(it)])));
  const leadOnPiece = own.some((it) => it.lead === 'found');
  const forAFirm = isForChild(piece) && leadOnPiece;
  let all: readonly SurfaceContext[] = [];
  const others = () => all;
  const alone = own.map((it): SurfaceContext => {
    const now = pieceNow.surfaces[it.surface.id] ?? found(it);
    const renewed = isRenewed(it);
    return {
      ...it,
      worked: it.worked && !forAFirm,
      leadOnPiece,
      forAFirm,
      now,
      pieceNow,
      renewed,
      strips: (!renewed && wantsItOff(it)) || now.met.includes('stripped'),
      sameCoatM2: 0,
      others,
    };
  });
  all = alone;
  const coated = alone.filter((it) => it.worked && !isRefused(it));
  const areas = new Map<string, number>();
  for (const it of coated) {
    const key = coatKey(it.aim);
    areas.set(key, (areas.get(key) ?? 0) + areaOfFace(it));
  }
  all = alone.map((it) => ({ ...it, sameCoatM2: areas.get(coatKey(it.aim)) ?? 0 }));
  return all;
};

/** The surface runs with the drawers, or hangs as a door. */
export const runsWithDrawers = (s: SurfaceContext): boolean => movesWith(s.surface) === 'drawers';
export const hangsAsDoor = (s: SurfaceContext): boolean => movesWith(s.surface) === 'doors';
/** Pulls sit on it, and there are some. */
export const hasPulls = (s: SurfaceContext): boolean =>
  carriesPulls(s.surface) && s.loose.pulls > 0;

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

/** Nothing on the face would be softened by alcohol: it is stripped, or all but sure to be no such film. */
export const bearsAlcohol = (s: SurfaceContext): boolean =>
  s.strips || !mayBe(chanceOfAny(s.beliefs.finish.distribution, SOFT_IN_ALCOHOL));

/** What the old finish can be called: by its kind where that is likely enough, else by what is sure. */
export const finishName = ({ finish, beliefs }: SurfaceContext): string =>
  beliefs.finish.distribution[finish.id] >= DECISIONS.memberNamed.value
    ? finish.label
    : UNNAMED[finish.paint ? 'paint' : finish.film ? 'film' : 'other'];

/** Its damage is mended and touched in; the finish as a whole stays. */
export const isTouchedIn = (s: SurfaceContext): boolean =>
  s.aim.scheme.kind === 'touchedIn' && !s.forAFirm;

/** Something is to be done to it, new coats or not. */
export const isTouched = (s: SurfaceContext): boolean =>
  s.worked ||
  isTouchedIn(s) ||
  s.aim.scheme.kind === 'freshened' ||
  openFindings(s, 'splitBack').length > 0;

/** May be worked dry: no lead was found. */
export const isDry = (s: SurfaceContext): boolean => s.lead !== 'found';

/** It gets a new face of veneer. */
export const isVeneered = (s: SurfaceContext): boolean => s.aim.scheme.kind === 'veneered';

/** What is there stays, a film, an oil or a face off which wax was washed, and is only dulled. */
export const keepsFilm = (s: SurfaceContext): boolean =>
  !s.strips &&
  (isTouchedIn(s) ||
    (s.aim.scheme.kind === 'painted'
      ? s.finish.id !== 'bare' || !s.substrate.wood
      : renewsClear(s)));

/** A sound clear film stays under the new clear coat. */
export const renewsClear = (s: SurfaceContext): boolean => s.renewed && !s.strips;
