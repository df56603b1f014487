import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { useSelector } from 'react-redux';

/** What was typed into a form and not stored yet, by form. Survives leaving and reloading. */
export type Drafts = Readonly<Record<string, unknown>>;

const initialState: Drafts = {};

export const draftSlice = createSlice({
  name: 'drafts',
  initialState,
  reducers: {
    draftTyped: (state, action: PayloadAction<{ form: string; values: unknown }>) => ({
      ...state,
      [action.payload.form]: action.payload.values,
    }),
    draftsRestored: (_, action: PayloadAction<Drafts>) => action.payload,
    draftCleared: (state, action: PayloadAction<string>) =>
      Object.fromEntries(Object.entries(state).filter(([form]) => form !== action.payload)),
  },
});

export const { draftTyped, draftCleared, draftsRestored } = draftSlice.actions;

export const useDraft = (form: string): unknown =>
  useSelector((state: { drafts: Drafts }) => state.drafts[form]);
