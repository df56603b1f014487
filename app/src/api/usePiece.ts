import { USUAL_SHOP, undoOf, type Change, type PieceRecord, type Shop } from '@obrik/core/piece';
import { useCallback } from 'react';
import { useStore } from 'react-redux';
import { noticed } from '@/state/notice';
import { useAppDispatch } from '@/state/store';
import { api, useChangePieceMutation, usePiecesQuery, useShopQuery } from './api';
import { failureOf } from './failure';

/** The shop's settings; the usual ones until the server has answered. */
export const useShop = (): Shop => useShopQuery().data ?? USUAL_SHOP;

interface PieceState {
  readonly record: PieceRecord | undefined;
  readonly isLoading: boolean;
  readonly failure: string | undefined;
  readonly reload: () => void;
}

/** One piece, from the list that is held. */
export const usePieceRecord = (pieceId: string): PieceState => {
  const { record, isLoading, error, refetch } = usePiecesQuery(undefined, {
    selectFromResult: ({ data, isLoading, error }) => ({
      record: data?.find((it) => it.piece.id === pieceId),
      isLoading,
      error,
    }),
  });
  return {
    record,
    isLoading,
    failure: error && !record ? failureOf(error).text : undefined,
    reload: () => void refetch(),
  };
};

/** Makes a change to a piece; the word about it carries the undo. Resolves to whether it was stored. */
export type MakeChange = (pieceId: string, change: Change, done: string) => Promise<boolean>;

let last: Promise<unknown> = Promise.resolve();

/** One change after the other, so that two quick taps don't both build on the same revision. */
const inTurn = <T>(work: () => Promise<T>): Promise<T> => {
  const next = last.then(work);
  last = next.catch(() => undefined);
  return next;
};

const selectPieces = api.endpoints.pieces.select();

export const useChange = (): MakeChange => {
  const [send] = useChangePieceMutation();
  const dispatch = useAppDispatch();
  const current = useStore<Parameters<typeof selectPieces>[0]>();
  return useCallback(
    (pieceId, change, done) =>
      inTurn(async () => {
        const record = selectPieces(current.getState()).data?.find((it) => it.piece.id === pieceId);
        if (!record) return false;
        const result = await send({ pieceId, revision: record.revision, change });
        if (result.error) {
          dispatch(noticed({ text: failureOf(result.error).text, tone: 'vermilion' }));
          return false;
        }
        const undo = undoOf(record.piece, change);
        dispatch(
          noticed({
            text: done,
            tone: 'plain',
            ...(undo ? { undo: { pieceId, change: undo } } : {}),
          }),
        );
        return true;
      }),
    [send, dispatch, current],
  );
};
