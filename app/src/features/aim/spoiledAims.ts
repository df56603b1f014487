import { inspectPiece, judgeFinding } from '@obrik/core/inspect';
import { surfacesOf, type Piece, type Shop } from '@obrik/core/piece';

/** What damages spoil of the aims so far, in words: "Top: missing veneer …: stain would show the patch." */
export const spoiledAims = (piece: Piece, shop: Shop): readonly string[] => {
  const all = inspectPiece(piece, shop);
  return surfacesOf(piece).flatMap((surface, index) => {
    const aim = piece.aims.find((it) => it.surfaceId === surface.id);
    const beliefs = all[index];
    if (!aim || !beliefs) return [];
    return piece.findings
      .filter((it) => it.surfaceId === surface.id)
      .map((it) => judgeFinding(it, surface, beliefs, shop.units))
      .filter((it) => it.ruledOut.some((one) => one.schemes.includes(aim.scheme.kind)))
      .map((it) => `${surface.name}: ${it.text}`);
  });
};
