import { inspectionTest } from '@obrik/core/catalog';
import {
  canBeCopied,
  surfacesOf,
  twinsOf,
  type Observation,
  type Piece,
  type Surface,
} from '@obrik/core/piece';
import { counted } from '@obrik/core/words';
import { nanoid } from '@reduxjs/toolkit';
import { useChanges } from '@/api/usePiece';
import { shopNow } from '@/device';
import { PlainButton } from '@/ui/controls';

interface SameAsTwinProps {
  readonly piece: Piece;
  readonly surface: Surface;
}

/** What a twin showed and this surface was not asked: its own looks, the last of each test. */
const openFrom = (piece: Piece, surfaceId: string, twinId: string): readonly Observation[] => {
  const done = new Set(
    piece.observations.filter((it) => it.surfaceId === surfaceId).map((it) => it.testId),
  );
  const last = new Map<string, Observation>();
  for (const it of piece.observations) {
    const test = inspectionTest(it.testId);
    const own = it.surfaceId === twinId && it.copyOf === undefined && (it.layer ?? 1) === 1;
    if (own && test && canBeCopied(test) && !done.has(it.testId)) last.set(it.testId, it);
  }
  return [...last.values()];
};

/** “Same as the left side”: what the twin showed is copied here in one tap, and counts as a copy. */
export const SameAsTwin = ({ piece, surface }: SameAsTwinProps) => {
  const put = useChanges();
  return (
    <>
      {twinsOf(surfacesOf(piece), surface.id).map((twin) => {
        const open = openFrom(piece, surface.id, twin.id);
        if (open.length === 0) return null;
        const name = twin.name.toLowerCase();
        const copy = () => {
          const at = shopNow().toISOString();
          void put(
            piece.id,
            open.map((it) => ({
              kind: 'observe',
              observation: { ...it, id: nanoid(), surfaceId: surface.id, at, copyOf: it.id },
            })),
            `${counted(open.length, 'look')} copied from ${name}.`,
          );
        };
        return (
          <PlainButton
            key={twin.id}
            title={`Same as ${name} (${counted(open.length, 'look')})`}
            onPress={copy}
          />
        );
      })}
    </>
  );
};
