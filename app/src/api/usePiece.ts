import type { Change, PieceChange, PieceLedger } from '@obrik/core/ledger';
import { USUAL_SHOP, type Shop, type Stocked } from '@obrik/core/piece';
import { useCallback } from 'react';
import { recordWith } from '@/record';
import { noticed } from '@/state/notice';
import { useAppDispatch } from '@/state/store';
import { usePieceQuery, useShopQuery } from './api';
import { failureOf } from './failure';

/** The shop's settings; the usual ones until they are known. */
export const useShop = (): Shop => useShopQuery().data?.shop ?? USUAL_SHOP;

const NO_STOCK: readonly Stocked[] = [];

/** Every container that was ever in the stock, as it was last seen. */
export const useStock = (): readonly Stocked[] => useShopQuery().data?.stock ?? NO_STOCK;

interface PieceState {
  readonly record: PieceLedger | undefined;
  readonly isLoading: boolean;
  readonly failure: string | undefined;
  readonly reload: () => void;
}

/** One piece as this device knows it. */
export const usePieceRecord = (pieceId: string): PieceState => {
  const { data, isLoading, error, refetch } = usePieceQuery(pieceId);
  return {
    record: data ?? undefined,
    isLoading,
    failure: error && !data ? failureOf(error).text : undefined,
    reload: () => void refetch(),
  };
};

/**
 * Records changes about a piece or, with null, the shop, and with them what they change in the shop: all
 * or none. Resolves to whether they are safe.
 */
export type MakeChanges = (
  pieceId: string | null,
  changes: readonly Change[],
  done: string,
  ofShop?: readonly Change[],
) => Promise<boolean>;

/** Records; says what was done, with its undo, or what forbids it. */
export const useChanges = (): MakeChanges => {
  const dispatch = useAppDispatch();
  return useCallback(
    async (pieceId, changes, done, ofShop = []) => {
      const result = await recordWith(pieceId, changes, ofShop);
      if (!result.ok) {
        const text = result.problems[0]?.message ?? 'That can’t be recorded.';
        dispatch(noticed({ text, tone: 'vermilion' }));
        return false;
      }
      dispatch(
        noticed({ text: done, tone: 'plain', undo: { pieceId, entryIds: result.entryIds } }),
      );
      return true;
    },
    [dispatch],
  );
};

/** Records a change to a piece; the word about it carries the undo. */
export type MakeChange = (pieceId: string, change: PieceChange, done: string) => Promise<boolean>;

export const useChange = (): MakeChange => {
  const put = useChanges();
  return useCallback((pieceId, change, done) => put(pieceId, [change], done), [put]);
};
