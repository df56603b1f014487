import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { useSelector } from 'react-redux';
import type { Link, Storage } from '@/device';

/** How this device stands to the shop, and whether it can store anything. */
export interface LinkState {
  readonly link: Link;
  readonly storage: Storage;
}

const initialState: LinkState = { link: 'connecting', storage: 'device' };

export const linkSlice = createSlice({
  name: 'link',
  initialState,
  reducers: {
    linkTold: (state, { payload }: PayloadAction<Link>) => ({ ...state, link: payload }),
    storageTold: (state, { payload }: PayloadAction<Storage>) => ({ ...state, storage: payload }),
  },
});

export const { linkTold, storageTold } = linkSlice.actions;

export const useLink = (): LinkState => useSelector((state: { link: LinkState }) => state.link);
