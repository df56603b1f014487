import { DECISIONS } from '../catalog';
import { visibilityOf } from '../piece';
import type { GateKind } from '../work';
import { isUnstainable, type SurfaceContext } from './context';
import { primerOf } from './finishing';
import { remembered } from './memo';

/** The chance that a surface bleeds at all. */
export const chanceToBleed = (s: SurfaceContext): number => 1 - s.beliefs.bleed.distribution.none;

/** When each question about a surface is open: nobody has recorded an answer that closes it. */
const OPEN: Readonly<Record<GateKind, (s: SurfaceContext) => boolean>> = {
  lead: (s) => s.worked && s.lead === 'open',
  substrate: (s) =>
    s.showsWood && s.chanceUnstainable >= DECISIONS.substrateWorthAsking.value && !isUnstainable(s),
  veneer: (s) => s.showsWood && s.veneerUm !== null && !s.beliefs.veneer.measured,
  bleed: (s) =>
    s.lead !== 'found' &&
    s.aim.scheme.kind === 'painted' &&
    s.aim.scheme.shade !== 'dark' &&
    !s.beliefs.bleed.confirmed &&
    chanceToBleed(s) >= DECISIONS.bleedPatchFrom.value &&
    chanceToBleed(s) <= DECISIONS.bleedPatchTo.value,
  patch: (s) =>
    s.aim.scheme.kind === 'painted' &&
    s.lead !== 'found' &&
    s.bond !== 'holds' &&
    s.bond !== 'fails' &&
    primerOf(s)?.primer.id === 'bonding' &&
    visibilityOf(s.surface) === 'high',
};

/** The questions that are open on a surface; what depends on them waits. */
export const openQuestions = remembered((s: SurfaceContext): readonly GateKind[] =>
  (Object.keys(OPEN) as GateKind[]).filter((kind) => OPEN[kind](s)),
);

export const isOpen = (s: SurfaceContext, kind: GateKind): boolean =>
  openQuestions(s).includes(kind);
