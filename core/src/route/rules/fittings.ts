import { type Hardware } from '../../piece';
import type { Part } from '../../effect';
import { comesBack, type Whole } from '../context/whole';
import { type SurfaceContext, hasPulls, openFindings, showsSign } from '../context/context';

/** Surfaces that are worked and are of a kind. */
export const workedFittings = (
  whole: Whole,
  kind: (s: SurfaceContext) => boolean = () => true,
): readonly SurfaceContext[] => whole.surfaces.filter((s) => s.worked && kind(s));

export const countOf = ({ piece }: Whole, disposition: Hardware['disposition']): number =>
  piece.hardware
    .filter((it) => it.disposition === disposition)
    .reduce((sum, it) => sum + it.count, 0);

export const drawersToFit = ({ surfaces }: Whole): number => surfaces[0]?.loose.drawers ?? 0;
export const doorsIn = ({ surfaces }: Whole): number => surfaces[0]?.loose.doors ?? 0;
export const pullsToFit = ({ surfaces }: Whole): number => surfaces[0]?.loose.pulls ?? 0;
/** Fittings beside pulls that stand in the way: casters, locks, plates, brackets. */
export const OTHERS: readonly Hardware['kind'][] = [
  'lock',
  'escutcheon',
  'caster',
  'bracket',
  'stop',
  'lid',
  'glass',
  'mirror',
  'other',
];
export const othersOn = ({ piece }: Whole): readonly Hardware[] =>
  piece.hardware.filter((it) => OTHERS.includes(it.kind));

/** What comes off with the pulls: "8 pulls, 4 casters and 1 lock". */
export const fittingsOn = (
  whole: Whole,
): readonly { readonly kind: string; readonly count: number }[] => [
  ...(pullsToFit(whole) > 0 ? [{ kind: 'pull', count: pullsToFit(whole) }] : []),
  ...othersOn(whole).map(({ kind, count }) => ({
    kind: kind === 'other' ? 'other fitting' : kind,
    count,
  })),
];
export const countOfFittings = (whole: Whole): number =>
  fittingsOn(whole).reduce((sum, it) => sum + it.count, 0);

/** Every pull is replaced, and nothing else comes back on. */
export const areAllNew = ({ piece }: Whole): boolean =>
  piece.hardware.length > 0 && piece.hardware.every((it) => it.disposition === 'replace');

/** A surface that fittings sit on; any, where only such are listed as sit on no face in particular. */
export const hasFittings =
  (whole: Whole) =>
  (s: SurfaceContext): boolean =>
    hasPulls(s) || (othersOn(whole).length > 0 && !whole.surfaces.some(hasPulls));

export const staysIn = ({ shop }: Whole): boolean => shop.schools.drawers === 'in';

/** Of parts that come back: the surfaces that they belong to, those first that are worked. */
export const backOnTo = (
  whole: Whole,
  part: Part,
  kind: (s: SurfaceContext) => boolean,
): readonly SurfaceContext[] => {
  if (!comesBack(whole, part)) return [];
  const all = whole.surfaces.filter(kind);
  const aimed = all.filter((s) => s.worked);
  return aimed.length > 0 ? aimed : all;
};

export const hasSplitBack = (s: SurfaceContext): boolean =>
  !s.forAFirm && openFindings(s, 'needsNewPart').length > 0;
/** A split back was found there, mended by now or not. */
export const hadSplitBack = (s: SurfaceContext): boolean =>
  s.findings.some((it) => showsSign(it, 'needsNewPart'));
