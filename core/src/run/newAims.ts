import type { NewAim } from '../catalog';
import { isCoated, type Aim, type Piece, type Scheme, type Shade } from '../piece';
import { type PieceChange } from '../ledger';

const NEXT_DARKER: Readonly<Record<Shade, 'mid' | 'dark'>> = {
  white: 'mid',
  pale: 'mid',
  mid: 'dark',
  dark: 'dark',
};

const darker = (it: Scheme): Scheme => {
  switch (it.kind) {
    case 'painted': {
      const { colour: _dropped, ...rest } = it;
      return { ...rest, shade: NEXT_DARKER[it.shade] };
    }
    case 'washed': {
      const { colour: _dropped, ...rest } = it;
      return { ...rest, shade: NEXT_DARKER[it.shade] };
    }
    case 'stained':
      return { ...it, shade: NEXT_DARKER[it.shade] };
    case 'veneered':
      return { ...it, shade: NEXT_DARKER[it.shade ?? 'pale'] };
    case 'clear': {
      const { bleached: _dropped, ...rest } = it;
      return { ...rest, kind: 'stained', shade: 'mid' };
    }
    default:
      return it;
  }
};

const topcoatOf = (it: Scheme) =>
  isCoated(it) && it.topcoat !== 'none' ? it.topcoat : 'waterborne';

/** The paint that the piece gets elsewhere, or else a usual one. */
const paintLike = ({ aims }: Piece): Scheme =>
  aims.map((it) => it.scheme).find((it) => it.kind === 'painted') ?? {
    kind: 'painted',
    shade: 'pale',
    topcoat: 'waterborne',
  };

const schemeFor = (piece: Piece, before: Scheme, wish: NewAim): Scheme => {
  switch (wish) {
    case 'paint':
      return before.kind === 'painted' ? before : paintLike(piece);
    case 'darker':
      return darker(before);
    case 'clear':
      return { kind: 'clear', topcoat: topcoatOf(before) };
    case 'gel':
      return {
        kind: 'stained',
        shade: before.kind === 'stained' ? before.shade : 'mid',
        stain: 'gel',
        topcoat: topcoatOf(before),
      };
    case 'waterborneClear':
      return isCoated(before) ? { ...before, topcoat: 'waterborne' } : before;
    case 'leave':
      return { kind: 'leave' };
  }
};

/** The change of aims that a remedy asks for; none where it asks for none. */
export const newAims = (
  piece: Piece,
  surfaceIds: readonly string[],
  { aims: wish, strips }: { readonly aims?: NewAim; readonly strips?: Aim['stripWish'] },
): readonly PieceChange[] => {
  if (!wish && !strips) return [];
  const aims = surfaceIds.flatMap((surfaceId): Aim[] => {
    const before = piece.aims.find((it) => it.surfaceId === surfaceId);
    if (!before && !wish) return [];
    const old: Aim = before ?? { surfaceId, scheme: { kind: 'leave' }, stripWish: 'best' };
    return [
      {
        ...old,
        scheme: wish ? schemeFor(piece, old.scheme, wish) : old.scheme,
        stripWish: strips ?? old.stripWish,
      },
    ];
  });
  return aims.length === 0
    ? []
    : [{ kind: 'aim', surfaceIds: aims.map((it) => it.surfaceId), aims }];
};
