import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { useSelector } from 'react-redux';

/** What belongs to this device and not to the shop. */
export interface Preferences {
  /** Light or dark, or as the device has it. */
  readonly light: 'device' | 'light' | 'dark';
}

const initialState: Preferences = { light: 'device' };

export const preferencesSlice = createSlice({
  name: 'preferences',
  initialState,
  reducers: {
    lightChosen: (_, action: PayloadAction<Preferences['light']>) => ({ light: action.payload }),
  },
});

export const { lightChosen } = preferencesSlice.actions;

export const usePreferences = (): Preferences =>
  useSelector((state: { preferences: Preferences }) => state.preferences);
