import { inspectPiece, type SurfaceBeliefs } from '../../inspect';
import type { Piece, Scheme, SchemeKind, Shop } from '../../piece';
import type { Refusal } from '../order/operation';
import { refusalsOn } from './refusals';
import { contextsOf } from '../context/contexts';

/** A plain scheme of each kind, to ask whether a surface could become that at all. */
const PLAIN: readonly Scheme[] = [
  { kind: 'painted', shade: 'mid', topcoat: 'waterborne' },
  { kind: 'stained', shade: 'mid', topcoat: 'waterborne' },
  { kind: 'clear', topcoat: 'waterborne' },
  { kind: 'washed', shade: 'pale', topcoat: 'waterborne' },
  { kind: 'veneered', shade: 'mid', topcoat: 'waterborne' },
];

/**
 * What surfaces can't become, and why: for each kind of scheme the refusals that would block it
 * on any of them. A kind that is missing is possible.
 */
export const impossibleSchemes = (
  piece: Piece,
  shop: Shop,
  surfaceIds: readonly string[],
  known: readonly SurfaceBeliefs[] = inspectPiece(piece, shop),
): ReadonlyMap<SchemeKind, readonly Refusal[]> =>
  new Map(
    PLAIN.flatMap((scheme) => {
      const aims = surfaceIds.map((surfaceId) => ({
        surfaceId,
        scheme,
        stripWish: 'best' as const,
      }));
      const refusals = refusalsOn(
        contextsOf({ ...piece, aims }, shop, known).filter((it) => it.aimed),
      ).filter((it) => it.blocks);
      return refusals.length > 0 ? [[scheme.kind, refusals] as const] : [];
    }),
  );
