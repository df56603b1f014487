import type { LogLine, Piece } from '@obrik/core/piece';
import { nanoid } from '@reduxjs/toolkit';
import { useCallback } from 'react';
import { useChange } from '@/api/usePiece';
import { personName, shopNow } from '@/device';

/** What every line has, made now and here. */
export const lineNow = (
  surfaceIds: readonly string[],
  taskKeys: readonly string[],
): Pick<LogLine, 'id' | 'at' | 'by' | 'surfaceIds' | 'taskKeys'> => ({
  id: nanoid(),
  at: shopNow().toISOString(),
  by: personName(),
  surfaceIds: [...surfaceIds],
  taskKeys: [...taskKeys],
});

/** Writes lines down at the bench; resolves to whether they are safe. */
export const useLog = (): ((piece: Piece, lines: LogLine[], said: string) => Promise<boolean>) => {
  const change = useChange();
  return useCallback(
    (piece, lines, said) => change(piece.id, { kind: 'log', lines }, said),
    [change],
  );
};
