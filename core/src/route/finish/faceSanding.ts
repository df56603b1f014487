import { weakMapMemoize } from 'reselect';
import { PAPER_CHOICES, PROFILES, SANDED_OUT_MM, SANDING_MODEL, THIN_FACES } from '../../catalog';
import { chanceThinnerThan } from '../../inspect';
import {
  chanceOfSandingThrough,
  planLadder,
  sandingTask,
  type Ladder,
  type NoLadder,
  type SandingTask,
  type ThinnerThan,
} from '../../sanding';
import { chooseStripWay } from './stripChoice';
import { showsSign, type SurfaceContext } from '../context/context';

/**
 * Machine, or by hand: where the veneer is thin, the part is a stick or shaped, the shop has no sander, or
 * old paint would be sanded without extraction.
 */
export const toolFor = (s: SurfaceContext): 'machine' | 'hand' => {
  const { tools } = s.shop;
  const byHand =
    s.surface.part === 'stick' ||
    PROFILES.get(s.surface.profile).byHand ||
    (s.veneerUm !== null && s.veneerUm < THIN_FACES.handOnlyMm * 1000) ||
    !tools.includes('sander') ||
    (s.finish.paint && !tools.includes('extractor'));
  return byHand ? 'hand' : 'machine';
};

/** Finest paper that the coat to come wants on bare wood (trade, common practice). */
const targetGrit = (s: SurfaceContext): number => {
  const { stained, wood, paint } = PAPER_CHOICES.target;
  const { kind } = s.aim.scheme;
  const by =
    kind === 'stained' ? stained : kind === 'clear' || kind === 'washed' ? wood : undefined;
  return by ? by[s.veneerUm === null ? 'solid' : 'thin'] : paint;
};

/** The deepest scratch that somebody measured and that sanding takes out of solid wood, µm; 0 where there is none. */
const scratchUm = (s: SurfaceContext): number =>
  s.veneerUm === null && s.showsWood
    ? Math.max(
        0,
        ...s.findings
          .filter((it) => showsSign(it, 'scratched'))
          .map((it) => it.depthMm ?? 0)
          .filter((mm) => mm <= SANDED_OUT_MM.value),
      ) * 1000
    : 0;

/** The old film is sanded off with the coarsest paper, so that the ladder goes on from its scratches. */
const isSandedOff = (s: SurfaceContext): boolean => s.strips && chooseStripWay(s).way.id === 'sand';

const defectOf = (s: SurfaceContext): number => Math.max(scratchUm(s), usualDefect(s));

const usualDefect = (s: SurfaceContext): number => {
  const { defects } = SANDING_MODEL;
  if (!s.strips) return defects.bare;
  if (isSandedOff(s)) return defects.afterSandingOff;
  if (s.veneerUm === null) return defects.solidAfterStrip;
  return s.aim.scheme.kind === 'stained' ? defects.veneerToStain : defects.veneerAfterStrip;
};

/**
 * What bare wood of this surface is sanded for. The lead question is settled by gates and by the
 * wet way, so it is not asked again here.
 */
export const taskFor = (s: SurfaceContext): SandingTask =>
  sandingTask.parse({
    defectUm: defectOf(s),
    targetGrit: targetGrit(s),
    coarsestGrit: isSandedOff(s) ? PAPER_CHOICES.afterSandingOff : PAPER_CHOICES.coarsest,
    veneerUm: s.veneerUm,
    jankaLbf: s.wood.jankaLbf,
    tool: toolFor(s),
    areaMm2: s.surface.areaMm2,
    slower: PROFILES.get(s.surface.profile).slower,
  });

/** For a surface, the chance that its veneer is thinner than this, µm; never on solid wood. */
export const thinnerThan = weakMapMemoize((s: SurfaceContext): ThinnerThan => {
  if (s.veneerUm === null) return () => 0;
  const seen = s.piece.observations.filter((it) => it.surfaceId === s.surface.id);
  const chance = chanceThinnerThan(s.piece, seen);
  return (um) => chance(um / 1000);
});

/** The ladder for bare wood of this surface. */
export const ladderFor = weakMapMemoize((s: SurfaceContext): Ladder | NoLadder =>
  planLadder(taskFor(s), thinnerThan(s)),
);

/** What a ladder of one's own for a surface is judged by. */
export interface FaceSanding {
  readonly task: SandingTask;
  /** Chance of going through at the edges, for what a ladder takes off, µm; 0 on solid wood. */
  readonly chanceThrough: (removedUm: number) => number;
}

/** What bare wood of a surface is sanded for, to judge a ladder of one's own. */
export const faceSandingOf = (s: SurfaceContext): FaceSanding => {
  const thinner = thinnerThan(s);
  return {
    task: taskFor(s),
    chanceThrough: (removedUm) => chanceOfSandingThrough(removedUm, thinner, 'edge'),
  };
};
