import {
  FINISHES,
  SANDING_MODEL,
  SUBSTRATES,
  WOODS,
  inspectionTest,
  type Damage,
} from '../catalog';
import { inspectPiece, type Belief, type LeadStatus, type SurfaceBeliefs } from '../inspect';
import type { Aim, Finding, Piece, Shop, Surface } from '../piece';
import { isCoated, showsOldWood, surfacesOf } from '../piece';
import { planLadder, sandingTask, type Ladder, type NoLadder, type SandingTask } from '../sanding';

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
  /** Water is kept to a damp cloth. */
  readonly dampOnly: boolean;
  /** Wood above the core at thin places, µm; null where it is solid. */
  readonly veneerUm: number | null;
}

/** From this chance of a face without wood on, what shows the wood is refused outright. */
export const UNSTAINABLE = 0.5;

/** Thinner than this the machine stays away, µm (modelling judgement). */
const HAND_ONLY_UM = 500;

export const has = (s: SurfaceContext, ...damages: readonly Damage[]): boolean =>
  s.findings.some((it) => damages.includes(it.damage));

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
  const may = SUBSTRATES.rows.filter((row) => row.stainable === stainable);
  const ofLikeliest = may.find((row) => row.id === likeliest);
  return ofLikeliest ?? may.reduce((a, b) => (distribution[b.id] > distribution[a.id] ? b : a));
};

/** Gathers what is known and wanted of one surface. */
const contextOf = (
  piece: Piece,
  shop: Shop,
  surface: Surface,
  aim: Aim,
  beliefs: SurfaceBeliefs,
): SurfaceContext => {
  const findings = piece.findings.filter((it) => it.surfaceId === surface.id);
  const finish = FINISHES.get(beliefs.finish.likeliest);
  const showsWood = showsOldWood(aim.scheme);
  const chanceUnstainable = SUBSTRATES.rows
    .filter((row) => !row.stainable)
    .reduce((sum, row) => sum + beliefs.substrate.distribution[row.id], 0);
  const substrate = plannedSubstrate(beliefs.substrate, showsWood, chanceUnstainable);
  return {
    piece,
    shop,
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
    strips: showsWood && (finish.film || finish.id === 'oil' || finish.id === 'wax'),
    dampOnly: substrate.shunsWater || findings.some((it) => it.damage === 'liftingVeneer'),
    veneerUm: substrate.thinFace ? beliefs.veneer.thinMm * 1000 : null,
  };
};

/** Contexts of all surfaces that have an aim, in the order of the piece. */
export const contextsOf = (piece: Piece, shop: Shop): readonly SurfaceContext[] => {
  const beliefs = new Map(inspectPiece(piece, shop).map((it) => [it.surfaceId, it]));
  return surfacesOf(piece).flatMap((surface) => {
    const aim = piece.aims.find((it) => it.surfaceId === surface.id);
    const known = beliefs.get(surface.id);
    return aim && known ? [contextOf(piece, shop, surface, aim, known)] : [];
  });
};

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

/** Machine, or by hand where the veneer is thin. */
export const toolFor = (s: SurfaceContext): 'machine' | 'hand' =>
  s.surface.part === 'stick' || (s.veneerUm !== null && s.veneerUm < HAND_ONLY_UM)
    ? 'hand'
    : 'machine';

/** Finest paper that the coat to come wants on bare wood (trade, common practice). */
const targetGrit = (s: SurfaceContext): number => {
  if (s.aim.scheme.kind === 'stained') return s.veneerUm === null ? 180 : 120;
  if (s.aim.scheme.kind === 'clear' || s.aim.scheme.kind === 'washed')
    return s.veneerUm === null ? 220 : 180;
  return 150;
};

const defectOf = (s: SurfaceContext): number => {
  const { defects } = SANDING_MODEL;
  if (!s.strips) return defects.bare;
  return s.veneerUm === null ? defects.solidAfterStrip : defects.veneerAfterStrip;
};

/**
 * What bare wood of this surface is sanded for. The lead question is settled by gates and by the
 * wet way, so it is not asked again here.
 */
export const taskFor = (s: SurfaceContext): SandingTask =>
  sandingTask.parse({
    defectUm: defectOf(s),
    targetGrit: targetGrit(s),
    coarsestGrit: 80,
    veneerUm: s.veneerUm,
    jankaLbf: s.wood.jankaLbf,
    tool: toolFor(s),
    areaMm2: s.surface.areaMm2,
  });

/** The ladder for bare wood of this surface. */
export const ladderFor = (s: SurfaceContext): Ladder | NoLadder => planLadder(taskFor(s));

/**
 * What bare wood of a surface is sanded for, to judge a ladder of one's own.
 * @returns undefined where nothing is aimed at there
 */
export const sandingTaskOf = (
  piece: Piece,
  shop: Shop,
  surfaceId: string,
): SandingTask | undefined => {
  const found = contextsOf(piece, shop).find((it) => it.surface.id === surfaceId);
  return found && taskFor(found);
};

/** The old film stays, and is only dulled. */
export const keepsFilm = (s: SurfaceContext): boolean =>
  s.aim.scheme.kind === 'painted' && (s.finish.film || !s.substrate.wood);
