import { judgeFinding, type SurfaceBeliefs } from '@obrik/core/inspect';
import { surfacesOf, type Piece } from '@obrik/core/piece';
import type { UnitSystem } from '@obrik/core/units';

/** What damages spoil of the aims so far, in words: "Top: missing veneer …: stain would show the patch." */
export const spoiledAims = (
  piece: Piece,
  all: readonly SurfaceBeliefs[],
  units: UnitSystem,
  isMended: (surfaceId: string, findingId: string) => boolean = () => false,
): readonly string[] =>
  surfacesOf(piece).flatMap((surface, index) => {
    const aim = piece.aims.find((it) => it.surfaceId === surface.id);
    const beliefs = all[index];
    if (!aim || !beliefs) return [];
    return piece.findings
      .filter((it) => it.surfaceId === surface.id && !isMended(surface.id, it.id))
      .map((it) => judgeFinding(it, surface, beliefs, units))
      .filter((it) => it.ruledOut.some((one) => one.schemes.includes(aim.scheme.kind)))
      .map((it) => `${surface.name}: ${it.text}`);
  });
