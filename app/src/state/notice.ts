import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { useSelector } from 'react-redux';

/** A word about what just happened, with the entry that can be taken back where there is one. */
export interface Notice {
  readonly text: string;
  readonly tone: 'plain' | 'vermilion';
  readonly undo?: { readonly pieceId: string | null; readonly entryIds: readonly string[] };
}

const initialState: { notice: Notice | null } = { notice: null };

export const noticeSlice = createSlice({
  name: 'notice',
  initialState,
  reducers: {
    noticed: (_, action: PayloadAction<Notice>) => ({ notice: action.payload }),
    noticeGone: () => initialState,
  },
});

export const { noticed, noticeGone } = noticeSlice.actions;

export const useNotice = (): Notice | null =>
  useSelector((state: { notice: typeof initialState }) => state.notice.notice);
