import {
  BOND_LIMITS,
  DAMAGES,
  DECISIONS,
  FINISHES,
  SUBSTRATES,
  WOODS,
  type Coating,
  type Damage,
} from '../../catalog';
import { topcoatCoating, may } from '../../coating';
import { inspectPiece, type Belief, type SurfaceBeliefs } from '../../inspect';
import {
  fittingsOf,
  isCoated,
  isForChild,
  shopFor,
  showsOldWood,
  surfacesOf,
  type Aim,
  type NewPart,
  type Piece,
  type Shop,
  type Surface,
} from '../../piece';
import { unworkedPiece, type PieceState, type SurfaceState } from '../../work';
import { filmBelowWax, surfaceAsFound } from './found';
import {
  type Bond,
  type SurfaceContext,
  areaOfFace,
  chanceOfAny,
  chanceShunsWater,
  isUnstainable,
  latestOn,
  likeliestSubstrate,
  mayBe,
  showsSign,
} from './context';

const UNSTAINABLE_ROWS = SUBSTRATES.rows.filter((row) => !row.stainable);
const THIN_ROWS = SUBSTRATES.rows.filter((row) => row.thinFace);

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
  const isNewBack = surface.part === 'back' && findings.some((it) => showsSign(it, 'needsNewPart'));
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
    // Fresh wood has no old paint; that of the part it replaces is asked about and taken off first.
    lead: newPart === undefined ? beliefs.leadStatus.kind : 'notAsked',
    oldPartLead: newPart === undefined ? null : beliefs.leadStatus.kind,
    substrate,
    finish: FINISHES.get(beliefs.finish.likeliest),
    wood: WOODS.get(beliefs.wood.likeliest),
    chanceUnstainable,
    worked: isCoated(aim.scheme),
    showsWood,
    bond: bondOf(whole.piece, surface.id),
    dampOnly:
      mayBe(chanceShunsWater(beliefs)) || findings.some((it) => showsSign(it, 'veneerLifts')),
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
    ? topcoatCoating(scheme.topcoat)
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
    state ?? unworkedPiece(Object.fromEntries(own.map((it) => [it.surface.id, found(it)])));
  const leadOnPiece = own.some((it) => it.beliefs.leadStatus.kind === 'found');
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
