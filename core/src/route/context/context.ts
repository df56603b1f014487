import {
  DAMAGES,
  DANGERS,
  DECISIONS,
  SUBSTRATES,
  inspectionTest,
  type Damage,
  type DamageSign,
  type Danger,
  type FINISHES,
  type StateCondition,
  type WOODS,
} from '../../catalog';
import { spokenFor, type Belief, type LeadStatus, type SurfaceBeliefs } from '../../inspect';
import {
  carriesPulls,
  movesWith,
  visibilityOf,
  wearOf,
  type Aim,
  type Finding,
  type LooseParts,
  type Observation,
  type Piece,
  type Shop,
  type Surface,
  type Wear,
} from '../../piece';
import { squareMetres } from '../../units';
import { UNNAMED } from '../../words';
import { type Condition } from '../../effect';
import { LOST_WITH_THE_FILM, type PieceState, type SurfaceState, type Task } from '../../work';

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
  /** Of a part that is cut new: lead on the old one, which is taken off; null where none is. */
  readonly oldPartLead: LeadStatus['kind'] | null;
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

/** How hard a surface is used: in a wet room, whatever is seen of it is splashed and wiped. */
export const wearOn = (s: SurfaceContext): Wear =>
  s.piece.wetRoom && visibilityOf(s.surface) !== 'low' ? 'high' : wearOf(s.surface);

/** One of these damages was found, mended by now or not. */
export const has = (s: SurfaceContext, ...damages: readonly Damage[]): boolean =>
  s.findings.some((it) => damages.includes(it.damage));

/** Does a finding show one of these signs? */
export const showsSign = (
  { damage }: Pick<Finding, 'damage'>,
  ...signs: readonly DamageSign[]
): boolean => DAMAGES.get(damage).signs?.some((it) => signs.includes(it)) === true;

/** Was anything found on it that shows one of these signs? */
export const shows = (s: SurfaceContext, ...signs: readonly DamageSign[]): boolean =>
  s.findings.some((it) => showsSign(it, ...signs));

const isOpenFinding = (s: SurfaceContext, { id }: Finding): boolean => !s.now.mended.includes(id);

/** Findings that are still to be settled: all, or those that show one of these signs. */
export const openFindings = (
  s: SurfaceContext,
  ...signs: readonly DamageSign[]
): readonly Finding[] =>
  s.findings.filter(
    (it) => isOpenFinding(s, it) && (signs.length === 0 || showsSign(it, ...signs)),
  );

/** Was this done to the surface already? */
export const isDone = (s: SurfaceContext, condition: Condition): boolean =>
  s.now.met.includes(condition);

/** Was this done, and does it outlast the work that is asked for? Laid bare, a face wants it anew. */
export const staysDone = (
  s: SurfaceContext,
  asked: readonly Task[],
  condition: Condition,
): boolean =>
  isDone(s, condition) &&
  !(
    LOST_WITH_THE_FILM.includes(condition) &&
    asked.some(({ traits, phase }) => phase === 'strip' && traits.face === 'bare')
  );

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

const SHUNS_WATER_ROWS = SUBSTRATES.rows.filter((row) => row.shunsWater);

/** Chance that the face is one that water does not go with, whatever it is planned as. */
export const chanceShunsWater = ({ substrate }: SurfaceBeliefs): number =>
  chanceOfAny(substrate.distribution, SHUNS_WATER_ROWS);

/** Is a chance so large that what it forbids is not done, or asked about first? */
export const mayBe = (chance: number): boolean => chance >= DECISIONS.forbids.value;

/** Is the face likelier one that can't be stained? Then what shows its wood is refused outright. */
export const isUnstainable = (s: Pick<SurfaceContext, 'chanceUnstainable'>): boolean =>
  s.chanceUnstainable >= DECISIONS.unstainable.value;

/** How a coat holds, by the squares of 25 that a tape took off: ASTM D3359 B classes 5 and 4, 3, under 3. */
export type Bond = 'holds' | 'fair' | 'fails';

/** The latest figure that was read on a surface; undefined where nobody read one. */
export const latestOn = (piece: Piece, surfaceId: string, testId: string): number | undefined =>
  piece.observations
    .filter((it) => it.surfaceId === surfaceId && it.testId === testId)
    .reduce<Observation | undefined>((a, b) => (a && a.at > b.at ? a : b), undefined)?.value ??
  undefined;

/** The latest figure that was read on a surface by a test; undefined where nobody read one. */
export const latestReading = (s: SurfaceContext, testId: string): number | undefined =>
  latestOn(s.piece, s.surface.id, testId);

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
  leadEvidence(s).map((it) => it.id);

/** What was recorded on lead and layers of the surface, on itself or on what is painted alike. */
export const leadEvidence = (s: SurfaceContext): readonly Observation[] =>
  spokenFor(s.piece, s.surface.id).filter((it) => {
    const test = inspectionTest(it.testId);
    return test?.kind === 'layer' || it.testId === 'layer-count' || it.testId === 'colours-seen';
  });

/** Lead was found on it, or on the part that it is cut to replace. */
export const holdsLead = ({ beliefs }: SurfaceContext): boolean =>
  beliefs.leadStatus.kind === 'found';

/** Lead was found, or may be there. */
export const isSuspect = (s: SurfaceContext): boolean => s.lead === 'open' || s.lead === 'found';

/** Chance that a condition on what the face may be holds; its variables taken as independent. */
const chanceOf = (where: StateCondition, { beliefs }: SurfaceContext): number =>
  (Object.keys(where) as (keyof StateCondition)[]).reduce((product, variable) => {
    const chances: Readonly<Record<string, number>> = beliefs[variable].distribution;
    const values: readonly string[] = where[variable] ?? [];
    return product * values.reduce((sum, it) => sum + (chances[it] ?? 0), 0);
  }, 1);

/**
 * Why a way of working is out of the question on a surface, by the table of dangers and by what
 * the face may be with a chance of one in ten; undefined where it may be done.
 * @param filmOn is the old finish still on while it is done?
 * @param leadCounts is there lead on it, or may there be when it is done?
 */
export const forbiddenBy = (
  danger: Danger,
  s: SurfaceContext,
  filmOn: boolean,
  leadCounts = isSuspect(s),
): string | undefined =>
  DANGERS.get(danger).forbids.find(
    ({ where, onLead, onDamage, whileOn }) =>
      (filmOn || whileOn === undefined) &&
      (onLead === undefined || leadCounts) &&
      (onDamage === undefined || has(s, ...onDamage)) &&
      (where === undefined || mayBe(chanceOf(where, s))),
  )?.because;

/** Nothing on the face would be softened by alcohol: it is stripped, or all but sure to be no such film. */
export const bearsAlcohol = (s: SurfaceContext): boolean =>
  s.strips || forbiddenBy('alcohol', s, true) === undefined;

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
  openFindings(s, 'needsNewPart').length > 0;

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
