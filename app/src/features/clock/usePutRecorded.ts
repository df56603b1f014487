import type { UpsetRecord } from '@obrik/core/schedule';
import { useCallback } from 'react';
import { useChanges } from '@/api/usePiece';

/** Puts what a plan was tried out with on record; resolves to whether all of it is safe. */
export const usePutRecorded = (): ((
  recorded: readonly UpsetRecord[],
  done: string,
) => Promise<boolean>) => {
  const put = useChanges();
  return useCallback(
    async (recorded, done) => {
      for (const it of recorded) {
        const safe =
          it.pieceId === null
            ? await put(null, [{ kind: 'shopSet', settings: it.settings }], done)
            : await put(it.pieceId, [it.change], done);
        if (!safe) return false;
      }
      return true;
    },
    [put],
  );
};
