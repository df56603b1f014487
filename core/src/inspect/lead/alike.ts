import { LEAD_PRIOR } from '../../catalog';
import type { Piece } from '../../piece';

/** A surface as far as its paint goes. */
export interface Painted {
  readonly surfaceId: string;
  /** Chance that its top layer is paint. */
  readonly paint: number;
}

/** The colours of the layers that were recorded, from the top down; none where nobody recorded any. */
export const coloursOf = (
  { layers }: Pick<Piece, 'layers'>,
  surfaceId: string,
): readonly string[] =>
  layers
    .filter((it) => it.surfaceId === surfaceId)
    .sort((a, b) => a.layer - b.layer)
    .map((it) => it.colour.trim().toLowerCase());

/** The colours that were recorded of two surfaces are others: they have no history in common. */
export const areUnlike = (piece: Pick<Piece, 'layers'>, a: string, b: string): boolean => {
  const [one, other] = [coloursOf(piece, a), coloursOf(piece, b)];
  return one.length > 0 && other.length > 0 && one.join('/') !== other.join('/');
};

/** Somebody said of a sample of the one that it speaks for the other, or they were one surface once. */
const areLinked = ({ observations, build }: Piece, a: string, b: string): boolean =>
  observations.some(
    ({ surfaceId, alsoFor }) =>
      alsoFor !== undefined && [a, b].every((it) => it === surfaceId || alsoFor.includes(it)),
  ) || build.splits.some(({ of, id }) => (of === a && id === b) || (of === b && id === a));

/**
 * Are two surfaces of a piece painted alike, as far as is known? Paint on both is taken for one
 * history unless the colours recorded of them differ: what is on top tells nothing of what lies below.
 */
export const isPaintedAlike = (piece: Piece, a: Painted, b: Painted): boolean => {
  if (areLinked(piece, a.surfaceId, b.surfaceId)) return true;
  const isPainted = ({ surfaceId, paint }: Painted): boolean =>
    coloursOf(piece, surfaceId).length > 0 || paint >= LEAD_PRIOR.paintedAlike.value;
  return isPainted(a) && isPainted(b) && !areUnlike(piece, a.surfaceId, b.surfaceId);
};
